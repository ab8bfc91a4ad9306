import type { Schemas } from '@/api/client'

export type Bar = Schemas['CourseBar']

/** A course as it is drawn: from which week to which, and beside which others. */
export interface Drawn {
  bar: Bar
  from: number
  to: number
  lane: number
}

/** Whether something is shown for the first time. */
export const isTeach = ({ happened }: { happened: Schemas['Knot']['happened'] }): boolean =>
  happened === 'INTRODUCED' || happened === 'TAUGHT'

/** Whether something of it is shown for the first time: such a dance has a bar; others only come back. */
export const isTaught = (bar: Bar): boolean => bar.knots.some(isTeach)

/** The weeks in which a dance is learned: from its start until it is known; what comes later comes back. */
export function span(bar: Bar): { from: number; to: number } {
  const weeks = bar.knots.filter((knot) => !bar.known || knot.date <= bar.known).map((knot) => knot.week)
  return { from: Math.min(...weeks), to: Math.max(...weeks) }
}

/** Courses beside each other, as few beside each other as there have to be. */
export function lanes(bars: Bar[]): Drawn[] {
  const free: number[] = []
  return bars
    .map((bar) => ({ bar, ...span(bar) }))
    .sort((a, b) => a.from - b.from || a.to - b.to || a.bar.dance - b.bar.dance)
    .map((one) => {
      const found = free.findIndex((until) => until < one.from)
      const lane = found < 0 ? free.length : found
      free[lane] = one.to
      return { ...one, lane }
    })
}
