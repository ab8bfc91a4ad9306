import type { TempoMap } from './tempo-map'

/** From a moment of the clock on, music runs from a second at a speed. */
interface Piece {
  at: number
  second: number
  speed: number
}

/**
 * Where one is in the music at every moment of a clock. Moments are computed from where a piece began,
 * never added up, so that nothing drifts.
 */
export class Transport {
  private pieces: Piece[] = []

  constructor(private map: TempoMap) {}

  /** Begins at a tick. */
  start(at: number, tick: number, speed: number): void {
    this.pieces = [{ at, second: this.map.seconds(tick), speed }]
  }

  /** From a moment on, goes on at another speed; from the same place. */
  bend(at: number, speed: number): void {
    this.push({ at, second: this.secondAt(at), speed })
  }

  /** From a moment on, goes on from another tick. */
  jump(at: number, tick: number): void {
    this.push({ at, second: this.map.seconds(tick), speed: this.speed })
  }

  get speed(): number {
    return this.pieces.at(-1)?.speed ?? 1
  }

  /** The tick that is heard at a moment. */
  tickAt(at: number): number {
    return this.map.tick(this.secondAt(at))
  }

  /** The second of the music that is heard at a moment. */
  secondAt(at: number): number {
    const piece = this.pieces.findLast((one) => one.at <= at) ?? this.pieces[0]
    return piece ? piece.second + (at - piece.at) * piece.speed : 0
  }

  /** When a tick falls, as it goes on now. */
  timeOf(tick: number): number {
    const piece = this.pieces.at(-1)
    return piece ? piece.at + (this.map.seconds(tick) - piece.second) / piece.speed : 0
  }

  private push(piece: Piece): void {
    // A screen never looks back further than the piece before.
    this.pieces = [...this.pieces.slice(-3), piece]
  }
}
