<script setup lang="ts">
import { useEventSource, useRafFn } from '@vueuse/core'
import { computed, onMounted, ref, shallowRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, ask, Refusal, type Schemas } from '@/api/client'
import RunStage from '@/components/run-stage/RunStage.vue'
import { provideHallClock } from '@/composables/sound/useClock'
import { useServerClock } from '@/composables/sound/useServerClock'
import { useWakeLock } from '@/composables/device/useWakeLock'
import { tickAt } from '@/domain/run/follow'
import { momentAt } from '@/domain/run/moment'
import { sameScope } from '@/domain/run/scope'

/** The second screen: follows a run-through, shows the dancers what they need, and nothing else. */
const route = useRoute()
const router = useRouter()
useWakeLock()
const code = computed(() => String(route.params.code ?? ''))
const typed = ref('')
const run = shallowRef<Schemas['RunThroughView']>()
const state = shallowRef<Schemas['ScreenState']>()
const problem = ref('')
const tick = ref(0)
const clock = useServerClock()
const view = provideHallClock()
const shown = computed(() => (view.value === 'mirror' ? 'teacher’s mirror' : 'as one stands behind'))

/** Events that were heard: one that comes while an answer is on its way is newer than that. */
let heard = 0

/** The dance that is shown; asked for anew when it is another one. */
async function fetchRun(): Promise<void> {
  if (!code.value) return
  const before = heard
  try {
    const answer = await ask(api.GET('/api/screens/{code}', { params: { path: { code: code.value } } }))
    run.value = answer.run
    if (heard === before) state.value = answer.state
    problem.value = ''
  } catch (e) {
    problem.value = (e as Error).message
    if (e instanceof Refusal && e.status === 404) {
      run.value = undefined
      events.close()
    }
  }
}

const address = computed(() =>
  code.value ? `/api/screens/${encodeURIComponent(code.value)}/events` : undefined,
)
const events = useEventSource(address, ['state'] as const, { autoReconnect: { delay: 1000 } })
watch(events.data, (text) => {
  if (!text) return
  const now: Schemas['ScreenState'] = JSON.parse(text)
  const was = state.value
  heard++
  const other = !run.value || !was || was.dance !== now.dance || !sameScope(was.scope, now.scope)
  state.value = now
  if (other) void fetchRun()
})
const away = computed(() => events.status.value !== 'OPEN')
// No connection, or no screen any more: asking tells which.
watch(away, (now) => {
  if (now && run.value) void fetchRun()
})

useRafFn(() => {
  if (state.value) tick.value = tickAt(state.value, clock.millis())
})
const moment = computed(() => run.value && momentAt(run.value, tick.value))

onMounted(async () => {
  await clock.set()
  await fetchRun()
})
watch(code, fetchRun)

function go() {
  void router.push(`/screen/${typed.value.trim()}`)
}
</script>

<template>
  <div class="stage" :data-tick="tick">
    <form v-if="!code || (problem && !run)" class="ask" @submit.prevent="go">
      <h1>Second screen</h1>
      <p v-if="problem" role="alert">{{ problem }}</p>
      <label for="code">The code that the instructor’s device shows</label>
      <input id="code" v-model="typed" autocomplete="off" autocapitalize="characters" maxlength="20" />
      <button type="submit" class="huge yes">Follow</button>
    </form>
    <template v-else-if="run && moment && state">
      <header>
        <h1>{{ run.title }}</h1>
        <span v-if="state.percent" class="percent number">{{ state.percent }} %</span>
        <el-radio-group v-model="view" aria-label="How the feet are seen">
          <el-radio-button value="room" label="from behind" />
          <el-radio-button value="mirror" label="mirrored" />
        </el-radio-group>
        <span v-if="away" class="quiet" role="status">no connection: it runs on by itself</span>
      </header>
      <RunStage :run :moment :view-name="shown" for-dancers />
    </template>
    <p v-else class="wait" role="status">Ready. It begins as soon as the instructor does.</p>
  </div>
</template>

<style scoped>
.stage {
  height: 100vh;
  min-height: 560px;
}
h1 {
  font-size: var(--size-10);
}
.percent {
  font: 700 var(--size-10) var(--type-head);
}
.ask,
.wait {
  margin: auto;
  display: grid;
  gap: var(--space-3);
  max-width: 420px;
  font-size: var(--size-7);
}
input {
  font: 700 var(--size-10) var(--type-mono);
  padding: var(--space-3);
  text-transform: uppercase;
  border: 2px solid var(--text-soft);
  border-radius: var(--radius);
  background: var(--surface);
  color: inherit;
  width: 100%;
}
</style>
