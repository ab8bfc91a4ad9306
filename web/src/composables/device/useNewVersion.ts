import { ref } from 'vue'

const waiting = ref<ServiceWorker>()

/** Keeps the app on this device, so that it opens without a network; says when a newer one is there. */
export async function keepOnDevice(): Promise<void> {
  if (!('serviceWorker' in navigator) || !import.meta.env.PROD) return
  try {
    const registration = await navigator.serviceWorker.register('/sw.js')
    const look = () => (waiting.value = registration.waiting ?? undefined)
    look()
    registration.addEventListener('updatefound', () => {
      registration.installing?.addEventListener('statechange', () => {
        // The very first one is no newer version.
        if (navigator.serviceWorker.controller) look()
      })
    })
  } catch {
    // A browser that keeps nothing (private windows, say): the app works all the same.
  }
}

export function useNewVersion() {
  /** Takes the newer version; the page is loaded anew, drafts stay. */
  function take() {
    navigator.serviceWorker.addEventListener('controllerchange', () => location.reload(), { once: true })
    waiting.value?.postMessage('TAKE_OVER')
  }
  return { waiting, take }
}
