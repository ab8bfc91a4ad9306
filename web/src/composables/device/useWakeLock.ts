import { useWakeLock as useScreenLock } from '@vueuse/core'
import { onBeforeUnmount, onMounted } from 'vue'

/** Keeps the screen awake while a page is open, where the browser can. */
export function useWakeLock() {
  const lock = useScreenLock()
  onMounted(() => {
    // Not allowed here (battery saver, say): the page works all the same.
    if (lock.isSupported.value) lock.request('screen').catch(() => undefined)
  })
  onBeforeUnmount(() => lock.release().catch(() => undefined))
}
