<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { api, ask } from '@/api/client'
import ClockSwitch from '@/components/clock-switch/ClockSwitch.vue'
import PageState from '@/components/page-state/PageState.vue'
import { provideHallClock } from '@/composables/sound/useClock'
import { useLoad } from '@/composables/page/useLoad'
import { useWakeLock } from '@/composables/device/useWakeLock'
import { upTo } from '@/domain/sections'
import { minutesSeconds } from '@/domain/time'
import CandidateList from './CandidateList.vue'
import ClaimForm from './ClaimForm.vue'
import FacingPicker from './FacingPicker.vue'
import { useWalls } from './useWalls'

/** For the floor: from what one sees and hears, which wall it is. */
const ASK_AGAIN_MS = 2000

useWakeLock()
const { id, query, link, evening, data, problem, loading, load } = useWalls()
const view = provideHallClock()

const facing = ref<number>()
const section = ref<number>()
const count = ref<number>()
const figure = ref('')
const seconds = ref<number>()
const startedAt = ref<number>()

const running = computed(() => startedAt.value !== undefined)
const seen = computed(() => ({
  facing: facing.value,
  section: section.value,
  count: count.value,
  figure: figure.value || undefined,
  seconds: seconds.value,
}))
const anything = computed(() => Object.values(seen.value).some((one) => one !== undefined))
const found = useLoad(() =>
  ask(
    api.GET('/api/dances/{id}/where-are-we', {
      params: { path: { id: id.value }, query: { ...query.value, ...seen.value } },
    }),
  ),
)
watch([id, query, seen], () => (anything.value ? found.load() : undefined))

useIntervalFn(() => {
  if (startedAt.value !== undefined) {
    seconds.value = Math.floor((Date.now() - startedAt.value) / 1000)
  }
}, ASK_AGAIN_MS)

function musicStarts() {
  startedAt.value = running.value ? undefined : Date.now() - (seconds.value ?? 0) * 1000
  seconds.value = seconds.value ?? 0
}
function shift(by: number) {
  seconds.value = Math.max(0, (seconds.value ?? 0) + by)
  if (running.value) startedAt.value = Date.now() - seconds.value * 1000
}
function clear() {
  facing.value = section.value = count.value = seconds.value = startedAt.value = undefined
  figure.value = ''
}
const sections = computed(() => upTo(data.value?.sections ?? 0))
const toggled = (now: number | undefined, wanted: number) => (now === wanted ? undefined : wanted)
</script>

<template>
  <div class="stage">
    <PageState :loading :problem :ready="!!data" @again="load">
      <template v-if="data">
        <header class="row spread">
          <RouterLink :to="evening ?? `/dances/${id}/walls${link}`" class="back"
            >‹ {{ data.title }}</RouterLink
          >
          <button class="plain-button" type="button" @click="clear">Clear</button>
        </header>
        <h1>Where are we?</h1>
        <div class="halves">
          <div class="ask">
            <FacingPicker v-model="facing" />
            <div class="row tight" role="group" aria-label="Section">
              <span class="quiet name">section</span>
              <button
                v-for="n in sections"
                :key="n"
                type="button"
                class="key"
                :class="{ on: section === n }"
                :aria-pressed="section === n"
                @click="section = toggled(section, n)"
              >
                {{ n }}
              </button>
              <button
                type="button"
                class="key"
                :class="{ on: section === 0 }"
                :aria-pressed="section === 0"
                @click="section = toggled(section, 0)"
              >
                tag
              </button>
            </div>
            <div class="row tight" role="group" aria-label="Count">
              <span class="quiet name">count</span>
              <button
                v-for="n in data.sectionCounts"
                :key="n"
                type="button"
                class="key"
                :class="{ on: count === n }"
                :aria-pressed="count === n"
                @click="count = toggled(count, n)"
              >
                {{ n }}
              </button>
            </div>
            <div class="row tight">
              <span class="quiet name">figure</span>
              <el-select
                v-model="figure"
                clearable
                filterable
                aria-label="Figure"
                placeholder="not sure"
                class="grow"
              >
                <el-option v-for="one in data.figures" :key="one" :label="one" :value="one" />
              </el-select>
            </div>
            <div class="row tight">
              <span class="quiet name">music</span>
              <button type="button" class="key" aria-label="10 seconds less" @click="shift(-10)">−10</button>
              <b class="time number" data-testid="time">{{
                seconds === undefined ? '–:––' : minutesSeconds(seconds)
              }}</b>
              <button type="button" class="key" aria-label="10 seconds more" @click="shift(10)">+10</button>
              <button type="button" class="key wide" :class="{ on: running }" @click="musicStarts">
                {{ running ? 'Hold' : seconds === undefined ? 'It starts now' : 'Run on' }}
              </button>
            </div>
          </div>
          <div class="answers" aria-live="polite">
            <p v-if="!anything" class="quiet">
              Press what you can see or hear: the wall they face, the count, the figure, roughly how long the
              music has run. What you do not know, leave.
            </p>
            <p v-if="found.problem.value" role="alert">{{ found.problem.value }}</p>
            <template v-else-if="anything && found.data.value">
              <p v-if="found.data.value.candidates.length === 0"><b>No wall is like that.</b></p>
              <p v-if="found.data.value.dropped" class="dropped">
                Nothing fits all of it; {{ found.data.value.dropped }} is left out.
              </p>
              <CandidateList :candidates="found.data.value.candidates" />
            </template>
            <ClaimForm :dance="id" :optional="query.optional" />
            <ClockSwitch v-model="view" small in-hall />
          </div>
        </div>
      </template>
    </PageState>
  </div>
</template>

<style scoped>
.stage {
  padding: var(--space-3) var(--space-4);
  display: grid;
  gap: var(--space-2);
  max-width: 1320px;
  margin: 0 auto;
}
.back {
  font: 700 var(--size-7) var(--type-head);
  color: inherit;
  text-decoration: none;
}
h1 {
  font-size: var(--size-9);
}
.halves {
  display: grid;
  grid-template-columns: 420px minmax(0, 1fr);
  gap: var(--space-5);
}
.ask,
.answers {
  display: grid;
  gap: var(--space-3);
  align-content: start;
}
.tight {
  gap: 5px;
  flex-wrap: wrap;
}
.name {
  width: 46px;
}
.grow {
  flex: 1;
}
.key {
  min-width: 30px;
  min-height: 44px;
  flex: 1 1 28px;
  max-width: 64px;
  padding: 0 2px;
  border: 1px solid var(--text-soft);
  border-radius: var(--radius-small);
  background: var(--surface);
  font-weight: 700;
  cursor: pointer;
}
.key.wide {
  max-width: none;
  flex: 2 1 104px;
}
.key.on {
  background: var(--action);
  color: var(--on-action);
  border-color: var(--notice);
}
.time {
  font: 800 var(--size-9) var(--type-head);
  min-width: 66px;
  text-align: center;
}
.dropped {
  background: var(--notice-wash);
  padding: 4px 10px;
  border-radius: var(--radius-small);
}
@media (max-width: 1000px) {
  .halves {
    grid-template-columns: minmax(0, 1fr);
    gap: var(--space-3);
  }
  .stage {
    padding: var(--space-2) var(--space-3);
  }
  .ask {
    gap: var(--space-2);
  }
}
</style>
