import { computed, ref } from 'vue'
import { api, ask, type Schemas } from '@/api/client'

const FEWEST = 4
/** A longer pause begins anew, here as in the core. */
const PAUSE_MS = 3500
const MOST = 200

/**
 * Taps and what they say of the tempo; asks for one reading at a time, of the newest taps.
 *
 * @param printed the beats a minute that are printed, blank where not known
 */
export function useTaps(printed: () => string) {
  const millis = ref<number[]>([])
  const reading = ref<Schemas['TapView']>()
  const problem = ref('')
  let busy = false
  let waiting = false

  async function read() {
    if (busy) {
      waiting = true
      return
    }
    busy = true
    try {
      reading.value = await ask(
        api.POST('/api/songs/taps', { body: { millis: millis.value, printed: printed() || undefined } }),
      )
      problem.value = ''
    } catch (e) {
      problem.value = (e as Error).message
    }
    busy = false
    if (waiting) {
      waiting = false
      await read()
    }
  }

  /** @param at when the finger came down, in milliseconds */
  function tap(at: number) {
    const now = Math.round(at)
    const last = millis.value[millis.value.length - 1]
    if (last !== undefined && now - last > PAUSE_MS) {
      millis.value = []
      reading.value = undefined
    }
    millis.value = [...millis.value.slice(-MOST + 1), now]
    if (millis.value.length >= FEWEST) void read()
  }

  function clear() {
    millis.value = []
    reading.value = undefined
  }

  const more = computed(() => Math.max(0, FEWEST - millis.value.length))
  return { millis, reading, problem, more, tap, clear }
}
