import { tryOnBeforeUnmount, tryOnScopeDispose, useSessionStorage } from '@vueuse/core'
import { ref, watch, type Ref } from 'vue'
import { api, ask, Refusal, type Schemas } from '@/api/client'
import { TICKS } from '@/domain/run/tempo-map'
import type { RunThrough } from '@/composables/evening/useRunThrough'
import { useServerClock } from '@/composables/sound/useServerClock'

/** A song whose tempo wanders is told by a point for every so many counts. */
const COUNTS_A_POINT = 4
const MOST_POINTS = 400
const AGAIN_MS = 3000

/**
 * A second screen that follows this run-through: it is told what runs and when, and draws it itself.
 *
 * @param wanders whether the beat is that of a song whose tempo wanders
 */
export function useCueScreen(
  run: Ref<Schemas['RunThroughView'] | undefined>,
  running: RunThrough,
  wanders: () => boolean,
) {
  const code = useSessionStorage('ulna-screen', '')
  const problem = ref('')
  const clock = useServerClock()
  let again = 0
  let telling = false
  let stale = false

  async function open(): Promise<void> {
    problem.value = ''
    try {
      code.value = (await ask(api.POST('/api/screens'))).code
      await clock.set()
      await tell()
    } catch (e) {
      problem.value = (e as Error).message
    }
  }

  async function close(): Promise<void> {
    const was = code.value
    code.value = ''
    window.clearTimeout(again)
    await ask(api.DELETE('/api/screens/{code}', { params: { path: { code: was } } })).catch(() => undefined)
  }

  function state(of: Schemas['RunThroughView']): Schemas['ScreenState'] {
    const playing = running.playing.value
    const last = of.track.counts * TICKS
    const now = clock.millis()
    // The audio clock and the device's are read together; what is heard now is this much behind.
    const heard = running.heard()
    const at = (time: number) => now + (time - heard) * 1000
    const tick = playing ? running.player.tickAt(heard) : running.tick.value
    const points = [{ tick, millis: now }]
    if (playing && wanders()) {
      for (
        let next = Math.ceil(tick / TICKS) + 1;
        next * TICKS <= last && points.length < MOST_POINTS;
        next += COUNTS_A_POINT
      ) {
        points.push({ tick: next * TICKS, millis: at(running.player.timeOf(next * TICKS)) })
      }
    }
    return {
      dance: of.dance,
      scope: of.scope,
      playing,
      points,
      ticksASecond: ((of.fullRate * running.percent.value) / 100 / 60) * TICKS,
      lastTick: last,
      percent: running.percent.value,
    }
  }

  /** Tells what is on; the newest always, and again while nobody answers. */
  async function tell(): Promise<void> {
    if (!code.value || !run.value) return
    if (telling) {
      stale = true
      return
    }
    telling = true
    window.clearTimeout(again)
    try {
      const path = { code: code.value }
      await ask(api.PUT('/api/screens/{code}', { params: { path }, body: state(run.value) }))
      problem.value = ''
    } catch (e) {
      const gone = e instanceof Refusal && e.status === 404
      problem.value = gone
        ? 'The second screen was closed; open it anew.'
        : 'The second screen is not reached; it runs on and is told again.'
      if (gone) code.value = ''
      else again = window.setTimeout(tell, AGAIN_MS)
    }
    telling = false
    if (stale) {
      stale = false
      await tell()
    }
  }

  // While it plays the screen counts by itself; where it stands it is told where.
  const stands = () => (running.playing.value ? undefined : running.tick.value)
  watch([running.playing, running.passes, running.percent, run, stands], () => void tell())
  if (code.value) void clock.set().then(tell)

  // Whoever leaves the page has stopped: the screen is told, and not again.
  tryOnBeforeUnmount(() => void tell())
  tryOnScopeDispose(() => window.clearTimeout(again))

  return { code, problem, open, close }
}

export type CueScreen = ReturnType<typeof useCueScreen>
