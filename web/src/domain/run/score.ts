import type { Schemas } from '@/api/client'

/** Something that is heard, on its tick. */
export type ScoreEvent =
  | { tick: number; kind: 'click'; strong: boolean }
  | { tick: number; kind: 'hit'; instrument: Instrument; strength: number; semitones: number }
  | { tick: number; kind: 'say'; endTick: number; text: string; keys: string[]; count: boolean }

export type Instrument = Schemas['HitView']['instrument']

/** Click and band as the core placed them; a click is known by its instrument. */
export function hitsOf(run: Schemas['RunThroughView']): ScoreEvent[] {
  return run.hits.map((hit) =>
    hit.instrument === 'ACCENT' || hit.instrument === 'CLICK'
      ? { tick: hit.tick, kind: 'click', strong: hit.instrument === 'ACCENT' }
      : { ...hit, kind: 'hit' },
  )
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
export function scoreOf(run: Schemas['RunThroughView'], rung: number): ScoreEvent[] {
  return [...hitsOf(run), ...saidAt(run.ladder.rungs[rung])].sort((a, b) => a.tick - b.tick)
}

/** The rung whose calls fit a speed in percent: the slowest that is not slower, else the fastest. */
export function rungFor(ladder: Schemas['LadderView'], percent: number): number {
  const found = ladder.rungs.findIndex((rung) => rung.percent >= percent)
  return found < 0 ? ladder.rungs.length - 1 : found
}
