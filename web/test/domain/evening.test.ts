import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  back,
  behind,
  fresh,
  minutesLeft,
  nextOf,
  reaching,
  scheduled,
  secondsOfLine,
  sinceRest,
  step,
  taken,
  type Evening,
} from '@/domain/evening'
import { filledIn, keptOf, toSend, unsaid } from '@/domain/log'
import { closedIn, marks, mondayOf, monthsOver, weeksUntil } from '@/domain/weeks'
import { classSheet, INES, line } from '../made'

const MINUTE = 60_000
const sheet = classSheet({
  date: '2026-11-30',
  startsAt: '19:00',
  minutes: 60,
  lines: [
    line({ id: 1, start: 0, minutes: 6, kind: 'WARM_UP', title: 'Walks' }),
    line({ id: 2, start: 6, minutes: 24, kind: 'TEACH', dance: 7, title: 'Tea Urn' }),
    line({ id: 3, start: 30, minutes: 8, kind: 'PRACTICE', dance: 7, title: 'Tea Urn' }),
    line({ id: 4, start: 38, minutes: 5, kind: 'BREAK', title: 'Water' }),
    line({ id: 5, start: 43, minutes: 12, kind: 'REMINDER', dance: 8, title: 'Brass Buttons' }),
    line({ id: 6, start: 55, minutes: 5, kind: 'COOL_DOWN', title: 'Stretches' }),
  ],
})
const seven = scheduled(sheet)
const at = (minute: number) => seven + minute * MINUTE
/** An evening whose lines began at those minutes. */
const begun = (...minutes: number[]) =>
  minutes.reduce((evening, minute) => step(evening, sheet.lines, seven, at(minute)), fresh())

describe('an evening on the floor', () => {
  it('goes on line by line, and says what is next, how long there is and how late it gets', () => {
    const evening = begun(2, 9)
    expect(evening.on).toBe(2)
    expect(nextOf(evening, sheet.lines)?.id).toBe(3)
    expect(secondsOfLine(evening, sheet.lines, at(20))).toBe(13 * 60)
    expect(minutesLeft(evening, 60, at(20))).toBe(40)
    expect(behind(evening, sheet.lines, 60, at(20))).toBe(3)
    // It runs over: every minute more is a minute late.
    expect(behind(evening, sheet.lines, 60, at(40))).toBe(10)
  })

  it('goes on after what was done where a colleague took out the line that is on', () => {
    const without = sheet.lines.filter((one) => one.id !== 3)
    expect(nextOf(begun(0, 6, 30), without)?.id).toBe(4)
  })

  it('counts from the time of the class, or from the first line where it is rehearsed', () => {
    expect(begun(5).start).toBe(seven)
    expect(step(fresh(), sheet.lines, seven, at(9000)).start).toBe(at(9000))
  })

  it('leaves out what has no minutes any more, and ends after the last', () => {
    const cut: Evening = { ...begun(0, 6, 30), now: { 4: 0, 5: 0 } }
    expect(nextOf(cut, sheet.lines)?.id).toBe(6)
    const last = step(cut, sheet.lines, seven, at(55))
    const over = step(last, sheet.lines, seven, at(58))
    expect(over.ended).toBe(at(58))
    expect(taken(over, sheet.lines, at(99))).toEqual({ 1: 6, 2: 24, 3: 25, 6: 3 })
  })

  it('goes back as if it had never gone on', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 6 }), (steps) => {
        const minutes = Array.from({ length: steps }, (_, i) => i * 5)
        const evening = begun(...minutes)
        const on = step(evening, sheet.lines, seven, at(50))
        expect(back(on, sheet.lines)).toEqual(steps < 6 ? evening : { ...evening, ended: undefined })
      }),
    )
  })

  it('knows how long nobody has rested', () => {
    expect(sinceRest(begun(0, 6, 30), sheet.lines, at(37))).toBe(37)
    expect(sinceRest(begun(0, 6, 30, 38), sheet.lines, at(40))).toBe(0)
    expect(sinceRest(begun(0, 6, 30, 38, 44), sheet.lines, at(50))).toBe(6)
  })
})

describe('a log', () => {
  const more = { spots: [], options: '' }
  const expected = [
    { line: 2, happened: 'TAUGHT', shown: [1, 2], allSections: 2, outcome: 'SOLID', noted: false, more },
    {
      line: 3,
      happened: 'DANCED_CALLED',
      shown: [1, 2],
      allSections: 2,
      outcome: 'SOLID',
      noted: false,
      more,
    },
    { line: 5, happened: 'WALKED', shown: [1], allSections: 1, outcome: 'SOLID', noted: false, more },
  ] as Parameters<typeof filledIn>[1]

  it('is filled in as planned where nobody was on the floor with it', () => {
    const log = filledIn({ ...sheet, leader: INES }, expected, undefined, at(70))
    expect(log.lines.map((one) => one.danced)).toEqual([true, true, true])
    expect(log.ledBy).toEqual(INES)
  })

  it('is filled in as the evening went: what was left out, how long it took, what was reached', () => {
    const note = { dance: 7, happened: 'INTRODUCED' as const, shown: [1], outcome: 'SHAKY' as const, more }
    const evening = reaching(begun(0, 8, 40), { dance: 7, taught: true, note })
    const log = filledIn(sheet, expected, evening, at(52))
    expect(log.lines.map((one) => one.danced)).toEqual([true, true, false])
    expect(log.lines[0]).toMatchObject({ minutes: 32, happened: 'INTRODUCED', shown: [1], outcome: 'SHAKY' })
    expect(log.lines[1]).toMatchObject({ minutes: 12, happened: 'DANCED_CALLED' })
  })

  it('keeps what was written where the order changed meanwhile', () => {
    const before = filledIn(sheet, expected, undefined, at(70))
    before.lines[0].outcome = 'LOST'
    before.note = 'cold hall'
    const kept = keptOf(before, filledIn(sheet, [...expected].reverse(), undefined, at(70)))
    expect(kept.note).toBe('cold hall')
    expect(kept.lines.find((one) => one.line === 2)?.outcome).toBe('LOST')
  })

  it('is sent without what was not danced, and wants sections of what was begun', () => {
    const log = filledIn(sheet, expected, undefined, at(70))
    log.lines[2].danced = false
    log.lines[0] = { ...log.lines[0], happened: 'INTRODUCED', shown: [], spots: { 2: 'LOST' } }
    expect(unsaid(log)?.title).toBe('Tea Urn')
    log.lines[0].shown = [2]
    const sent = toSend(log, 4, 'key', { heads: 12, version: 0 })
    expect(sent).toMatchObject({ version: 4, key: 'key', came: { heads: 12 } })
    expect(sent.lines).toHaveLength(2)
    expect(sent.lines[0]).toMatchObject({ shown: [2], more: { spots: [{ section: 2, outcome: 'LOST' }] } })
    expect(sent.lines[1].shown).toEqual([1, 2])
  })
})

describe('weeks', () => {
  it('begin on their Monday and hold what falls into them', () => {
    const monday = new Date('2024-01-01T00:00:00Z')
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 2000 }), (days) => {
        const day = new Date(monday.getTime() + days * 86_400_000).toISOString().slice(0, 10)
        const week = mondayOf(day)
        expect(new Date(`${week}T00:00:00Z`).getUTCDay()).toBe(1)
        expect(week <= day).toBe(true)
      }),
    )
    const weeks = weeksUntil('2026-11-24', ['2026-11-03', '2026-11-24'], 26)
    expect(weeks).toEqual(['2026-11-02', '2026-11-09', '2026-11-16', '2026-11-23'])
    expect(marks(weeks, ['2026-11-03', '2026-11-08', '2026-10-01'], (it) => it)).toEqual([
      ['2026-11-03', '2026-11-08'],
      [],
      [],
      [],
    ])
    expect(weeksUntil('2026-11-24', ['2020-01-01'], 26)).toHaveLength(26)
    expect(monthsOver(['2026-10-26', '2026-11-02', '2026-11-09'])).toEqual([
      { from: '2026-10-26', name: 'Oct', weeks: 1 },
      { from: '2026-11-02', name: 'Nov', weeks: 2 },
    ])
  })

  it('are closed only where all of them is, and for whom', () => {
    const closed = [
      { from: '2026-11-02', to: '2026-11-08', note: 'Break' },
      { group: 2, from: '2026-11-09', to: '2026-11-15', note: '' },
      { from: '2026-11-17', to: '2026-11-30', note: 'Floor' },
    ]
    const weeks = ['2026-11-02', '2026-11-09', '2026-11-16', '2026-11-23']
    expect(closedIn(weeks, closed, 1)).toEqual(['Break', undefined, undefined, 'Floor'])
    expect(closedIn(weeks, closed, 2)).toEqual(['Break', 'no class', undefined, 'Floor'])
  })
})
