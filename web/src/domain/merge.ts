import { diffIndices } from 'node-diff3'

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

/** Lines of what both began with, `from` up to `to`, that somebody replaced. */
interface Hunk {
  from: number
  to: number
  lines: string[]
}

/** What somebody changed. As many lines for as many are so many changes of one line. */
function hunks(base: string[], changed: string[]): Hunk[] {
  return diffIndices(base, changed).flatMap(({ buffer1: [from, gone], buffer2: [at, come] }) => {
    const lines = changed.slice(at, at + come)
    return gone === come
      ? lines.map((line, i) => ({ from: from + i, to: from + i + 1, lines: [line] }))
      : [{ from, to: from + gone, lines }]
  })
}

/** Changes of both sides that touch the same lines. */
interface Cluster {
  from: number
  to: number
  mine: Hunk[]
  theirs: Hunk[]
}

/** Changes that lie side by side do not meet; two that put something in at one place do. */
function meets(one: { from: number; to: number }, next: Hunk): boolean {
  return next.from < one.to || (next.from === one.from && next.to === next.from && one.to === one.from)
}

function clusters(mine: Hunk[], theirs: Hunk[]): Cluster[] {
  const all = [...mine.map((hunk) => ({ hunk, own: true })), ...theirs.map((hunk) => ({ hunk, own: false }))]
  all.sort((a, b) => a.hunk.from - b.hunk.from || a.hunk.to - b.hunk.to)
  const found: Cluster[] = []
  for (const { hunk, own } of all) {
    let now = found.at(-1)
    if (!now || !meets(now, hunk)) {
      now = { from: hunk.from, to: hunk.to, mine: [], theirs: [] }
      found.push(now)
    }
    now.to = Math.max(now.to, hunk.to)
    now[own ? 'mine' : 'theirs'].push(hunk)
  }
  return found
}

/** The lines of a stretch, as one side has them. */
function applied(base: string[], from: number, to: number, changes: Hunk[]): string[] {
  const out: string[] = []
  let at = from
  for (const hunk of changes) {
    out.push(...base.slice(at, hunk.from), ...hunk.lines)
    at = hunk.to
  }
  return [...out, ...base.slice(at, to)]
}

/** A stretch that both left or one changed, or one that both changed differently. */
type Stretch = { lines: string[] } | { mine: string[]; theirs: string[] }

/**
 * Puts two changes together, line by line (three-way, as diff3 does). Other than there, changes that
 * only lie side by side are no conflict: two fields of a head, two lines of a section.
 */
function merged(base: string[], mine: string[], theirs: string[]): Stretch[] {
  const out: Stretch[] = []
  let at = 0
  for (const one of clusters(hunks(base, mine), hunks(base, theirs))) {
    out.push({ lines: base.slice(at, one.from) })
    const own = applied(base, one.from, one.to, one.mine)
    const other = applied(base, one.from, one.to, one.theirs)
    if (!one.theirs.length || same(own, other)) out.push({ lines: own })
    else if (!one.mine.length) out.push({ lines: other })
    else out.push({ mine: own, theirs: other })
    at = one.to
  }
  return [...out, { lines: base.slice(at) }]
}

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
  for (const stretch of merged(lines(base), lines(mine), lines(theirs))) {
    if ('lines' in stretch) {
      out.push(...stretch.lines)
    } else {
      conflicts++
      out.push(YOURS, ...stretch.mine, THEIRS, ...stretch.theirs, SETTLED)
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
  for (const stretch of merged(marked(base), marked(mine), marked(theirs))) {
    if (!('lines' in stretch)) conflicts++
    for (const line of 'lines' in stretch ? stretch.lines : stretch.mine) value.push(all.get(line) as T)
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
