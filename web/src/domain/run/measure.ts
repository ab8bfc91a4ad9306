import type { Schemas } from '@/api/client'
import { Desk } from './desk'
import { Player, type Stage } from './player'
import type { ScoreEvent } from './score'
import { runSong } from './song-run'
import { alongMarks, steady, TICKS, type Mark, type TempoMap } from './tempo-map'

/** How sounds lie against the moments at which they were due, in milliseconds. */
export interface Steadiness {
  sounds: number
  /** How much later the last one is than the first, against its moment. */
  drift: number
  /** The furthest that one is from its moment, the middle of all taken out. */
  jitter: number
  /** How much later they are in the middle. */
  late: number
}

/**
 * Where sounds begin: where the loudness of half a millisecond rises far above what was there, after a
 * short silence.
 *
 * @returns seconds
 */
export function onsets(samples: Float32Array, rate: number, gapSeconds = 0.12): number[] {
  const window = Math.max(1, Math.round(rate / 2000))
  const found: number[] = []
  let loudest = 0
  for (const sample of samples) loudest = Math.max(loudest, Math.abs(sample))
  let quietSince = -1
  for (let at = 0; at < samples.length; at += window) {
    let peak = 0
    for (let i = at; i < Math.min(samples.length, at + window); i++)
      peak = Math.max(peak, Math.abs(samples[i]))
    const last = found.at(-1)
    if (peak > loudest * 0.25 && (last === undefined || at / rate - last > gapSeconds) && quietSince >= 0) {
      found.push(at / rate)
      quietSince = -1
    } else if (peak < loudest * 0.1) {
      quietSince = at
    }
  }
  return found
}

/** Sounds against the moments at which they were due, both in seconds and in order. */
export function steadiness(found: number[], due: number[]): Steadiness {
  const off = found.slice(0, due.length).map((at, i) => (at - due[i]) * 1000)
  const sorted = [...off].sort((a, b) => a - b)
  const late = sorted[Math.floor(sorted.length / 2)] ?? 0
  return {
    sounds: off.length,
    drift: (off.at(-1) ?? 0) - (off[0] ?? 0),
    jitter: Math.max(0, ...off.map((one) => Math.abs(one - late))),
    late,
  }
}

const RATE = 16000

/** A clock that goes on in uneven steps, as a busy page looks at it. */
class Uneven implements Stage {
  clock = 0
  constructor(
    readonly sound: Stage['sound'],
    readonly music: Stage['music'] = () => undefined,
  ) {}
  now = () => this.clock
  hush = () => undefined
}

function playOut(player: Player, stage: Uneven): void {
  for (let i = 0; player.pump(0.2); i++) stage.clock += 0.02 + ((i * 7919) % 13) / 100
}

/** So many clicks, one a count. */
export const clicks = (counts: number): ScoreEvent[] =>
  Array.from({ length: counts }, (_, i) => ({ tick: i * TICKS, kind: 'click', strong: i % 4 === 0 }))

/** Minutes of clicks at a rate, rendered without a loudspeaker: as exact as they are scheduled. */
export async function renderedBeat(
  sound: Schemas['SoundView'],
  countsAMinute: number,
  minutes: number,
): Promise<Steadiness> {
  const counts = Math.round(countsAMinute * minutes)
  const audio = new OfflineAudioContext(1, (minutes * 60 + 2) * RATE, RATE)
  const desk = new Desk(audio, sound, new Uint8Array())
  const due: number[] = []
  const stage = new Uneven((event, at) => {
    due.push(at)
    desk.play(event, at)
  })
  const player = new Player(stage)
  player.start({ events: clicks(counts), map: steady(countsAMinute), from: 0, to: counts * TICKS }, 0, 1)
  playOut(player, stage)
  const rendered = await audio.startRendering()
  return steadiness(onsets(rendered.getChannelData(0), RATE), due)
}

/** A song of clicks, with the second of each; where it wanders, its tempo swings by some percent. */
export function clickSong(
  counts: number,
  countsAMinute: number,
  wander: number,
): { due: number[]; samples: Float32Array<ArrayBuffer> } {
  const due: number[] = []
  let at = 1
  for (let i = 0; i < counts; i++) {
    due.push(at)
    at += (60 / countsAMinute) * (1 + wander * Math.sin((i / 64) * 2 * Math.PI))
  }
  const samples = new Float32Array(Math.ceil((at + 1) * 44100))
  for (const second of due) {
    const first = Math.round(second * 44100)
    for (let i = 0; i < 1800; i++)
      samples[first + i] = Math.exp(-i / 260) * Math.sin((i * 2 * Math.PI * 1500) / 44100 + 1.5)
  }
  return { due, samples }
}

/**
 * A song of known beat, played slower with its pitch kept, against the counts of the player that was
 * lined up with it.
 */
export async function songDrift(counts: number, speed: number, wander: number): Promise<Steadiness> {
  const { stretcher } = await import('./stretcher')
  const countsAMinute = 118
  const { due, samples } = clickSong(counts, countsAMinute, wander)
  const marks: Mark[] = wander
    ? due
        .map((second, i) => ({ count: i + 1, second }))
        .filter((mark) => (mark.count - 1) % 8 === 0 || mark.count === counts)
    : [{ count: 1, second: due[0] }]
  const map: TempoMap = alongMarks(marks, countsAMinute, 0)
  const seconds = samples.length / 44100 / speed + 2
  const audio = new OfflineAudioContext(1, Math.ceil(seconds * 44100), 44100)
  const song = audio.createBuffer(1, samples.length, 44100)
  song.copyToChannel(samples, 0)
  const node = await stretcher(audio, song)
  node.connect(audio.destination)
  const stage = new Uneven(
    () => undefined,
    (at, second, now) => runSong(node, at, second, now),
  )
  const player = new Player(stage)
  player.start({ events: [], map, from: 0, to: counts * TICKS }, 0, speed)
  const wanted = due.map((_, i) => player.timeOf(i * TICKS))
  // The worklet has to have heard what to play before it renders.
  await new Promise((done) => window.setTimeout(done, 300))
  const rendered = await audio.startRendering()
  return steadiness(onsets(rendered.getChannelData(0), 44100), wanted)
}
