import type { Schemas } from '@/api/client'

type RunWall = Schemas['RunWall']
type RunStep = Schemas['RunStep']

/** Ticks in a count, as the server counts them. */
export const TICKS = 12

/** Where a run-through is at a moment. */
export interface Moment {
  /** Counts left before the first step, or 0. */
  countIn: number
  wall: RunWall
  /** Whole count within the wall, from 1. */
  count: number
  /** Count within its section, as dancers count it. */
  spoken: number
  step: RunStep | undefined
  /** What comes after the current figure. */
  next: RunStep | undefined
  done: boolean
}

/** Counts of a wall with its tags. */
export function lengthOf(wall: RunWall): number {
  return wall.wall.counts + wall.wall.tagCounts
}

/** Counts of some walls, one after another. */
export function countsOf(walls: RunWall[]): number {
  return walls.reduce((sum, wall) => sum + lengthOf(wall), 0)
}

/**
 * Where one is after so many counts since the beat began.
 *
 * @param walls walls to dance, at least one
 * @param counts counts since the start, the count-in included; may be a fraction
 * @param countIn counts before the first step
 * @param sectionCounts counts of a section, 8 or 6
 */
export function momentAt(walls: RunWall[], counts: number, countIn: number, sectionCounts: number): Moment {
  const first = walls[0]
  if (counts < countIn) {
    return {
      countIn: Math.ceil(countIn - counts),
      wall: first,
      count: 0,
      spoken: (Math.floor(counts) % sectionCounts) + 1,
      step: undefined,
      next: first.steps[0],
      done: false,
    }
  }
  let left = counts - countIn
  for (const wall of walls) {
    if (left < lengthOf(wall)) return inWall(wall, left, sectionCounts)
    left -= lengthOf(wall)
  }
  const last = walls[walls.length - 1]
  return { ...inWall(last, lengthOf(last) - 0.01, sectionCounts), done: true }
}

function inWall(wall: RunWall, counts: number, sectionCounts: number): Moment {
  const ticks = counts * TICKS
  let at = -1
  while (at + 1 < wall.steps.length && wall.steps[at + 1].tick <= ticks + 0.001) at++
  let next = at + 1
  while (next < wall.steps.length && wall.steps[next].place.step !== 1) next++
  const step = at >= 0 ? wall.steps[at] : undefined
  const spokenOf = step ? Number.parseInt(step.place.count, 10) : 0
  const whole = Math.floor(counts)
  const since = step ? whole - Math.floor(step.tick / TICKS) : 0
  const spoken =
    step && spokenOf > 0 ? ((spokenOf - 1 + since) % sectionCounts) + 1 : (whole % sectionCounts) + 1
  return {
    countIn: 0,
    wall,
    count: whole + 1,
    spoken,
    step,
    next: wall.steps[next],
    done: false,
  }
}
