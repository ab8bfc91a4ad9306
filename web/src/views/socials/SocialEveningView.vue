<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import FloorHelp from '@/components/floor-help/FloorHelp.vue'
import PageState from '@/components/page-state/PageState.vue'
import { confirmed } from '@/composables/page/confirm'
import { useDo } from '@/composables/page/useDo'
import { useSession } from '@/composables/people/useSession'
import { useWakeLock } from '@/composables/device/useWakeLock'
import { minutesSeconds } from '@/domain/time'
import {
  calledOf,
  HOW_WORDS,
  onNow,
  PAUSE_WORDS,
  isSong,
  songOf,
  timeAt,
  titleOf,
  toCome,
  type Line,
} from './order'
import ProposedOrder from './ProposedOrder.vue'
import { secondsSince } from './since'
import { useSocial } from './useSocial'

/** A social while it is on: what is danced, what comes next, and what to do when it runs late. */
const MINUTE = 60
const route = useRoute()
const id = computed(() => Number(route.params.id))
const social = useSocial(() => id.value)
const { data: sheet, problem, loading, load, proposed, names } = social
const session = useSession()
const mayRecord = computed(() => session.may('LOG') && session.may('EVERY_CLASS'))
const { busy, run } = useDo()
useWakeLock()
const now = ref(Date.now())
useIntervalFn(() => (now.value = Date.now()), 1000)
watch(id, load, { immediate: true })

const lines = computed(() => sheet.value?.order.lines ?? [])
const on = computed(() => onNow(lines.value))
const coming = computed(() => toCome(lines.value))
const next = computed(() => coming.value[0])
/** What comes in between before the next song. */
const pause = computed(() => {
  const at = next.value ? lines.value.indexOf(next.value) - 1 : -1
  return at >= 0 && !isSong(lines.value[at]) ? lines.value[at] : undefined
})
/** Seconds since the beginning; on another day than the evening's, it is rehearsed and never late. */
const since = computed(() => (sheet.value ? secondsSince(sheet.value, now.value) : undefined))
const planned = computed(() => (on.value ? on.value.start + on.value.seconds : 0))
const begun = computed(() => since.value ?? next.value?.start ?? planned.value)
const left = computed(() =>
  since.value === undefined || !on.value ? undefined : on.value.start + on.value.seconds - since.value,
)
/** Minutes that the order lasts too long from here on. */
const late = computed(() => {
  if (!sheet.value) return 0
  const slip = Math.max(0, begun.value - (next.value?.start ?? begun.value))
  return Math.ceil((sheet.value.order.endsAt + slip - sheet.value.minutes * MINUTE) / MINUTE)
})
const who = (line: Line) =>
  line.who.length === sheet.value?.guests.length
    ? 'everybody'
    : line.who.map((one) => names.value.get(one)).join(', ')

const play = (line: Line) => run(() => social.play(songOf(line), Math.max(0, Math.round(begun.value))))
const planRest = () => run(() => social.plan(Math.max(0, Math.round(begun.value))))
const take = () => run(() => social.order(toCome(proposed.value?.lines ?? []).map((line) => songOf(line))))
async function record() {
  const words = 'Every group gets what it danced tonight into its record. That is done once.'
  if (await confirmed('Into the record', words, 'Write it down', 'Not yet')) {
    await run(() => social.record(), 'It is in the record of every group.')
  }
}
</script>

<template>
  <PageState :loading="loading && !sheet" :problem :ready="!!sheet" @again="load">
    <div v-if="sheet" class="stage">
      <header>
        <RouterLink class="back" :to="`/socials/${id}`">‹ {{ sheet.name }}</RouterLink>
        <FloorHelp />
        <span class="number" :class="{ wrong: late > 0 }">
          {{ since === undefined ? 'not tonight: a rehearsal' : timeAt(sheet.startsAt, since) }}
          <template v-if="late > 0"> · {{ late }} min late</template>
        </span>
      </header>
      <main class="stack">
        <section class="now" aria-label="Now">
          <p class="quiet">{{ on ? 'Now' : 'Nothing was played yet' }}</p>
          <template v-if="on">
            <h1>{{ titleOf(on) }}</h1>
            <p>
              <span v-if="on.how && HOW_WORDS[on.how]" class="chip due">{{ HOW_WORDS[on.how] }}</span>
              {{ who(on) }}<template v-if="on.song"> · {{ on.song }}</template>
              <b v-if="left !== undefined && left > 0" class="number"> · {{ minutesSeconds(left) }}</b>
            </p>
          </template>
        </section>
        <section v-if="next" class="next" aria-label="Next">
          <p class="quiet">
            <template v-if="pause?.pause"
              >First: {{ PAUSE_WORDS[pause.pause].toLowerCase() }},
              {{ Math.round(pause.seconds / MINUTE) }} minutes.
            </template>
            Next, {{ timeAt(sheet.startsAt, Math.max(next.start, begun)) }}
          </p>
          <h2>{{ titleOf(next) }}</h2>
          <p>
            <span v-if="next.how && HOW_WORDS[next.how]" class="chip due">{{ HOW_WORDS[next.how] }}</span>
            {{ who(next) }}<template v-if="next.song"> · {{ next.song }}</template
            ><template v-if="next.location"> · {{ next.location }}</template>
          </p>
        </section>
        <p v-else-if="on" class="card">
          That was the last one on the list.<template v-if="!mayRecord && !sheet.recorded">
            An instructor writes into the record of every group what was danced.</template
          >
        </p>
        <ProposedOrder
          v-if="proposed"
          :sheet
          :order="proposed"
          :busy
          @take="take"
          @leave="proposed = undefined"
        />
        <details v-if="coming.length > 1" class="card">
          <summary>{{ coming.length - 1 }} more: play another one now</summary>
          <ul class="rows">
            <li v-for="line in coming.slice(1)" :key="line.start" class="row spread">
              <span>
                <span class="number quiet">{{ timeAt(sheet.startsAt, line.start) }}</span> {{ titleOf(line) }}
                <span class="quiet">{{ who(line) }}</span>
              </span>
              <el-button
                v-if="session.may('LEAD')"
                size="small"
                :disabled="busy || sheet.recorded"
                :aria-label="`Now: ${calledOf(line)}`"
                @click="play(line)"
                >Now</el-button
              >
            </li>
          </ul>
        </details>
        <p v-if="sheet.recorded" class="quiet">What was danced is in the record of every group.</p>
      </main>
      <footer v-if="session.may('LEAD') && !sheet.recorded" class="foot">
        <div class="keys">
          <button
            class="huge narrow"
            type="button"
            :disabled="!on || busy"
            aria-label="The last one was not played"
            @click="run(() => social.unplay())"
          >
            ‹
          </button>
          <button v-if="next" class="huge yes" type="button" :disabled="busy" @click="play(next)">
            Play<small>{{ titleOf(next) }}</small>
          </button>
          <button
            v-else-if="mayRecord"
            class="huge yes"
            type="button"
            :disabled="busy || !on"
            @click="record"
          >
            Write it down<small>into the record of every group</small>
          </button>
        </div>
        <div class="row spread">
          <el-button :loading="busy" :disabled="!coming.length" @click="planRest">{{
            late > 0 ? `${late} min late: plan the rest` : 'Plan the rest anew'
          }}</el-button>
          <el-button v-if="next && on && mayRecord" text :disabled="busy" @click="record"
            >It is over</el-button
          >
        </div>
      </footer>
    </div>
  </PageState>
</template>

<style scoped>
.now h1 {
  font-size: clamp(34px, 9vw, 64px);
}
.next {
  border-top: 2px solid var(--line);
  padding-top: var(--space-3);
}
.next h2 {
  font-size: clamp(24px, 6vw, 38px);
}
.wrong {
  color: var(--wrong);
  font-weight: 700;
}
.foot {
  position: sticky;
  bottom: 0;
  background: var(--ground);
  padding-bottom: var(--space-3);
}
.foot > .row {
  width: 100%;
}
</style>
