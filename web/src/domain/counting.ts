import type { Schemas } from '@/api/client'

type Place = Schemas['PlaceView']

/** Two schools: counts as written, or a number on every step. */
export type School = 'written' | 'numbered'

/** What is said on a place: {@code 3}, {@code &}; or the step's own number within its section. */
export function spoken(places: Place[], index: number, school: School): string {
  if (school === 'numbered') return String(index + 1)
  const count = places[index].count
  return /^\d+$/.test(count) ? count : count.replace(/^\d+/, '')
}
