import { tryOnScopeDispose } from '@vueuse/core'
import { watch, type Ref } from 'vue'

/** Browsers give media keys and the lock screen only to a page that plays a file; this one is silent. */
const SILENCE = '/silence.wav'

/**
 * Media keys, those of a headset and those of the lock screen, for a run-through.
 *
 * @param playing whether it runs
 * @param title what stands on the lock screen
 */
export function useMediaKeys(
  playing: Ref<boolean>,
  title: () => { title: string; artist: string },
  does: { play: () => void; stop: () => void; next: () => void; back: () => void },
): void {
  if (!('mediaSession' in navigator)) return
  const { mediaSession } = navigator
  let silence: HTMLAudioElement | undefined
  const keys: [MediaSessionAction, () => void][] = [
    ['play', does.play],
    ['pause', does.stop],
    ['stop', does.stop],
    ['nexttrack', does.next],
    ['previoustrack', does.back],
  ]
  for (const [action, handler] of keys) {
    try {
      mediaSession.setActionHandler(action, handler)
    } catch {
      // A browser that does not know this key has the others.
    }
  }

  watch(playing, (now) => {
    mediaSession.playbackState = now ? 'playing' : 'paused'
    if (now) {
      if ('MediaMetadata' in window) mediaSession.metadata = new MediaMetadata(title())
      if (!silence) {
        silence = new Audio(SILENCE)
        silence.loop = true
      }
      // Where it may not play, the keys on the screen and the clicker remain.
      void silence.play().catch(() => undefined)
    } else {
      silence?.pause()
    }
  })

  tryOnScopeDispose(() => {
    silence?.pause()
    mediaSession.playbackState = 'none'
    keys.forEach(([action]) => mediaSession.setActionHandler(action, null))
  })
}
