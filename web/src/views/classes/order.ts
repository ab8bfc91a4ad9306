import type { Schemas } from '@/api/client'
import { KIND_WORDS } from '@/domain/labels'
import { mergeFields, mergeLists, same, type Merged } from '@/domain/merge'

export type Line = Schemas['LineForm']

/** A running order as it is changed: its lines, and the minutes that there are. */
export interface Order {
  minutes: number
  lines: Line[]
}

export function orderOf(sheet: Schemas['ClassSheet']): Order {
  return {
    minutes: sheet.minutes,
    lines: sheet.lines.map(({ id, minutes, kind, dance, title }) => ({ id, minutes, kind, dance, title })),
  }
}

/**
 * Puts two changes of a running order together: which lines there are and in which order, and each
 * line field by field. Where both changed the same, one's own stays and is counted; so is a line that
 * one took out and the other changed.
 */
export function mergeOrders(base: Order, mine: Order, theirs: Order): Merged<Order> {
  const listed = mergeLists(base.lines, mine.lines, theirs.lines, (line) => line.id ?? line)
  const minutes = mergeFields({ of: base.minutes }, { of: mine.minutes }, { of: theirs.minutes })
  let conflicts = listed.conflicts + minutes.conflicts
  const of = (order: Order) => new Map(order.lines.map((line) => [line.id, line]))
  const [then, own, other] = [of(base), of(mine), of(theirs)]
  const lines = listed.value.map((line) => {
    const [before, here, there] = [then.get(line.id), own.get(line.id), other.get(line.id)]
    if (line.id === undefined || !before || !here || !there) return line
    const both = mergeFields(before, here, there)
    conflicts += both.conflicts
    return both.value
  })
  for (const [id, before] of then) {
    const [here, there] = [own.get(id), other.get(id)]
    const left = here ?? there
    if ((!here || !there) && left && !same(left, before)) conflicts++
  }
  return { value: withoutTwins({ minutes: minutes.value.of, lines }), conflicts }
}

/** A line that both moved stands once. */
function withoutTwins(order: Order): Order {
  const met = new Set<number>()
  const lines = order.lines.filter((line) => {
    if (line.id === undefined) return true
    const first = !met.has(line.id)
    met.add(line.id)
    return first
  })
  return { ...order, lines }
}

/** The order with only those numbers of lines that a saved order has; a line without one is new. */
export function adopted(order: Order, saved: Order): Order {
  const known = new Set(saved.lines.map((line) => line.id))
  return {
    ...order,
    lines: order.lines.map((line) => (known.has(line.id) ? line : { ...line, id: undefined })),
  }
}

/** A running order in words, line by line. */
export function orderWords(order: Order, title: (dance: number) => string): string[] {
  return [
    `${order.minutes} minutes`,
    ...order.lines.map(
      (line) =>
        `${KIND_WORDS[line.kind]}: ${line.dance === undefined ? line.title : title(line.dance)}, ${line.minutes} min`,
    ),
  ]
}
