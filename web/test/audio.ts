import { vi } from 'vitest'

/** A sound that was scheduled: when, and how high. */
export interface Scheduled {
  at: number
  hertz: number
}

/** A double of Web Audio whose clock a test turns. */
export class FakeAudio {
  static made: FakeAudio[] = []
  static file: { duration: number } | Error = { duration: 180 }

  currentTime = 0
  outputLatency = 0
  destination = {}
  closed = false
  scheduled: Scheduled[] = []
  sources: { startedAt: number; stopped: boolean; onended?: () => void }[] = []

  constructor() {
    FakeAudio.made.push(this)
  }
  resume = async () => undefined
  close = async () => void (this.closed = true)
  createOscillator() {
    const frequency = { value: 0 }
    return {
      frequency,
      connect: (next: unknown) => next,
      start: (at: number) => this.scheduled.push({ at, hertz: frequency.value }),
      stop: () => undefined,
    }
  }
  sampleRate = 8000
  createBuffer = (_: number, samples: number, rate: number) => ({
    duration: samples / rate,
    copyToChannel: () => undefined,
  })
  createGain() {
    const gain = { value: 1, setValueAtTime: () => undefined, exponentialRampToValueAtTime: () => undefined }
    return { gain, connect: (next: unknown) => next, disconnect: () => undefined }
  }
  createBufferSource() {
    const source = { startedAt: 0, stopped: false, onended: undefined as (() => void) | undefined }
    this.sources.push(source)
    return Object.assign(source, {
      buffer: undefined,
      connect: (next: unknown) => next,
      start: (_: number, from: number) => (source.startedAt = from),
      stop: () => (source.stopped = true),
    })
  }
  async decodeAudioData() {
    if (FakeAudio.file instanceof Error) throw FakeAudio.file
    return FakeAudio.file
  }
}

/** Puts the double in the place of Web Audio, and the page's clock in the test's hands. */
export function useFakeAudio(): () => FakeAudio {
  FakeAudio.made = []
  FakeAudio.file = { duration: 180 }
  vi.stubGlobal('AudioContext', FakeAudio)
  return () => FakeAudio.made[FakeAudio.made.length - 1]
}

/** Lets seconds go by: on the audio clock and on the page's, which looks at it now and then. */
export async function pass(audio: FakeAudio, seconds: number, stepMs = 10): Promise<void> {
  for (let ms = 0; ms < seconds * 1000; ms += stepMs) {
    audio.currentTime += stepMs / 1000
    await vi.advanceTimersByTimeAsync(stepMs)
  }
}
