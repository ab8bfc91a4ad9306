import type { Schemas } from '@/api/client'
import type { Ability } from '@/composables/people/useSession'

const role = (code: string, name: string, may: string, abilities: Ability[]): Schemas['Role'] => ({
  code,
  name,
  may,
  abilities,
})
const CO: Ability[] = ['READ', 'HEADS', 'DANCERS', 'LOG', 'LEAD', 'TEACH', 'PROPOSE']
const ALL: Ability[] = [...CO, 'EVERY_CLASS', 'CHANGE_DANCES', 'PLAN', 'CALENDAR', 'SHARE', 'FILES']

/** The four that every club has. */
export const ROLES = {
  OWNER: role('OWNER', 'Owner', 'everything, also people, links and backups', [...ALL, 'PEOPLE', 'CLUB']),
  INSTRUCTOR: role('INSTRUCTOR', 'Instructor', 'changes dances, songs, groups and every class', ALL),
  CO_INSTRUCTOR: role('CO_INSTRUCTOR', 'Co-instructor', 'leads and logs classes, proposes the rest', CO),
  VIEWER: role('VIEWER', 'Looks on', 'reads, without names of dancers', ['READ']),
}
export type BuiltIn = keyof typeof ROLES

/** One of a club's own. */
export const own = (...abilities: Ability[]) => role('own-1', 'Own', 'as chosen', ['READ', ...abilities])
