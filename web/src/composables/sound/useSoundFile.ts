import { tryOnScopeDispose, useRafFn } from '@vueuse/core'
import { ref } from 'vue'
import { useLatest } from '@/composables/page/useLatest'
import { awake, NO_SOUND } from '@/domain/run/awake'

/** What a sound file seems to say of its tempo. */
export interface Estimate {
  bpm: number
  /** Share of the beats found that agree with it, 0 to 1. */
  confidence: number
  /** Other tempos that were found, the likelier first. */
  others: number[]
}

const MOST_BYTES = 80 * 1024 * 1024

/** A sound file of this machine: it is decoded and listened to here, and never leaves the browser. */
export function useSoundFile() {
  const name = ref('')
  const seconds = ref(0)
  const { problem, loading: listening, run, drop } = useLatest()
  const estimate = ref<Estimate>()
  const playing = ref(false)
  /** Where it plays, in seconds. */
  const position = ref(0)

  let audio: AudioContext | undefined
  let buffer: AudioBuffer | undefined
  let source: AudioBufferSourceNode | undefined
  let begunAt = 0

  async function open(file: File) {
    drop()
    close()
    problem.value = ''
    estimate.value = undefined
    name.value = file.name
    if (file.size > MOST_BYTES) {
      problem.value = 'This file is larger than 80 MB; choose a song as MP3, Ogg or the like.'
      return
    }
    await run(async (isWanted) => {
      const found = await tempos(file, isWanted)
      if (!isWanted()) return
      estimate.value = weigh(found)
      if (!estimate.value) throw new Error('No steady beat was found in it; tap along instead.')
    })
  }

  /** Opens the file to be played, and listens for its tempos. */
  async function tempos(file: File, isWanted: () => boolean) {
    try {
      audio = audio ?? new AudioContext()
      const decoded = await audio.decodeAudioData(await file.arrayBuffer())
      if (!isWanted()) return []
      buffer = decoded
      seconds.value = decoded.duration
      const { analyzeFullBuffer } = await import('realtime-bpm-analyzer')
      return await analyzeFullBuffer(decoded)
    } catch {
      throw new Error('This file cannot be read as sound; choose an MP3, Ogg, WAV or the like.')
    }
  }

  function weigh(found: readonly { tempo: number; count: number }[]): Estimate | undefined {
    const sorted = [...found].sort((a, b) => b.count - a.count)
    if (sorted.length === 0) return undefined
    const all = sorted.reduce((sum, one) => sum + one.count, 0)
    return {
      bpm: sorted[0].tempo,
      confidence: all === 0 ? 0 : sorted[0].count / all,
      others: sorted.slice(1, 4).map((one) => one.tempo),
    }
  }

  async function play() {
    if (!audio || !buffer) return
    if (!(await awake(audio))) {
      problem.value = NO_SOUND
      return
    }
    // Pressed twice, or closed, while the loudspeaker woke up.
    if (playing.value || !buffer) return
    const from = position.value >= buffer.duration ? 0 : position.value
    source = audio.createBufferSource()
    source.buffer = buffer
    source.connect(audio.destination)
    source.onended = () => {
      if (playing.value && now() >= (buffer?.duration ?? 0) - 0.1) pause()
    }
    begunAt = audio.currentTime - from
    source.start(0, from)
    playing.value = true
    follow.resume()
  }

  /** Where one hears it, the way to the loudspeaker allowed for. */
  function now(): number {
    if (!audio || !playing.value) return position.value
    return Math.max(0, audio.currentTime - begunAt - (audio.outputLatency || 0))
  }

  const follow = useRafFn(() => (position.value = now()), { immediate: false })

  function pause() {
    position.value = now()
    playing.value = false
    follow.pause()
    source?.stop()
    source = undefined
  }

  function rewind() {
    if (playing.value) pause()
    position.value = 0
  }

  function close() {
    if (playing.value) pause()
    buffer = undefined
    position.value = 0
    seconds.value = 0
  }

  tryOnScopeDispose(() => {
    drop()
    close()
    void audio?.close()
  })

  return {
    name,
    seconds,
    problem,
    listening,
    estimate,
    playing,
    position,
    open,
    /** Gives up listening; the file stays open to be played. */
    cancel: drop,
    play,
    pause,
    rewind,
    now,
  }
}
