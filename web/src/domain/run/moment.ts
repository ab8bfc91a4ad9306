import type { Schemas } from '@/api/client'
import { TICKS } from './tempo-map'

type Run = Schemas['RunThroughView']
type Step = Schemas['StepView']

/** Where a run-through is at a moment. */
export interface Moment {
  /** Counts still to be counted in; 0 once it goes. */
  countIn: number
  /** The count as dancers count it, within its section. */
  spoken: number
  leg: Schemas['LegView']
  /** The last place that was danced; its number in the track, -1 before the first. */
  step: number
  /** What is called of the figure that is danced; nothing before the first. */
  figure: Step | undefined
  /** The figure after it. */
  next: Step | undefined
  /** On the clock of the room. */
  facing: number
  /** The next exception, and counts until it is danced. */
  mark: { label: string; steps: string; counts: number; facing: number } | undefined
  /** Counts of the song that are left; not known where its length is not. */
  songLeft: number | undefined
}

/** The number of the last step that begins at a tick or before it; -1 before the first. */
export function stepAt(steps: Step[], tick: number): number {
  let low = 0
  let high = steps.length
  while (low < high) {
    const middle = (low + high) >> 1
    if (steps[middle].tick <= tick + 1e-6) low = middle + 1
    else high = middle
  }
  return low - 1
}

const sameFigure = (a: Step, b: Step) => a.leg === b.leg && a.run === b.run

/** Where one is at a tick from the first count; before 0 it is counted in. */
export function momentAt(run: Run, tick: number): Moment {
  const { legs, steps, marks, startFacing, songStart } = run.track
  const count = Math.floor(tick / TICKS + 1e-6)
  const leg = legs.findLast((one) => one.tick <= Math.max(0, tick)) ?? legs[0]
  const step = tick < 0 && steps[0]?.tick >= 0 ? -1 : stepAt(steps, tick)
  const figure = step >= 0 ? steps[step] : undefined
  const next = figure ? steps.slice(step + 1).find((one) => !sameFigure(one, figure)) : steps[0]
  const mark = marks.find((one) => one.tick > tick)
  const within = leg.firstCount - 1 + count - leg.tick / TICKS
  return {
    countIn: tick < 0 ? Math.ceil(-tick / TICKS - 1e-6) : 0,
    spoken: tick < 0 ? run.sectionCounts + count + 1 : (within % run.sectionCounts) + 1,
    leg,
    step,
    figure,
    next,
    facing: figure?.facing ?? startFacing,
    mark: mark && {
      label: mark.label,
      steps: mark.steps,
      facing: mark.facing,
      counts: Math.ceil((mark.tick - tick) / TICKS - 1e-6),
    },
    songLeft: run.song?.counts === undefined ? undefined : Math.max(0, run.song.counts - songStart - count),
  }
}
