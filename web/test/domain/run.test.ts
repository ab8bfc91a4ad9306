import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { answered, begin, rungOf, type Answer } from '@/domain/run/ladder'
import { clicks } from '@/domain/run/measure'
import { momentAt } from '@/domain/run/moment'
import { Player, type Piece, type Stage } from '@/domain/run/player'
import { hitsOf, rungFor, scoreOf, type ScoreEvent } from '@/domain/run/score'
import { muLaw, synthesise } from '@/domain/run/synth'
import { alongMarks, steady, wrongMarks, type Mark } from '@/domain/run/tempo-map'
import { Transport } from '@/domain/run/transport'
import { run, SOUND } from '../run'

/** A clock that a test turns, and a list of what was handed over. */
class Hall implements Stage {
  clock = 0
  heard: { tick: number; kind: string; at: number; now: number }[] = []
  songs: { at: number; second: number; speed: number }[] = []
  hushed = 0
  now = () => this.clock
  sound = (event: ScoreEvent, at: number) =>
    void this.heard.push({ tick: event.tick, kind: event.kind, at, now: this.clock })
  music = (at: number, second: number, speed: number) => void this.songs.push({ at, second, speed })
  hush = () => void this.hushed++
}

const piece = (of = run(), rung = 0): Piece => ({
  events: scoreOf(of, rung),
  map: steady(of.fullRate),
  from: -of.countIn * 12,
  to: of.track.counts * 12,
})

/** Lets the page look at the clock in steps of those seconds, until it is over. */
function playOut(player: Player, hall: Hall, steps: () => number, most = 100_000) {
  for (let i = 0; i < most && player.pump(0.2); i++) hall.clock += steps()
}

describe('the player', () => {
  it('hands every sound over once, in time, at its exact moment, however the page stumbles', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 50, max: 110 }),
        fc.array(fc.double({ min: 0.005, max: 0.19, noNaN: true }), { minLength: 1, maxLength: 40 }),
        (percent, jumps) => {
          const hall = new Hall()
          const player = new Player(hall)
          const what = piece()
          let i = 0
          player.start(what, what.from, percent / 100)
          playOut(player, hall, () => jumps[i++ % jumps.length])
          expect(hall.heard.map((one) => one.tick)).toEqual(what.events.map((one) => one.tick))
          const perTick = 60 / ((120 * percent) / 100) / 12
          const first = hall.heard[0].at
          for (const one of hall.heard) {
            expect(one.at).toBeCloseTo(first + (one.tick - what.from) * perTick, 9)
            expect(one.at).toBeGreaterThanOrEqual(one.now)
          }
        },
      ),
    )
  })

  it('does not drift: after ten minutes a click is where it is due within a millionth', () => {
    const hall = new Hall()
    const player = new Player(hall)
    const events = clicks(1234)
    player.start({ events, map: steady(123.4), from: 0, to: 1234 * 12 }, 0, 1)
    playOut(player, hall, () => 0.0237)
    const last = hall.heard.at(-1)!
    expect(last.at - hall.heard[0].at).toBeCloseTo((1233 * 60) / 123.4, 6)
  })

  it('changes speed without a gap or a double sound, and the song with it', () => {
    const hall = new Hall()
    const player = new Player(hall)
    const what = piece()
    player.start(what, what.from, 0.6)
    for (let i = 0; i < 100; i++) {
      player.pump(0.2)
      hall.clock += 0.05
    }
    player.bend(1)
    player.swap(scoreOf(run(), 2))
    playOut(player, hall, () => 0.05)
    expect(hall.heard.map((one) => one.tick)).toEqual(what.events.map((one) => one.tick))
    const clicks = hall.heard.filter((one) => one.kind === 'click').map((one) => one.at)
    const gaps = clicks.slice(1).map((at, i) => at - clicks[i])
    expect(Math.max(...gaps)).toBeCloseTo(60 / 72, 6)
    expect(Math.min(...gaps)).toBeCloseTo(60 / 120, 6)
    const bent = hall.songs.at(-1)!
    expect(bent.speed).toBe(1)
    // The song goes on from the very second at which it was.
    expect(bent.second).toBeCloseTo(-2 + (bent.at - hall.songs[0].at) * 0.6, 9)
  })

  it('begins again and again with its count-in, on the very moment at which it ends', () => {
    const hall = new Hall()
    const player = new Player(hall)
    const what = piece()
    player.loop = true
    player.start(what, what.from, 1)
    for (let i = 0; i < 900; i++) {
      player.pump(0.2)
      hall.clock += 0.05
    }
    const clicks = hall.heard.filter((one) => one.kind === 'click')
    clicks.forEach((one, i) => {
      expect(one.at).toBeCloseTo(clicks[0].at + i * 0.5, 9)
      expect(one.tick).toBe(((i % 40) - 4) * 12)
    })
    player.loop = false
    playOut(player, hall, () => 0.05)
    expect(player.playing).toBe(false)
  })
})

describe('where the beat of a song lies', () => {
  it('goes there and back for any marks that can be true', () => {
    const marks = fc
      .array(fc.tuple(fc.integer({ min: 1, max: 60 }), fc.double({ min: 0.4, max: 0.7, noNaN: true })), {
        minLength: 1,
        maxLength: 6,
      })
      .map((gaps) => {
        const all: Mark[] = [{ count: 1, second: 3 }]
        for (const [counts, perCount] of gaps) {
          const last = all[all.length - 1]
          all.push({ count: last.count + counts, second: last.second + counts * perCount })
        }
        return all
      })
    fc.assert(
      fc.property(marks, fc.integer({ min: -100, max: 6000 }), (all, tick) => {
        expect(wrongMarks(all)).toBe('')
        const map = alongMarks(all, 120, 0)
        expect(map.tick(map.seconds(tick))).toBeCloseTo(tick, 6)
        for (const mark of all) expect(map.seconds((mark.count - 1) * 12)).toBeCloseTo(mark.second, 9)
      }),
    )
  })

  it('takes a tempo where there is one mark, and begins where the track lies in the song', () => {
    const map = alongMarks([{ count: 1, second: 8.25 }], 100, 32)
    expect(map.seconds(0)).toBeCloseTo(8.25 + 32 * 0.6, 9)
    expect(map.seconds(-48)).toBeCloseTo(8.25 + 28 * 0.6, 9)
  })

  it('refuses marks that cannot be', () => {
    expect(
      wrongMarks([
        { count: 9, second: 4 },
        { count: 5, second: 8 },
      ]),
    ).toContain('Count 5 has to come later')
    expect(
      wrongMarks([
        { count: 1, second: 4 },
        { count: 33, second: 5 },
      ]),
    ).toContain('1920 counts a minute')
  })

  it('is looked up at any moment, also before and after a change', () => {
    const transport = new Transport(steady(60))
    transport.start(10, -48, 1)
    expect(transport.tickAt(10)).toBe(-48)
    transport.bend(14, 0.5)
    expect(transport.tickAt(14)).toBeCloseTo(0, 9)
    expect(transport.tickAt(13)).toBeCloseTo(-12, 9)
    expect(transport.tickAt(16)).toBeCloseTo(12, 9)
    expect(transport.timeOf(24)).toBeCloseTo(18, 9)
  })
})

describe('what is shown', () => {
  const of = run()

  it('counts in with the last counts of a section', () => {
    const at = [-48, -37, -36, -1].map((tick) => momentAt(of, tick))
    expect(at.map((one) => one.spoken)).toEqual([5, 5, 6, 8])
    expect(at.map((one) => one.countIn)).toEqual([4, 4, 3, 1])
    expect(at[0].next).toBe(of.track.steps[0])
    expect(at[0].figure).toBeUndefined()
  })

  it('knows section, wall, figure and the way to the tag on every count', () => {
    for (let count = 0; count < 36; count++) {
      const at = momentAt(of, count * 12)
      expect(at.step).toBe(count)
      expect(at.spoken).toBe(count < 16 ? (count % 8) + 1 : count < 20 ? count - 15 : ((count - 20) % 8) + 1)
      expect(at.leg.wall).toBe(count < 20 ? 1 : 2)
      expect(at.mark?.counts).toBe(count < 16 ? 16 - count : undefined)
      expect(at.songLeft).toBe(300 - count)
    }
    expect(momentAt(of, 24).next?.call).toBe('figure 2')
    expect(momentAt(of, 36 * 12 - 1).next).toBeUndefined()
  })
})

describe('the ladder on the device', () => {
  const { ladder } = run()
  const walk = (...answers: Answer[]) =>
    answers.reduce((on, one) => answered(ladder, on, one), begin(ladder, 0))

  it('follows the table that was sent', () => {
    expect(rungOf(ladder, walk('CLEAN'))).toBe(1)
    expect(rungOf(ladder, walk('CLEAN', 'SHAKY'))).toBe(1)
    expect(rungOf(ladder, walk('CLEAN', 'SHAKY', 'SHAKY'))).toBe(0)
    expect(walk('CLEAN', 'CLEAN').done).toBe(false)
    expect(walk('CLEAN', 'CLEAN', 'CLEAN').done).toBe(true)
  })

  it('says when it is enough, and no more once that rung was clean', () => {
    expect(walk('LOST', 'LOST').enough).toBe('')
    expect(walk('LOST', 'LOST', 'LOST').enough).toContain('60 %')
    expect(walk('LOST', 'LOST', 'LOST', 'CLEAN').enough).toBe('')
  })
})

describe('what is heard', () => {
  it('knows clicks by their instrument, and leaves the band as the core has placed it', () => {
    const heard = hitsOf(run())
    expect(heard.filter((one) => one.kind === 'click')).toHaveLength(40)
    expect(heard[0]).toEqual({ tick: -48, kind: 'click', strong: true })
    expect(heard.at(-1)).toEqual({ tick: 24, kind: 'hit', instrument: 'BASS', strength: 90, semitones: 12 })
  })

  it('takes the calls of the slowest rung that is not slower', () => {
    const { ladder } = run()
    expect([50, 60, 61, 80, 99, 100, 110].map((percent) => rungFor(ladder, percent))).toEqual([
      0, 0, 1, 1, 2, 2, 2,
    ])
  })

  it('fades, and is there from its first sample', () => {
    const tone = synthesise(SOUND.instruments[0], 44100, 12)
    expect(Math.abs(tone[0])).toBeGreaterThan(0.5)
    expect(Math.max(...tone.slice(-100).map(Math.abs))).toBeLessThan(0.002)
    const crossings = tone.filter((sample, i) => i > 0 && sample > 0 !== tone[i - 1] > 0).length
    expect(crossings / 2 / (tone.length / 44100)).toBeCloseTo(880, -2)
  })

  it('reads mu-law as ITU-T G.711 has it (from memory)', () => {
    expect([0x80, 0x00, 0xfe, 0xff].map((code) => muLaw(code) * 32768)).toEqual([32124, -32124, 8, 0])
  })
})
