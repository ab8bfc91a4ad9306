import { ref } from 'vue'
import { Refusal } from '@/api/client'
import { useLoad, type Loaded } from '@/composables/page/useLoad'
import { useReach } from '@/composables/device/useReach'

/**
 * Loads something that is needed where the network is poor: the last answer is kept on the device, and
 * shown, with a word about it, while the server does not answer.
 *
 * @param keepable what of an answer may lie on the device
 */
export function useKept<T>(
  key: () => string,
  fetch: () => Promise<T>,
  keepable: (found: T) => T = (found) => found,
): Loaded<T> & { old: { value: boolean } } {
  const old = ref(false)
  const { away } = useReach()
  const loaded = useLoad(async () => {
    // What is asked for may be another one by the time of the answer.
    const at = key()
    try {
      const found = await fetch()
      keep(at, JSON.stringify(keepable(found)))
      // Kept by the browser, or fresh.
      old.value = away.value
      return found
    } catch (e) {
      const kept = localStorage.getItem(at)
      const away = e instanceof Refusal && (e.status === 0 || e.status >= 500)
      if (!away || kept === null) throw e
      old.value = true
      return JSON.parse(kept) as T
    }
  })
  return { ...loaded, old }
}

/** A device that is full keeps what it had; what was asked for is here all the same. */
function keep(key: string, text: string) {
  try {
    localStorage.setItem(key, text)
  } catch {
    // Nobody is to lose a page for that.
  }
}
