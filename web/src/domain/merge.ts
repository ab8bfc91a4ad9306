import { diff3Merge } from 'node-diff3'

/** What comes of two changes of one thing. */
export interface Merged<T> {
  value: T
  /** Places that both changed, and differently; they are left for a person to settle. */
  conflicts: number
}

/**
 * The lines that stand round a place that both changed. They are no remarks: a text with one of them
 * in it has a mistake on that line until somebody has settled it.
 */
export const YOURS = 'BOTH CHANGED THIS, YOURS:'
export const THEIRS = 'AND THEIRS:'
export const SETTLED = 'END OF WHAT BOTH CHANGED'

/**
 * Puts two changes of a text together, line by line. Where both changed the same lines, both stand
 * in the text, marked.
 *
 * @param base what both began with
 */
export function mergeText(base: string, mine: string, theirs: string): Merged<string> {
  const lines = (text: string) => text.split('\n')
  const out: string[] = []
  let conflicts = 0
  for (const block of diff3Merge(lines(mine), lines(base), lines(theirs), { excludeFalseConflicts: true })) {
    if (block.ok) {
      out.push(...block.ok)
    } else if (block.conflict) {
      conflicts++
      out.push(YOURS, ...block.conflict.a, THEIRS, ...block.conflict.b, SETTLED)
    }
  }
  return { value: out.join('\n'), conflicts }
}

/**
 * Puts two changes of a form together, field by field. Where both changed the same field, one's own
 * stays and is counted.
 */
export function mergeFields<T extends object>(base: T, mine: T, theirs: T): Merged<T> {
  let conflicts = 0
  const value = { ...theirs }
  for (const field of Object.keys({ ...base, ...mine, ...theirs }) as (keyof T)[]) {
    const changedByMe = !same(mine[field], base[field])
    if (!changedByMe) continue
    if (!same(theirs[field], base[field]) && !same(theirs[field], mine[field])) conflicts++
    value[field] = mine[field]
  }
  return { value, conflicts }
}

/**
 * Puts two changes of a list together, line by line. Where both changed the same lines, one's own
 * stay and are counted.
 *
 * @param mark what a line is known by; lines of one mark are alike
 */
export function mergeLists<T>(
  base: T[],
  mine: T[],
  theirs: T[],
  mark: (line: T) => unknown = (line) => line,
): Merged<T[]> {
  const marked = (list: T[]) => list.map((line) => plain(mark(line)))
  const all = new Map([...base, ...theirs, ...mine].map((line) => [plain(mark(line)), line]))
  const value: T[] = []
  let conflicts = 0
  const blocks = diff3Merge(marked(mine), marked(base), marked(theirs), { excludeFalseConflicts: true })
  for (const block of blocks) {
    if (block.conflict) conflicts++
    for (const line of block.ok ?? block.conflict?.a ?? []) value.push(all.get(line) as T)
  }
  return { value, conflicts }
}

/** Whether two plain values are alike, in whatever order their fields stand. */
export function same(one: unknown, other: unknown): boolean {
  return plain(one) === plain(other)
}

function plain(value: unknown): string {
  return (
    JSON.stringify(value, (_, part: unknown) =>
      part && typeof part === 'object' && !Array.isArray(part)
        ? Object.fromEntries(Object.entries(part).sort(([a], [b]) => (a < b ? -1 : 1)))
        : part,
    ) ?? ''
  )
}
