import type { Schemas } from '@/api/client'
import { TICKS } from './run/tempo-map'

type Place = Schemas['PlaceView']

/** Two ways of counting: counts as written, or a number on every step. */
export type CountingStyle = 'written' | 'numbered'

/** What is said on a place: {@code 3}, {@code &}; or the step's own number within its section. */
export function spoken(places: Place[], index: number, counting: CountingStyle): string {
  return counting === 'numbered' ? String(index + 1) : places[index].spoken
}

/**
 * The count on which one begins to say something: {@code ‹7} is count 7 of the section before.
 *
 * @param tick in ticks from the start of its section, below 0 before it
 * @param counts of a section: 8, or 6 in waltz time
 */
export function startsOn(tick: number, counts: number): string {
  const count = Math.floor(tick / TICKS) + 1
  const half = tick - (count - 1) * TICKS >= TICKS / 2 ? '&' : ''
  return count < 1 ? `‹${count + counts}${half}` : `${count}${half}`
}
