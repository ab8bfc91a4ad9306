import type { ScoreEvent } from './score'
import type { TempoMap } from './tempo-map'
import { Transport } from './transport'

/** What a player plays on: a clock in seconds, and something that sounds at its moments. */
export interface Stage {
  now(): number
  sound(event: ScoreEvent, at: number, speed: number): void
  /** Music of a file runs from a second on at a speed, from a moment of the clock on. */
  music(at: number, second: number, speed: number): void
  /** Everything that sounds or is going to stops. */
  hush(): void
}

/** What is to be played: events in order of time, between two ticks. */
export interface Piece {
  events: ScoreEvent[]
  map: TempoMap
  from: number
  to: number
}

/** Time between pressing and the first sound; a song that is stretched needs it to begin cleanly. */
const LEAD = 0.25

/**
 * Plays events on a clock, a little ahead of it. Whoever owns it calls {@link pump} often enough; a late
 * call delays nothing that was handed over before. Changes of speed, of what is called and of the place
 * take effect from where it has been handed over to, so that nothing sounds twice or too late.
 */
export class Player {
  loop = false
  /** Passes that were begun. */
  passes = 0
  private piece: Piece | undefined
  private transport: Transport | undefined
  private next = 0
  /** Up to which moment events have been handed over. */
  private horizon = 0
  private running = false

  constructor(private stage: Stage) {}

  get playing(): boolean {
    return this.running
  }

  /** Begins at a tick, after a short moment. */
  start(piece: Piece, tick: number, speed: number): void {
    if (this.running) this.stage.hush()
    this.piece = piece
    this.transport = new Transport(piece.map)
    this.horizon = this.stage.now() + LEAD
    this.transport.start(this.horizon, tick, speed)
    this.next = piece.events.findIndex((event) => event.tick >= tick)
    if (this.next < 0) this.next = piece.events.length
    this.running = true
    this.passes++
    this.stage.music(this.horizon, this.transport.secondAt(this.horizon), speed)
  }

  stop(): void {
    if (!this.running) return
    this.running = false
    this.stage.hush()
  }

  /** Goes on at another speed. */
  bend(speed: number): void {
    if (!this.transport || speed === this.transport.speed) return
    this.transport.bend(this.horizon, speed)
    this.stage.music(this.horizon, this.transport.secondAt(this.horizon), speed)
  }

  /** Goes on with other events of the same track: other calls for another rung. */
  swap(events: ScoreEvent[]): void {
    if (!this.piece || !this.transport) return
    const tick = this.transport.tickAt(this.horizon)
    this.piece = { ...this.piece, events }
    this.next = events.findIndex((event) => event.tick >= tick - 1e-6)
    if (this.next < 0) this.next = events.length
  }

  /**
   * Hands over what falls before a moment ahead; ends when the piece is over and it does not loop.
   *
   * @param ahead seconds from now
   * @returns whether it still plays
   */
  pump(ahead: number): boolean {
    const { piece, transport } = this
    if (!this.running || !piece || !transport) return false
    const until = Math.max(this.horizon, this.stage.now() + ahead)
    for (;;) {
      const event = piece.events[this.next]
      const at = event ? transport.timeOf(event.tick) : Number.POSITIVE_INFINITY
      if (at < until) {
        this.stage.sound(event, at, transport.speed)
        this.next++
      } else {
        const end = transport.timeOf(piece.to)
        if (event || !this.loop || end >= until) break
        transport.jump(end, piece.from)
        this.passes++
        this.stage.music(end, transport.secondAt(end), transport.speed)
        this.next = 0
      }
    }
    this.horizon = until
    if (!this.loop && this.stage.now() >= transport.timeOf(piece.to)) {
      this.running = false
      return false
    }
    return true
  }

  /** The tick that is heard at a moment of the clock. */
  tickAt(at: number): number {
    if (!this.transport || !this.piece) return 0
    return Math.min(this.transport.tickAt(at), this.piece.to)
  }

  /** When a tick of what goes on now falls. */
  timeOf(tick: number): number {
    return this.transport?.timeOf(tick) ?? 0
  }
}
