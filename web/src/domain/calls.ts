import type { Schemas } from '@/api/client'

type Point = Schemas['PointView']

/** Where a count lies, as dancers know it: section 4, count 7. */
function place(point: Point): string {
  return point.section > 0
    ? `section ${point.section}, count ${point.sectionCount}`
    : `tag, count ${point.sectionCount}`
}

/** Counts in a row: section 3, count 6 to section 4, count 2. */
export function span(from: Point, to: Point): string {
  if (to.count <= from.count) return place(from)
  return `${place(from)} to ${from.section === to.section ? to.sectionCount : place(to)}`
}

/** The count to call on: section 4, count 7 (monterey right). */
export function callOn(call: Schemas['CallView']): string {
  const { point } = call
  if (point.wall === 0) return 'the last counts of the intro'
  return point.during ? `${place(point)} (${point.during})` : place(point)
}

/** The count to warn on, eight before it is danced. */
export function warnOn(call: Schemas['CallView']): string {
  return call.warning.wall === 0 ? 'the last counts of the intro' : place(call.warning)
}
