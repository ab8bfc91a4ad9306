import { tryOnScopeDispose, useIntervalFn, useRafFn } from '@vueuse/core'
import { ref } from 'vue'

const LOOK_AHEAD = 0.15
const EVERY_MS = 40

/**
 * A steady beat from the Web Audio clock: clicks are scheduled a little ahead, so that neither a
 * busy page nor a hidden tab makes it stumble.
 */
export function useBeat() {
  const playing = ref(false)
  /** Counts since the beat began, a fraction between counts. */
  const counts = ref(0)

  let audio: AudioContext | undefined
  let startedAt = 0
  let secondsPerCount = 0.5
  let strong = 8
  let scheduled = 0
  let last = Number.POSITIVE_INFINITY
  let ended: () => void = () => {}

  function click(at: number, accent: boolean) {
    if (!audio) return
    const tone = audio.createOscillator()
    const volume = audio.createGain()
    tone.frequency.value = accent ? 1320 : 880
    volume.gain.setValueAtTime(accent ? 0.5 : 0.28, at)
    volume.gain.exponentialRampToValueAtTime(0.001, at + 0.06)
    tone.connect(volume).connect(audio.destination)
    tone.start(at)
    tone.stop(at + 0.07)
  }

  function schedule() {
    if (!audio) return
    const until = audio.currentTime + LOOK_AHEAD
    while (scheduled < last && startedAt + scheduled * secondsPerCount < until) {
      click(startedAt + scheduled * secondsPerCount, scheduled % strong === 0)
      scheduled++
    }
    if (now() >= last) {
      stop()
      ended()
    }
  }

  function now(): number {
    return audio ? Math.max(0, (audio.currentTime - startedAt) / secondsPerCount) : 0
  }

  const clock = useIntervalFn(schedule, EVERY_MS, { immediate: false })
  const drawing = useRafFn(() => (counts.value = Math.min(now(), last)), { immediate: false })

  /**
   * Begins from the start.
   *
   * @param pace seconds for a count
   * @param all counts to play
   * @param accent every how many counts the click is stronger
   * @param whenDone called when all counts have been played
   */
  async function start(pace: number, all: number, accent: number, whenDone: () => void) {
    stop()
    audio = audio ?? new AudioContext()
    await audio.resume()
    secondsPerCount = pace
    strong = accent
    last = all
    ended = whenDone
    scheduled = 0
    counts.value = 0
    startedAt = audio.currentTime + 0.12
    playing.value = true
    clock.resume()
    schedule()
    drawing.resume()
  }

  function stop() {
    clock.pause()
    drawing.pause()
    playing.value = false
  }

  tryOnScopeDispose(() => {
    stop()
    void audio?.close()
  })

  return { playing, counts, start, stop }
}
