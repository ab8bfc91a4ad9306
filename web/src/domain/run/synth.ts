import type { Schemas } from '@/api/client'

const FADE = Math.log(1000)
const OVERTONES = [1, 0.45, 0.2]
const SEED = 20240229

/** Noise that is the same at every start. */
function noise(seed: number): () => number {
  let state = seed
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0
    return state / 0x80000000 - 1
  }
}

/**
 * The sound of an instrument from its description: a tone that glides and fades, with noise.
 *
 * @param rate samples a second
 * @param semitones above its own tone
 */
export function synthesise(
  sound: Schemas['InstrumentView'],
  rate: number,
  semitones: number,
): Float32Array<ArrayBuffer> {
  const samples = new Float32Array(Math.floor((rate * sound.millis) / 1000))
  const overtones = sound.name === 'BASS' ? OVERTONES : [1]
  const glide = sound.fromHz ? sound.toHz / sound.fromHz : 1
  const share = sound.noise / 100
  const keep = 1 / (1 + (2 * Math.PI * sound.noiseAboveHz) / rate)
  const next = noise(SEED)
  let phase = Math.PI / 2
  let before = 0
  let high = 0
  for (let i = 0; i < samples.length; i++) {
    const part = i / samples.length
    const white = next()
    high = keep * (high + white - before)
    before = white
    const tone = sound.fromHz
      ? overtones.reduce((sum, loud, k) => sum + loud * Math.sin((k + 1) * phase), 0)
      : 0
    samples[i] = ((Math.exp(-FADE * part) * sound.loudness) / 100) * ((1 - share) * tone + share * high)
    phase += (2 * Math.PI * sound.fromHz * 2 ** (semitones / 12) * glide ** part) / rate
  }
  return samples
}

/** The mu-law of ITU-T G.711, as a sample between -1 and 1. */
export function muLaw(code: number): number {
  const bits = ~code & 0xff
  const size = ((((bits & 0x0f) << 3) + 0x84) << ((bits >> 4) & 7)) - 0x84
  return (bits & 0x80 ? -size : size) / 32768
}
