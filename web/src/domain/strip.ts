import type { Schemas } from '@/api/client'

type Place = Schemas['PlaceView']

/** One place on a count strip, with its share of the strip's width. */
export interface Cell {
  place: Place
  /** Columns from the left, four to a count. */
  column: number
  /** Columns wide, at least one. */
  span: number
  /** First place of its figure: the call is written here. */
  opens: boolean
  /** Columns of the whole figure, where it opens. */
  figureSpan: number
}

/** The call as there is room for it: within one count the turn and the foot stand below, not in the call. */
export function shortCall(cell: Cell): string {
  if (cell.figureSpan > COLUMNS_A_COUNT) return cell.place.call
  return cell.place.shortCall.replace(/ (left|right)$/, '')
}

export const COLUMNS_A_COUNT = 4
const TICKS_A_COLUMN = 3

/** Lays places out on a grid of four columns a count; a pick-up before count 1 stays at the edge. */
export function layOut(places: Place[], counts: number): Cell[] {
  const columns = counts * COLUMNS_A_COUNT
  const starts = places.map((place) => Math.max(0, Math.floor((place.tick - 12) / TICKS_A_COLUMN)))
  /** A place lasts until the next one, and no longer than its count: what is not written is empty. */
  const spanAt = (i: number) => {
    const column = Math.min(starts[i], columns - 1)
    const next = i + 1 < places.length ? starts[i + 1] : columns
    return Math.max(1, Math.min(next - column, COLUMNS_A_COUNT - (column % COLUMNS_A_COUNT)))
  }
  return places.map((place, i) => {
    const column = Math.min(starts[i], columns - 1)
    const opens = i === 0 || places[i - 1].run !== place.run
    let end = i
    while (end + 1 < places.length && places[end + 1].run === place.run) end++
    const span = spanAt(i)
    const last = spanAt(end) + Math.min(starts[end], columns - 1)
    return {
      place,
      column,
      span,
      opens,
      figureSpan: Math.max(1, last - column),
    }
  })
}
