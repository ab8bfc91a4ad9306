<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import FloorHelp from '@/components/floor-help/FloorHelp.vue'
import PageState from '@/components/page-state/PageState.vue'
import HallSign from '@/components/hall-sign/HallSign.vue'
import { useClicker } from '@/composables/sound/useClicker'
import { useTonight } from '@/composables/evening/useTonight'
import { useWakeLock } from '@/composables/device/useWakeLock'
import { MODE_WORDS, type School } from '@/domain/labels'
import { sectionWords } from '@/domain/sections'
import { minutesSeconds } from '@/domain/time'
import { useTeach } from './useTeach'

/** A teach while it is taught: one drill at a time, to be read from a chair; one key moves on. */
const route = useRoute()
const router = useRouter()
useWakeLock()
const dance = computed(() => Number(route.params.id))
const group = ref<number | undefined>(Number(route.query.group) || undefined)
const minutes = ref(Number(route.query.minutes) || 20)
const school = ref(route.query.school as School | undefined)
const classId = computed(() => Number(route.query.class) || undefined)
const { sheet, problem, loading, open } = useTeach(dance, group, minutes, school)
const tonight = useTonight(classId)
const { noted } = tonight
const at = ref(0)
const began = ref<number>()
const now = ref(Date.now())
useIntervalFn(() => (now.value = Date.now()), 1000)
watch(dance, () => open(), { immediate: true })

const drills = computed(() => sheet.value?.drills ?? [])
const drill = computed(() => drills.value[at.value])
const next = computed(() => drills.value[at.value + 1])
const run = computed(() =>
  began.value === undefined ? 0 : Math.max(0, Math.floor((now.value - began.value) / 1000)),
)
const left = computed(() => minutes.value * 60 - run.value)
const behind = computed(() => Math.round((run.value - (drill.value?.startSecond ?? 0)) / 60))
const backTo = computed(() =>
  classId.value
    ? `/classes/${classId.value}/floor`
    : `/dances/${dance.value}/teach?group=${group.value ?? ''}`,
)

/** What has been practised by now, as it is noted for the log. */
function note(done: number) {
  const shown = drills.value[done - 1]?.practised ?? []
  if (!sheet.value || shown.length === 0) return
  const whole = sheet.value.whole && done === drills.value.length
  const took = Math.max(1, Math.min(240, Math.round(run.value / 60)))
  const form = {
    dance: dance.value,
    happened: whole ? ('TAUGHT' as const) : ('INTRODUCED' as const),
    shown: whole ? [] : shown,
    outcome: 'SOLID' as const,
    more: { spots: [], minutes: took, options: '' },
  }
  void tonight.note(form, `${whole ? 'taught to the end' : sectionWords(shown)}, ${took} min`)
}

function go() {
  if (began.value === undefined) {
    began.value = Date.now()
    return
  }
  const grown = drills.value[at.value].practised.length > (drills.value[at.value - 1]?.practised.length ?? 0)
  if (grown || !next.value) note(at.value + 1)
  if (next.value) at.value++
  else void router.push(backTo.value)
}
function goBack() {
  at.value = Math.max(0, at.value - 1)
}
/** Stopped here: the drill that is on was done, too. */
function stop() {
  if (began.value !== undefined) note(at.value + 1)
  void router.push(backTo.value)
}

useClicker({ on: go, back: goBack, leave: () => void router.push(backTo.value) })
</script>

<template>
  <div class="stage">
    <PageState :loading :problem="sheet ? '' : problem" :ready="!!sheet" @again="open()">
      <template v-if="sheet && drill">
        <header>
          <RouterLink :to="backTo" class="back">‹ {{ sheet.title }}</RouterLink>
          <FloorHelp />
          <p class="clock">
            <span class="quiet number">{{ at + 1 }} of {{ drills.length }}</span>
            <b class="number" :class="{ over: left < 0 }">{{
              left < 0 ? `over by ${minutesSeconds(-left)}` : minutesSeconds(left)
            }}</b>
            <span v-if="began && behind > 1" class="chip due">{{ behind }} min behind</span>
          </p>
        </header>
        <section class="now" aria-live="polite">
          <p class="kind">
            {{ MODE_WORDS[drill.mode]
            }}<template v-if="drill.mode !== 'WORDS'">, {{ drill.percent }} %</template
            ><template v-if="drill.repetitions > 1">, {{ drill.repetitions }} times</template>
          </p>
          <div class="row">
            <p class="title">{{ drill.label }}</p>
            <HallSign
              :facing="drill.startFacing"
              :start="drill.startFacing"
              :size="110"
              what="the class faces"
            />
          </div>
          <ul class="say">
            <li v-for="one in drill.say" :key="one.text">{{ one.text }}</li>
          </ul>
        </section>
        <footer class="foot">
          <p class="next">
            <template v-if="next"
              >then <b>{{ next.label }}</b> <span class="quiet">{{ MODE_WORDS[next.mode] }}</span></template
            >
            <template v-else>then its music</template>
          </p>
          <p v-if="noted" class="quiet" role="status">{{ noted }}</p>
          <div class="keys">
            <button type="button" class="huge narrow" :disabled="at === 0" @click="goBack">
              ‹<small>back</small>
            </button>
            <button type="button" class="huge yes" @click="go">
              {{ began === undefined ? 'Begin' : next ? 'Next drill' : 'Done'
              }}<small>Space or clicker</small>
            </button>
            <button v-if="began" type="button" class="huge" @click="stop">
              Stop here<small>note how far</small>
            </button>
          </div>
        </footer>
      </template>
      <p v-else-if="sheet">There are no drills in this teach.</p>
    </PageState>
  </div>
</template>

<style scoped>
.clock {
  display: flex;
  gap: var(--space-3);
  align-items: baseline;
  font-size: var(--size-7);
}
.clock b {
  font: 700 var(--size-11)/1 var(--type-head);
}
.clock .over {
  color: var(--wrong);
  font-size: var(--size-10);
}
.now {
  flex: 1;
  display: grid;
  gap: var(--space-3);
  align-content: center;
}
.now .row {
  justify-content: space-between;
  flex-wrap: nowrap;
}
.kind {
  font: 700 clamp(22px, 3vw, 34px) var(--type-head);
  color: var(--accent);
}
.title {
  font: 700 clamp(38px, 7vw, 84px) / 1.02 var(--type-head);
  letter-spacing: -0.02em;
}
.say {
  margin: 0;
  padding-left: 24px;
  font-size: clamp(20px, 2.8vw, 32px);
  line-height: 1.3;
}
.next {
  font-size: clamp(20px, 2.8vw, 32px);
}
.foot {
  display: block;
}
.foot .keys {
  margin: var(--space-2) 0;
}
</style>
