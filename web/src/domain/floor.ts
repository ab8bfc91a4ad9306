import type { Schemas } from '@/api/client'

type Place = Schemas['PlaceView']
type Feet = Schemas['FeetView']

/** Feet before the first step: closed, facing 12. */
export const CLOSED: Feet = { leftX: -0.15, leftY: 0, rightX: 0.15, rightY: 0, lifted: false }

/** One print on the floor. */
export interface Print {
  foot: 'L' | 'R'
  x: number
  y: number
  /** Degrees to the right. */
  angle: number
  weight: boolean
  /** The foot that has just moved. */
  moved: boolean
  lifted: boolean
}

/** Both feet after a place; with no place, as one stands before the first. */
export function printsAfter(place: Place | undefined): Print[] {
  const feet = place?.feet ?? CLOSED
  const angle = (place?.facing ?? 0) * 45
  const carries = place?.weight ?? 'both'
  const print = (foot: 'L' | 'R', x: number, y: number): Print => ({
    foot,
    x,
    y,
    angle,
    weight: carries === foot || carries === 'both',
    moved: place?.foot === foot,
    lifted: feet.lifted && carries !== foot,
  })
  return [print('L', feet.leftX, feet.leftY), print('R', feet.rightX, feet.rightY)]
}

/** A window on the floor, in step lengths, y to the front. */
export interface Frame {
  left: number
  bottom: number
  width: number
  height: number
}

/** A window that holds all places and the feet before them, at least a few steps wide and high. */
export function frameOf(places: Place[], before: Place | undefined): Frame {
  const feet = [before?.feet ?? CLOSED, ...places.map((place) => place.feet)]
  const xs = feet.flatMap((one) => [one.leftX, one.rightX])
  const ys = feet.flatMap((one) => [one.leftY, one.rightY])
  const margin = 0.7
  const width = Math.max(3.6, Math.max(...xs) - Math.min(...xs) + 2 * margin)
  const height = Math.max(2.6, Math.max(...ys) - Math.min(...ys) + 2 * margin)
  return {
    left: (Math.max(...xs) + Math.min(...xs) - width) / 2,
    bottom: (Math.max(...ys) + Math.min(...ys) - height) / 2,
    width,
    height,
  }
}

/** The earlier prints that are still shown, fading: a print for every step that was taken. */
export function trail(places: Place[], until: number, most: number): Print[] {
  return places
    .slice(Math.max(0, until - most), until)
    .filter((place) => place.foot && place.takesWeight)
    .map((place) => ({
      foot: place.foot as 'L' | 'R',
      x: place.foot === 'L' ? place.feet.leftX : place.feet.rightX,
      y: place.foot === 'L' ? place.feet.leftY : place.feet.rightY,
      angle: place.facing * 45,
      weight: false,
      moved: false,
      lifted: false,
    }))
}
