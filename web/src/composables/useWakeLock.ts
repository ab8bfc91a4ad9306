import { onBeforeUnmount, onMounted } from 'vue'

/** Keeps the screen awake while a page is open, where the browser can. */
export function useWakeLock() {
  let lock: WakeLockSentinel | undefined

  async function take() {
    try {
      if (document.visibilityState === 'visible') lock = await navigator.wakeLock?.request('screen')
    } catch {
      // Not allowed here (battery saver, say): the page works all the same.
    }
  }

  onMounted(() => {
    void take()
    document.addEventListener('visibilitychange', take)
  })
  onBeforeUnmount(() => {
    document.removeEventListener('visibilitychange', take)
    void lock?.release()
  })
}
