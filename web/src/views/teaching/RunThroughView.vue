<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { computed, onMounted } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, ask } from '@/api/client'
import PageState from '@/components/page-state/PageState.vue'
import ClockSwitch from '@/components/clock-switch/ClockSwitch.vue'
import { provideClock } from '@/composables/useClock'
import { useLoad } from '@/composables/useLoad'
import { useTonight } from '@/composables/useTonight'
import { useWakeLock } from '@/composables/useWakeLock'
import { CLOCK_VIEWS } from '@/domain/clock-view'
import { OUTCOME_WORDS } from '@/domain/labels'
import NowDancing from './NowDancing.vue'
import { useRunThrough, type Answer } from './useRunThrough'

/** A dance from slow to full speed, with one key or a clicker. */
const route = useRoute()
const router = useRouter()
useWakeLock()
const id = computed(() => Number(route.params.id))
const group = computed(() => Number(route.query.group) || undefined)
const { data, problem, loading, load } = useLoad(() =>
  ask(
    api.GET('/api/dances/{id}/run-through', {
      params: { path: { id: id.value }, query: { group: group.value } },
    }),
  ),
)
onMounted(load)
const classId = computed(() => Number(route.query.class) || undefined)
const backTo = computed(() => (classId.value ? `/classes/${classId.value}/floor` : `/dances/${id.value}`))
const tonight = useTonight(classId)
const { noted } = tonight
const OUTCOME = { CLEAN: 'SOLID', SHAKY: 'SHAKY', LOST: 'LOST' } as const

/** In a class, what was reached notes itself. */
function reached(how: Answer, percent: number) {
  const more = { spots: [], percent, options: '' }
  const outcome = OUTCOME[how]
  const form = { dance: id.value, happened: 'DANCED_CALLED' as const, shown: [], outcome, more }
  void tonight.note(form, `${percent} %, ${OUTCOME_WORDS[outcome]}`)
}

const { beat, rung, from, length, asking, finished, suggestion, moment, now, play, pause, go, answer } =
  useRunThrough(data, id, group, reached)

const LENGTHS = [
  { label: '1 wall', value: 1 },
  { label: '2 walls', value: 2 },
  { label: '4 walls', value: 4 },
  { label: 'the whole song', value: 99 },
]
const view = provideClock()
const viewName = computed(() => CLOCK_VIEWS.find((one) => one.value === view.value)?.name)

useEventListener(window, 'keydown', (event: KeyboardEvent) => {
  const target = event.target as HTMLElement
  if (target.closest('input, textarea, [role=combobox], [role=listbox]')) return
  const key = event.key
  if (key === ' ' || key === 'Enter') {
    if (target.closest('button, a') && key === 'Enter') return
    event.preventDefault()
    if (asking.value) void answer('CLEAN')
    else if (beat.playing.value) pause()
    else void play()
  } else if (key === 'PageDown' || key === 'ArrowRight') {
    event.preventDefault()
    if (asking.value) void answer('CLEAN')
    else go(rung.value + 1)
  } else if (key === 'PageUp' || key === 'ArrowLeft') {
    event.preventDefault()
    if (asking.value) void answer('LOST')
    else go(rung.value - 1)
  } else if (key === 'Escape') {
    void router.push(backTo.value)
  }
})
</script>

<template>
  <div class="stage">
    <PageState :loading :problem :ready="!!data" @again="load">
      <template v-if="data && moment && now">
        <header>
          <RouterLink :to="backTo" class="back">‹ {{ data.title }}</RouterLink>
          <div class="rungs" role="group" aria-label="Speed">
            <button
              v-for="(one, i) in data.ladder"
              :key="one.percent"
              type="button"
              :class="{ on: i === rung, done: i < rung }"
              :aria-pressed="i === rung"
              @click="go(i)"
            >
              <b>{{ one.percent }} %</b><span class="number">{{ Math.round(one.countsPerMinute) }}</span>
            </button>
          </div>
        </header>

        <NowDancing :moment :view-name="viewName ?? ''" :view />

        <p v-if="suggestion && !beat.playing.value" class="suggestion" role="status">{{ suggestion }}</p>
        <p v-if="noted && !beat.playing.value" class="quiet" role="status">{{ noted }}</p>
        <footer>
          <div v-if="asking" class="asks" role="group" aria-label="How was that?">
            <button type="button" class="huge yes" @click="answer('CLEAN')">
              Clean<small>{{ rung === data.ladder.length - 1 ? 'full speed: done' : 'a rung up' }}</small>
            </button>
            <button type="button" class="huge" @click="answer('SHAKY')">Shaky<small>again</small></button>
            <button type="button" class="huge" @click="answer('LOST')">Lost<small>a rung down</small></button>
          </div>
          <template v-else>
            <button v-if="beat.playing.value" type="button" class="huge" @click="pause">
              Stop<small>Space</small>
            </button>
            <button v-else type="button" class="huge yes" @click="play">
              {{ finished ? 'Full speed reached. Once more' : 'Count in' }}<small>Space</small>
            </button>
            <div class="choose">
              <label>
                from wall
                <el-input-number
                  v-model="from"
                  :min="1"
                  :max="data.walls.length"
                  style="width: 120px"
                  aria-label="From wall"
                />
              </label>
              <label>
                dance
                <el-select v-model="length" style="width: 150px" aria-label="How many walls">
                  <el-option v-for="one in LENGTHS" :key="one.value" v-bind="one" />
                </el-select>
              </label>
              <ClockSwitch v-model="view" small />
              <span class="quiet">
                {{
                  data.rateKnown
                    ? `Full speed ${data.fullRate} counts a minute.`
                    : `No song tempo known: ${data.fullRate} counts a minute are taken.`
                }}
                {{ data.ladderForKnown ? 'Starts higher: the group knows it.' : '' }}
              </span>
            </div>
          </template>
        </footer>
      </template>
      <p v-else-if="data">This dance has no walls to run through.</p>
    </PageState>
  </div>
</template>

<style scoped>
.rungs {
  display: flex;
  gap: 4px;
  align-items: end;
}
.rungs button {
  border: 2px solid var(--line);
  background: var(--surface);
  border-radius: var(--radius-small);
  padding: 4px 12px;
  cursor: pointer;
  display: grid;
  text-align: center;
  min-height: 48px;
}
.rungs span {
  font-size: 13px;
}
.rungs .done {
  background: var(--accent-wash);
}
.rungs .on {
  background: var(--action);
  border-color: var(--notice);
  color: var(--on-action);
}
.suggestion {
  background: var(--notice-wash);
  border-left: 6px solid var(--notice);
  padding: var(--space-2) var(--space-4);
  font-size: 20px;
}
.huge {
  flex: 0 0 auto;
  padding-inline: var(--space-6);
}
.asks {
  display: flex;
  gap: var(--space-3);
  flex-wrap: wrap;
  width: 100%;
}
.asks .huge {
  flex: 1 1 150px;
}
.choose {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-4);
  align-items: center;
}
.choose label {
  display: flex;
  gap: 8px;
  align-items: center;
}
@media (max-width: 700px) {
  .stage {
    padding: var(--space-2) var(--space-3);
  }
  .huge {
    width: 100%;
  }
  .asks .huge {
    width: auto;
    padding-inline: 8px;
    flex-basis: 90px;
  }
  .rungs {
    width: 100%;
  }
  .rungs button {
    flex: 1;
    padding: 4px 2px;
  }
}
</style>
