import type { Role } from '@/composables/people/useSession'

/** What people may do, in words. */
export const ROLES: Record<Role, { name: string; may: string }> = {
  OWNER: { name: 'Owner', may: 'everything, also people, links and backups' },
  INSTRUCTOR: { name: 'Instructor', may: 'changes dances, songs, groups and every class' },
  CO_INSTRUCTOR: { name: 'Co-instructor', may: 'leads and logs classes, proposes the rest' },
  VIEWER: { name: 'Looks on', may: 'reads, without names of dancers' },
}
