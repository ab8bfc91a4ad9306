import type { Schemas } from '@/api/client'

/** The count to call on, as dancers know it: section 4, count 7 (monterey right). */
export function callOn(call: Schemas['CallView']): string {
  const { point } = call
  if (point.wall === 0) return 'the last counts of the intro'
  const where =
    point.section > 0
      ? `section ${point.section}, count ${point.sectionCount}`
      : `count ${point.sectionCount}`
  return point.during ? `${where} (${point.during})` : where
}
