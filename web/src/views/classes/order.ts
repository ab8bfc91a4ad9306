import type { Schemas } from '@/api/client'
import { KIND_WORDS } from '@/domain/labels'
import { mergeLists, type Merged } from '@/domain/merge'

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

/** Puts two changes of a running order together, line by line; where both changed the same lines, one's own stay. */
export function mergeOrders(base: Order, mine: Order, theirs: Order): Merged<Order> {
  const { value: lines, conflicts } = mergeLists(base.lines, mine.lines, theirs.lines)
  const minutes = mine.minutes === base.minutes ? theirs.minutes : mine.minutes
  return { value: withoutTwins({ minutes, lines }), conflicts }
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
