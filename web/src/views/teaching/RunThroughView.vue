<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, ask } from '@/api/client'
import FootSign from '@/components/foot-sign/FootSign.vue'
import HallSign from '@/components/hall-sign/HallSign.vue'
import PageState from '@/components/page-state/PageState.vue'
import ClockSwitch from '@/components/clock-switch/ClockSwitch.vue'
import { useBeat } from '@/composables/useBeat'
import { clockOf, provideClock } from '@/composables/useClock'
import { useLoad } from '@/composables/useLoad'
import { useWakeLock } from '@/composables/useWakeLock'
import { countsOf, momentAt } from '@/domain/beat'
import { CLOCK_VIEWS } from '@/domain/clock-view'

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

const beat = useBeat()
const rung = ref(0)
const from = ref(1)
const length = ref(1)
/** The rung has been danced and waits for an answer. */
const asking = ref(false)
const finished = ref(false)

const LENGTHS = [
  { label: '1 wall', value: 1 },
  { label: '2 walls', value: 2 },
  { label: '4 walls', value: 4 },
  { label: 'the whole song', value: 99 },
]
const now = computed(() => data.value?.ladder[rung.value])
const walls = computed(() => data.value?.walls.slice(from.value - 1, from.value - 1 + length.value) ?? [])
const countIn = computed(() => data.value?.sectionCounts ?? 8)
const moment = computed(() =>
  walls.value.length
    ? momentAt(walls.value, beat.counts.value, countIn.value, data.value?.sectionCounts ?? 8)
    : undefined,
)
const view = provideClock()
const { label } = clockOf(view)
const viewName = computed(() => CLOCK_VIEWS.find((one) => one.value === view.value)?.name)
const start = computed(() => moment.value?.wall.wall.startFacing ?? 0)
const facing = computed(() => moment.value?.step?.facing ?? moment.value?.wall.wall.startFacing ?? 0)

async function play() {
  if (!now.value || walls.value.length === 0) return
  asking.value = false
  finished.value = false
  await beat.start(now.value.secondsPerCount, countIn.value + countsOf(walls.value), countIn.value, () => {
    asking.value = true
  })
}

function pause() {
  beat.stop()
}

/** A rung chosen by hand: the answers before it count no more. */
function go(to: number) {
  stand(to)
  began.value = rung.value
  answers.value = []
  suggestion.value = ''
}

function stand(on: number) {
  const last = (data.value?.ladder.length ?? 1) - 1
  rung.value = Math.max(0, Math.min(last, on))
  beat.stop()
  beat.counts.value = 0
  asking.value = false
}

type Answer = 'CLEAN' | 'SHAKY' | 'LOST'
/** The answers since a rung was last chosen by hand, and that rung. */
const answers = ref<Answer[]>([])
const began = ref(0)
const suggestion = ref('')
/** An answer is on its way to the server. */
const following = ref(false)

/** The next rung follows from all answers; without an answer from the server the rung stays. */
async function answer(how: Answer) {
  if (!asking.value || following.value) return
  following.value = true
  answers.value = [...answers.value, how]
  let next = rung.value
  try {
    const step = await ask(
      api.GET('/api/dances/{id}/run-through/next', {
        params: {
          path: { id: id.value },
          query: { group: group.value, from: began.value, answers: answers.value },
        },
        querySerializer: { array: { style: 'form', explode: false } },
      }),
    )
    next = step.rung
    suggestion.value = step.suggestion?.text ?? ''
    finished.value = step.done
  } catch {
    suggestion.value = 'The server does not answer: choose the next speed yourself.'
  }
  following.value = false
  stand(next)
  if (!finished.value && !suggestion.value) void play()
}

watch([from, length], () => {
  beat.stop()
  beat.counts.value = 0
  asking.value = false
})

function onKey(event: KeyboardEvent) {
  const target = event.target as HTMLElement
  if (target.closest('input, textarea, [role=combobox], [role=listbox]')) return
  const key = event.key
  if (key === ' ' || key === 'Enter') {
    if (target.closest('button, a') && key === 'Enter') return
    event.preventDefault()
    if (asking.value) answer('CLEAN')
    else if (beat.playing.value) pause()
    else void play()
  } else if (key === 'PageDown' || key === 'ArrowRight') {
    event.preventDefault()
    if (asking.value) answer('CLEAN')
    else go(rung.value + 1)
  } else if (key === 'PageUp' || key === 'ArrowLeft') {
    event.preventDefault()
    if (asking.value) answer('LOST')
    else go(rung.value - 1)
  } else if (key === 'Escape') {
    void router.push(`/dances/${id.value}`)
  }
}
onMounted(() => window.addEventListener('keydown', onKey))
onBeforeUnmount(() => window.removeEventListener('keydown', onKey))
</script>

<template>
  <div class="stage">
    <PageState :loading :problem :ready="!!data" @again="load">
      <template v-if="data && moment && now">
        <header>
          <RouterLink :to="`/dances/${id}`" class="back">‹ {{ data.title }}</RouterLink>
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

        <div class="floor">
          <div class="hall">
            <HallSign :facing="facing" :start :size="190" what="now facing" />
            <p class="big number">{{ label(facing, start) }}</p>
            <p class="wall">
              Wall <b class="number">{{ moment.wall.wall.number }}</b>
              <span class="quiet">{{ viewName }}</span>
            </p>
            <p v-for="(event, i) in moment.wall.wall.events" :key="i" class="event">{{ event.text }}</p>
          </div>
          <div class="now" aria-live="off">
            <p v-if="moment.countIn" class="count number ready" data-testid="count">{{ moment.spoken }}</p>
            <p v-else class="count number" data-testid="count">{{ moment.spoken }}</p>
            <p class="call" data-testid="call">
              <template v-if="moment.countIn">ready</template>
              <template v-else>
                <FootSign
                  :foot="moment.step?.place.foot"
                  :weight="moment.step?.place.takesWeight"
                  :size="60"
                />
                {{ moment.step?.place.call ?? '' }}
              </template>
            </p>
            <p class="next">
              then <b>{{ moment.next?.place.call ?? (moment.done ? 'the end' : 'the next wall') }}</b>
            </p>
            <p v-if="moment.step && !moment.countIn" class="quiet">
              section {{ moment.step.place.section || 'tag' }}, {{ moment.step.place.action }}
            </p>
          </div>
        </div>

        <p v-if="suggestion && !beat.playing.value" class="suggestion" role="status">{{ suggestion }}</p>
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
.stage {
  min-height: 100vh;
  display: flex;
  flex-direction: column;
  justify-content: space-between;
  padding: var(--space-3) var(--space-5);
  gap: var(--space-3);
}
header,
footer {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: var(--space-3);
}
.back {
  font: 700 21px var(--type-head);
  color: inherit;
  text-decoration: none;
}
.rungs {
  display: flex;
  gap: 4px;
  align-items: end;
}
.rungs button {
  border: 2px solid var(--rule);
  background: var(--chalk);
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
  background: var(--plum-wash);
}
.rungs .on {
  background: var(--plum);
  border-color: var(--brass-mark);
  color: var(--on-plum);
}
.floor {
  flex: 1;
  display: grid;
  grid-template-columns: 260px minmax(0, 1fr);
  gap: var(--space-5);
  align-items: center;
}
.hall {
  display: grid;
  justify-items: center;
  text-align: center;
  gap: 4px;
}
.big {
  font: 800 64px/1 var(--type-head);
}
.wall {
  font-size: 24px;
}
.event {
  background: var(--brass-mark);
  color: #251a22;
  font-weight: 700;
  border-radius: var(--radius-small);
  padding: 4px 10px;
}
.now {
  text-align: center;
}
.count {
  font: 800 min(34vh, 300px) / 0.9 var(--type-head);
  color: var(--plum-bright);
}
.ready {
  color: var(--ink-soft);
}
.call {
  font: 700 clamp(30px, 5vw, 64px) / 1.1 var(--type-head);
  display: flex;
  justify-content: center;
  align-items: center;
  gap: var(--space-3);
  min-height: 1.4em;
}
.next {
  font-size: clamp(19px, 2.4vw, 30px);
  color: var(--ink-soft);
  margin-top: var(--space-2);
}
.suggestion {
  background: var(--brass-wash);
  border-left: 6px solid var(--brass-mark);
  padding: var(--space-2) var(--space-4);
  font-size: 20px;
}
.huge {
  font: 700 26px var(--type-head);
  min-height: 76px;
  padding: var(--space-2) var(--space-6);
  border-radius: var(--radius);
  border: 2px solid var(--ink-soft);
  background: var(--chalk);
  cursor: pointer;
  display: grid;
  place-items: center;
}
.huge small {
  font: 400 15px var(--type);
}
.yes {
  background: var(--plum);
  color: var(--on-plum);
  border-color: var(--plum);
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
  .floor {
    grid-template-columns: minmax(0, 1fr);
    align-content: center;
    gap: var(--space-2);
  }
  .hall {
    grid-template-columns: auto auto;
    align-items: center;
  }
  .hall :deep(svg) {
    width: 84px;
    height: 84px;
    grid-row: span 2;
  }
  .big {
    font-size: 42px;
  }
  .event {
    grid-column: 1 / -1;
  }
  .count {
    font-size: 24vh;
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
