import { ref } from 'vue'
import { api, ask, type Schemas } from '@/api/client'

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
      const body = { millis: millis.value, printed: printed() || undefined }
      reading.value = await ask(api.POST('/api/songs/taps', { body }))
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
    millis.value = [...millis.value.slice(-MOST + 1), Math.round(at)]
    void read()
  }

  function clear() {
    millis.value = []
    reading.value = undefined
  }

  return { millis, reading, problem, tap, clear }
}
