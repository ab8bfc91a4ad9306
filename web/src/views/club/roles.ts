import type { Schemas } from '@/api/client'

/** What people may do, in words. */
export const ROLES: Record<Schemas['Colleague']['role'], string> = {
  INSTRUCTOR: 'Instructor: everything',
  CO_INSTRUCTOR: 'Co-instructor: reads all, plans classes, writes the record',
}
