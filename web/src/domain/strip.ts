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

/** The call as there is room for it: within one count the turn stands below, not in the call. */
export function shortCall(cell: Cell): string {
  return cell.figureSpan > COLUMNS_A_COUNT ? cell.place.call : cell.place.shortCall
}

export const COLUMNS_A_COUNT = 4
const TICKS_A_COLUMN = 3

/** Lays places out on a grid of four columns a count; a pick-up before count 1 stays at the edge. */
export function layOut(places: Place[], counts: number): Cell[] {
  const columns = counts * COLUMNS_A_COUNT
  const starts = places.map((place) => Math.max(0, Math.floor((place.tick - 12) / TICKS_A_COLUMN)))
  return places.map((place, i) => {
    const column = Math.min(starts[i], columns - 1)
    const next = i + 1 < places.length ? starts[i + 1] : columns
    const opens = i === 0 || places[i - 1].run !== place.run
    let end = i
    while (end + 1 < places.length && places[end + 1].run === place.run) end++
    const figureEnd = end + 1 < places.length ? starts[end + 1] : columns
    return {
      place,
      column,
      span: Math.max(1, next - column),
      opens,
      figureSpan: Math.max(1, figureEnd - column),
    }
  })
}
