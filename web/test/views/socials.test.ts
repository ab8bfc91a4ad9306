import { describe, expect, it } from 'vitest'
import {
  calledOf,
  changesBetween,
  isSong,
  onNow,
  songOf,
  stretches,
  timeAt,
  toCome,
  type Line,
} from '@/views/socials/order'
import { secondsSince } from '@/views/socials/since'

function song(dance: number, start: number, more: Partial<Line> = {}): Line {
  return {
    start,
    seconds: 240,
    how: 'DANCE',
    dances: [{ dance, title: `Dance ${dance}`, level: 'BEGINNER', counts: 32 }],
    who: [1],
    tooLong: [],
    effort: 30,
    stays: false,
    reasons: [],
    ...more,
  }
}
const pause: Line = { ...song(0, 480), how: undefined, pause: 'BREAK', dances: [], who: [], seconds: 600 }

describe('the order of a social', () => {
  const lines = [song(1, 0, { begun: 30 }), song(2, 240, { who: [2] }), pause, song(3, 1080, { who: [1, 2] })]

  it('has songs that were played, one that is on, and songs to come', () => {
    expect(onNow(lines)?.dances[0].dance).toBe(1)
    expect(toCome(lines).map((line) => line.dances[0].dance)).toEqual([2, 3])
    expect(lines.filter(isSong)).toHaveLength(3)
    expect(onNow(toCome(lines))).toBeUndefined()
  })

  it('is sent as what is to be played', () => {
    const two = song(4, 0, { how: 'SPLIT', stays: true })
    two.dances = [...two.dances, { dance: 5, title: 'Dance 5', level: 'IMPROVER', counts: 48 }]
    expect(songOf(two)).toEqual({ how: 'SPLIT', dance: 4, other: 5, stays: true })
    expect(songOf(two, false).stays).toBe(false)
    expect(calledOf(song(6, 0, { how: 'AGAIN' }))).toBe('Dance 6 again')
  })

  it('shows when a group dances, when it sits, and when for too long', () => {
    const sits = [
      song(1, 0),
      song(2, 240, { who: [] }),
      song(3, 480, { who: [], tooLong: [1] }),
      song(4, 720),
    ]
    expect(stretches(sits, 1)).toEqual([
      { from: 0, to: 240, dances: true, long: false },
      { from: 240, to: 720, dances: false, long: true },
      { from: 720, to: 960, dances: true, long: false },
    ])
  })

  it('lets a break end a stretch, and nobody waits in it', () => {
    expect(stretches(lines, 2).map((part) => [part.from, part.to, part.dances])).toEqual([
      [0, 240, false],
      [240, 480, true],
      [1080, 1320, true],
    ])
  })

  it('says what comes in, goes out and stands elsewhere in another one', () => {
    const other = [song(3, 0), song(2, 240), song(9, 480)]
    expect(changesBetween(lines, other)).toEqual({ moved: 2, news: ['Dance 9'], gone: [] })
    expect(changesBetween(other, lines)).toEqual({ moved: 2, news: [], gone: ['Dance 9'] })
    expect(changesBetween(lines, lines)).toEqual({ moved: 0, news: [], gone: [] })
  })

  it('tells times of day past midnight', () => {
    expect(timeAt('19:30:00', 0)).toBe('19:30')
    expect(timeAt('19:30', 95 * 60 + 59)).toBe('21:05')
    expect(timeAt('23:15', 3600)).toBe('0:15')
  })
})

describe('the time since a social began', () => {
  const social = { date: '2026-12-05', startsAt: '19:30' }
  const at = (moment: string) => secondsSince(social, new Date(moment).getTime())

  it('is counted on the evening, and is nothing on another day', () => {
    expect(at('2026-12-05T20:00:00')).toBe(1800)
    expect(at('2026-12-05T19:00:00')).toBe(0)
    expect(at('2026-12-06T00:30:00')).toBe(5 * 3600)
    expect(at('2026-12-04T20:00:00')).toBeUndefined()
    expect(at('2026-12-06T20:00:00')).toBeUndefined()
  })
})
