import type { Schemas } from '@/api/client'
import { TICKS } from './tempo-map'

/** Something that is heard, on its tick. */
export type ScoreEvent =
  | { tick: number; kind: 'click'; strong: boolean }
  | { tick: number; kind: 'hit'; instrument: Instrument; strength: number; semitones: number }
  | { tick: number; kind: 'say'; endTick: number; text: string; keys: string[]; count: boolean }

export type Instrument = Schemas['HitView']['instrument']

/** All clicks from the count-in to the end. */
export function clicks(run: Schemas['RunThroughView']): ScoreEvent[] {
  const events: ScoreEvent[] = []
  for (let count = -run.countIn; count < run.track.counts; count++) {
    const beat = ((count % run.beats) + run.beats) % run.beats
    events.push({ tick: count * TICKS, kind: 'click', strong: beat === 0 })
  }
  return events
}

/** What the band plays: the bars of the run with the hits that each kind of bar has. */
export function bandOf(run: Schemas['RunThroughView'], sound: Schemas['SoundView']): ScoreEvent[] {
  const end = run.track.counts * TICKS
  const events: ScoreEvent[] = []
  for (const bar of run.band.bars) {
    if (bar.begins) {
      events.push({ tick: bar.tick, kind: 'hit', instrument: 'CRASH', strength: 55, semitones: 0 })
    }
    const hits = sound.bars.find((one) => one.feel === run.band.feel && one.kind === bar.kind)?.hits ?? []
    for (const hit of hits) {
      if (hit.tick < bar.ticks) {
        const semitones = hit.instrument === 'BASS' ? hit.semitones + bar.root : 0
        events.push({ ...hit, kind: 'hit', tick: bar.tick + hit.tick, semitones })
      }
    }
  }
  return events.filter((event) => event.tick >= 0 && event.tick < end)
}

/** What is said at a rung. */
export function saidAt(rung: Schemas['RungView']): ScoreEvent[] {
  return rung.said.map((one) => ({
    tick: one.tick,
    kind: 'say',
    endTick: one.endTick,
    text: one.text,
    keys: one.keys,
    count: one.kind === 'COUNT',
  }))
}

/** Everything that is heard of a run at a rung, in order of time. */
export function scoreOf(
  run: Schemas['RunThroughView'],
  rung: number,
  sound: Schemas['SoundView'] | undefined,
): ScoreEvent[] {
  const band = sound ? bandOf(run, sound) : []
  const said = run.ladder.rungs[rung] ? saidAt(run.ladder.rungs[rung]) : []
  return [...clicks(run), ...band, ...said].sort((a, b) => a.tick - b.tick)
}

/** The rung whose calls fit a speed in percent: the slowest that is not slower, else the fastest. */
export function rungFor(ladder: Schemas['LadderView'], percent: number): number {
  const found = ladder.rungs.findIndex((rung) => rung.percent >= percent)
  return found < 0 ? ladder.rungs.length - 1 : found
}
