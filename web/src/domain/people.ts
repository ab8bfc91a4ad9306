import type { Schemas } from '@/api/client'

type Person = Schemas['ClubPerson']

/** Everybody among them once, by name. */
export function allOf(people: Person[]): Person[] {
  const each = new Map(people.map((one) => [one.id, one]))
  return [...each.values()].sort((a, b) => a.name.localeCompare(b.name))
}
