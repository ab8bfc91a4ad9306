import type { Schemas } from '@/api/client'
import type { ScoreEvent } from './score'
import { muLaw, synthesise } from './synth'

/** How loud each is, from 0 to 1. */
export interface Volumes {
  click: number
  band: number
  voice: number
  music: number
}

export const USUAL_VOLUMES: Volumes = { click: 0.6, band: 0.7, voice: 1, music: 0.9 }

type Hit = Extract<ScoreEvent, { kind: 'hit' }>
type Say = Extract<ScoreEvent, { kind: 'say' }>

/**
 * The mixing desk of a run-through: turns events into sound on any Web Audio clock, one of a loudspeaker
 * or one that renders without.
 */
export class Desk {
  private readonly gains: Record<keyof Volumes, GainNode>
  private readonly buffers = new Map<string, AudioBuffer>()
  private readonly ringing = new Set<AudioBufferSourceNode>()

  constructor(
    private readonly audio: BaseAudioContext,
    private readonly sound: Schemas['SoundView'],
    private readonly voice: Uint8Array,
    readonly out: AudioNode = audio.destination,
  ) {
    const gain = () => {
      const node = audio.createGain()
      node.connect(out)
      return node
    }
    this.gains = { click: gain(), band: gain(), voice: gain(), music: gain() }
    this.mix(USUAL_VOLUMES)
  }

  mix(volumes: Volumes): void {
    for (const name of ['click', 'band', 'voice', 'music'] as const) {
      // Ears hear in steps that grow: half way up is a quarter of the loudness.
      this.gains[name].gain.value = volumes[name] ** 2
    }
  }

  /** Where music of a file comes in. */
  get music(): AudioNode {
    return this.gains.music
  }

  /** Whether the voice has clips for all that is said. */
  canSay(event: Say): boolean {
    return event.keys.every((key) => key in this.sound.clips)
  }

  /** Plays an event from a moment of the clock on. */
  play(event: ScoreEvent, at: number): void {
    if (event.kind === 'click') {
      const instrument = event.strong ? 'ACCENT' : 'CLICK'
      this.hit(
        { kind: 'hit', tick: event.tick, instrument, strength: 100, semitones: 0 },
        at,
        this.gains.click,
      )
    } else if (event.kind === 'hit') {
      this.hit(event, at, this.gains.band)
    } else if (this.canSay(event)) {
      this.say(event, at)
    }
  }

  private hit(hit: Hit, at: number, to: AudioNode): void {
    const buffer = this.buffer(`${hit.instrument} ${hit.semitones}`, () => {
      const sound = this.sound.instruments.find((one) => one.name === hit.instrument)
      return (
        sound && {
          samples: synthesise(sound, this.audio.sampleRate, hit.semitones),
          rate: this.audio.sampleRate,
        }
      )
    })
    if (buffer) this.ring(buffer, at, to, hit.strength / 100)
  }

  private say(event: Say, at: number): void {
    let when = at
    for (const key of event.keys) {
      const clip = this.sound.clips[key]
      const buffer = this.buffer(`say ${key}`, () => {
        const bytes = this.voice.subarray(clip.start, clip.start + clip.samples)
        return { samples: Float32Array.from(bytes, muLaw), rate: this.sound.voiceRate }
      })
      if (!buffer) return
      this.ring(buffer, when, this.gains.voice, 1)
      when += buffer.duration
    }
  }

  private buffer(
    key: string,
    make: () => { samples: Float32Array<ArrayBuffer>; rate: number } | undefined,
  ): AudioBuffer | undefined {
    const found = this.buffers.get(key)
    if (found) return found
    const made = make()
    if (!made || made.samples.length === 0) return undefined
    const buffer = this.audio.createBuffer(1, made.samples.length, made.rate)
    buffer.copyToChannel(made.samples, 0)
    this.buffers.set(key, buffer)
    return buffer
  }

  private ring(buffer: AudioBuffer, at: number, to: AudioNode, loudness: number): void {
    const source = this.audio.createBufferSource()
    source.buffer = buffer
    const gain = this.audio.createGain()
    gain.gain.value = loudness
    source.connect(gain).connect(to)
    this.ringing.add(source)
    source.onended = () => {
      this.ringing.delete(source)
      gain.disconnect()
    }
    source.start(Math.max(0, at))
  }

  /** Everything that sounds or is going to stops. */
  hush(): void {
    for (const source of this.ringing) source.stop()
    this.ringing.clear()
  }
}
