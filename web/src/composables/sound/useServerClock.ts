import { useIntervalFn } from '@vueuse/core'
import { ref } from 'vue'
import { deviceMillis, offsetOf, type Asked } from '@/domain/run/server-clock'

const TIMES = 6
const AGAIN_MS = 60_000

/** The server's clock on this device, so that two devices mean the same moment. */
export function useServerClock() {
  const offset = ref(0)
  const known = ref(false)

  async function set(): Promise<void> {
    const asked: Asked[] = []
    for (let i = 0; i < TIMES; i++) {
      try {
        const sent = deviceMillis()
        const answer = await fetch('/api/screens/clock', { cache: 'no-store' })
        const answered = deviceMillis()
        if (answer.ok) asked.push({ sent, answered, server: (await answer.json()).millis })
      } catch {
        // It is asked again in a minute; what was known stays.
      }
    }
    if (asked.length) {
      offset.value = offsetOf(asked)
      known.value = true
    }
  }
  useIntervalFn(set, AGAIN_MS)

  return { set, known, millis: () => deviceMillis() + offset.value }
}
