import type { Schemas } from '@/api/client'

type Kind = Schemas['FindView']['kind']

/** What comes in, in the order in which it does; one, and several of it. */
export const KINDS: [Kind, string, string][] = [
  ['GROUPS', 'group', 'groups'],
  ['DANCES', 'dance', 'dances'],
  ['SONGS', 'song', 'songs'],
  ['CLOSED_DAYS', 'closed time', 'closed days'],
  ['REGISTER', 'name in a register', 'names in registers'],
  ['CLASSES', 'class', 'classes'],
  ['RECORD', 'entry of the record', 'entries of the record'],
]

/** So many of a kind, in words. */
export function counted(kind: Kind, count: number): string {
  const words = KINDS.find(([one]) => one === kind)
  return `${count} ${count === 1 ? words?.[1] : words?.[2]}`
}
