import type { Schemas } from '@/api/client'

type Place = Schemas['PlaceView']

/** Two ways of counting: counts as written, or a number on every step. */
export type CountingStyle = 'written' | 'numbered'

/** What is said on a place: {@code 3}, {@code &}; or the step's own number within its section. */
export function spoken(places: Place[], index: number, counting: CountingStyle): string {
  return counting === 'numbered' ? String(index + 1) : places[index].spoken
}
