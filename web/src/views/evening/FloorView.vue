<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, ask, type Schemas } from '@/api/client'
import FloorHelp from '@/components/floor-help/FloorHelp.vue'
import PageState from '@/components/page-state/PageState.vue'
import { confirmed } from '@/composables/page/confirm'
import { useClicker } from '@/composables/sound/useClicker'
import { keptAs, useEvening } from '@/composables/evening/useEvening'
import { useKept } from '@/composables/device/useKept'
import { useWakeLock } from '@/composables/device/useWakeLock'
import {
  back,
  behind,
  fresh,
  minutesLeft,
  minutesNow,
  nextOf,
  scheduled,
  secondsOfLine,
  sinceRest,
  step,
} from '@/domain/evening'
import { KIND_WORDS } from '@/domain/labels'
import { hourMinute, minutesSeconds } from '@/domain/time'
import LatePanel from './LatePanel.vue'
import RestList from './RestList.vue'

/** A class while it is on: what is danced, what comes next, how long there is; one key moves on. */
const route = useRoute()
const router = useRouter()
useWakeLock()
const id = computed(() => Number(route.params.id))
const { data, problem, loading, load, old } = useKept(
  () => keptAs('class-copy', id.value),
  () => ask(api.GET('/api/classes/{id}', { params: { path: { id: id.value } } })),
)
const evening = useEvening(id)
const late = ref(false)
const now = ref(Date.now())
useIntervalFn(() => (now.value = Date.now()), 1000)

watch(id, load, { immediate: true })

const lines = computed(() => data.value?.lines ?? [])
const on = computed(() => lines.value.find((line) => line.id === evening.value.on))
const next = computed(() => nextOf(evening.value, lines.value))
const begun = computed(() => evening.value.on !== undefined)
const over = computed(() => evening.value.ended !== undefined)
const seconds = computed(() => secondsOfLine(evening.value, lines.value, now.value))
const left = computed(() => minutesLeft(evening.value, data.value?.minutes ?? 0, now.value))
const lateBy = computed(() => behind(evening.value, lines.value, data.value?.minutes ?? 0, now.value))
const since = computed(() => sinceRest(evening.value, lines.value, now.value))

function go() {
  if (!data.value || over.value) return
  late.value = false
  evening.value = step(evening.value, lines.value, scheduled(data.value), now.value)
}
function goBack() {
  late.value = false
  evening.value = back(evening.value, lines.value)
}

function take(answer: Schemas['LateView']) {
  const minutes = Object.fromEntries(answer.lines.map((line) => [line.line, line.minutes]))
  evening.value = { ...evening.value, now: { ...evening.value.now, ...minutes } }
  late.value = false
}
function toggle(line: Schemas['LineView']) {
  const minutes = minutesNow(evening.value, line) > 0 ? 0 : line.minutes
  evening.value = { ...evening.value, now: { ...evening.value.now, [line.id]: minutes } }
}

async function again() {
  const words = 'Where the evening stands on this device is forgotten; the class itself is not touched.'
  if (await confirmed('Begin the evening again', words, 'Begin again', 'Keep')) evening.value = fresh()
}

const leadsTo = computed(() => {
  const line = on.value
  if (!line?.dance || !data.value) return []
  const query = `?group=${data.value.group}&class=${id.value}`
  const teach = `/dances/${line.dance}/teach/floor${query}&minutes=${minutesNow(evening.value, line)}`
  return [
    ...(line.kind === 'TEACH' ? [{ name: 'Teach', to: teach }] : []),
    ...(line.kind === 'REMINDER' ? [{ name: 'Walk-through', to: `${teach}&school=REMINDER` }] : []),
    { name: 'Run through', to: `/dances/${line.dance}/run-through${query}` },
    { name: 'Calls', to: `/dances/${line.dance}/calls${query}` },
    { name: 'Where are we?', to: `/dances/${line.dance}/where${query}` },
  ]
})

useClicker({ on: go, back: goBack, leave: () => void router.push(`/classes/${id.value}`) })
</script>

<template>
  <div class="stage">
    <PageState :loading :problem :ready="!!data" @again="load">
      <template v-if="data">
        <header>
          <RouterLink :to="`/classes/${id}`" class="back">‹ {{ data.groupName }}</RouterLink>
          <FloorHelp />
          <p v-if="begun && !over" class="left" role="status">
            <span
              ><b class="number">{{ Math.max(0, left) }}</b> min left</span
            >
            <span v-if="lateBy > 0" class="chip due">{{ lateBy }} min late</span>
            <span v-else-if="lateBy < 0" class="chip">{{ -lateBy }} min in hand</span>
            <span v-else class="chip">in time</span>
          </p>
        </header>
        <p v-if="old" class="note" role="status">
          The server does not answer; this is the order as it was last seen here. Moving on works all the
          same.
        </p>

        <LatePanel
          v-if="late && next"
          :class-id="id"
          :from="next.id"
          :left="Math.max(0, left)"
          :since
          :lines
          @take="take"
          @leave="late = false"
        />
        <section v-else-if="over" class="now">
          <p class="kind">The class is over</p>
          <p class="title">Write down how it was while it is fresh.</p>
          <RouterLink :to="`/classes/${id}/log`" class="huge yes">Write it down</RouterLink>
        </section>
        <section v-else-if="on" class="now wide" aria-live="polite">
          <div class="on">
            <p class="kind">{{ KIND_WORDS[on.kind] }}</p>
            <p class="title">{{ on.title }}</p>
            <p class="time number" :class="{ over: seconds < 0 }">
              {{ seconds < 0 ? `over by ${minutesSeconds(-seconds)}` : minutesSeconds(seconds) }}
            </p>
            <nav v-if="leadsTo.length" class="leads" aria-label="For this dance">
              <RouterLink v-for="one in leadsTo" :key="one.name" :to="one.to" class="lead">{{
                one.name
              }}</RouterLink>
            </nav>
            <p v-else-if="on.reasons.length" class="quiet">{{ on.reasons[0].text }}</p>
          </div>
          <RestList class="beside" :lines :evening :starts-at="data.startsAt" @toggle="toggle" />
        </section>
        <section v-else class="now">
          <p class="kind">{{ hourMinute(data.startsAt) }}, {{ data.place }}</p>
          <p class="title">{{ lines.length }} things in {{ data.minutes }} minutes</p>
          <RestList :lines :evening :starts-at="data.startsAt" @toggle="toggle" />
        </section>

        <footer class="foot">
          <p v-if="!over && !late" class="next">
            <template v-if="next">
              then <b>{{ next.title }}</b>
              <span class="quiet after"
                >{{ KIND_WORDS[next.kind] }}, {{ minutesNow(evening, next) }} min</span
              >
            </template>
            <template v-else-if="begun">then the end</template>
          </p>
          <div v-if="!late" class="keys">
            <button type="button" class="huge narrow" :disabled="!begun" @click="goBack">
              ‹<small>back</small>
            </button>
            <button v-if="!over" type="button" class="huge yes" @click="go">
              {{ !begun ? 'Begin' : next ? 'Next' : 'The end' }}<small>Space or clicker</small>
            </button>
            <button v-if="begun && !over && next" type="button" class="huge" @click="late = !late">
              Late?<small>for {{ Math.max(0, left) }} minutes</small>
            </button>
          </div>
          <details v-if="begun" class="rest">
            <summary>The whole evening</summary>
            <RestList :lines :evening :starts-at="data.startsAt" @toggle="toggle" />
            <button type="button" class="plain-button" @click="again">Begin the evening again</button>
          </details>
        </footer>
      </template>
    </PageState>
  </div>
</template>

<style scoped>
.left {
  display: flex;
  gap: var(--space-3);
  align-items: baseline;
  font-size: var(--size-8);
}
.left b {
  font: 700 var(--size-11)/1 var(--type-head);
}
.left .chip {
  font-size: var(--size-7);
}
.note {
  background: var(--notice-wash);
  border-left: 6px solid var(--notice);
  padding: var(--space-2) var(--space-3);
}
.now {
  display: grid;
  gap: var(--space-3);
  align-content: center;
  flex: 1;
}
.on {
  display: grid;
  gap: var(--space-3);
}
.wide {
  grid-template-columns: minmax(0, 1fr) minmax(0, 430px);
  gap: var(--space-6);
  align-items: center;
}
@media (max-width: 1000px) {
  .wide {
    grid-template-columns: minmax(0, 1fr);
  }
  .beside {
    display: none;
  }
}
@media (min-width: 1001px) {
  .rest {
    display: none;
  }
}
.foot {
  display: block;
}
.foot .keys {
  margin: var(--space-2) 0;
}
.kind {
  font: 700 var(--size-10) var(--type-head);
  color: var(--accent);
}
.title {
  font: 700 clamp(44px, 9vw, 104px) / 1 var(--type-head);
  letter-spacing: -0.02em;
  overflow-wrap: anywhere;
}
.time {
  font: 700 clamp(56px, 11vw, 128px) / 1 var(--type-head);
}
.time.over {
  color: var(--wrong);
  font-size: clamp(40px, 8vw, 84px);
}
.leads {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2);
}
.lead {
  display: inline-grid;
  place-items: center;
  min-height: 52px;
  padding: 0 var(--space-4);
  border: 2px solid var(--accent);
  border-radius: var(--radius);
  font: 700 var(--size-7) var(--type-head);
  color: inherit;
  text-decoration: none;
}
.next {
  font-size: clamp(22px, 3.4vw, 38px);
}
.next .quiet {
  font-size: 0.65em;
}
.rest summary {
  cursor: pointer;
  padding: var(--space-2) 0;
}
@media (max-width: 700px) {
  .kind {
    font-size: var(--size-8);
  }
}
</style>
