import type { Schemas } from '@/api/client'

type Place = Schemas['PlaceView']

/** A figure as a line of a printed sheet. */
export interface SheetLine {
  counts: string
  call: string
  note: string
  /** Where it ends, where it turned. */
  facing: string
}

/**
 * One line a figure: its counts as written, its call, where it ends if it turned.
 *
 * @param label how a facing of the wall is told
 */
export function sheetLines(places: Place[], label: (facing: number) => string): SheetLine[] {
  const lines: SheetLine[] = []
  let from = 0
  while (from < places.length) {
    let to = from
    while (to + 1 < places.length && places[to + 1].run === places[from].run) to++
    const own = places.slice(from, to + 1)
    lines.push({
      counts: own[0].counts,
      call: own[0].call,
      note: own[0].note,
      facing: own.some((place) => place.turn) ? `to ${label(own[own.length - 1].facing)}` : '',
    })
    from = to + 1
  }
  return lines
}
