import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { isTaught, lanes, span, type Bar } from '@/views/terms/lanes'

const day = (week: number) =>
  `2026-${String(Math.floor(week / 28) + 1).padStart(2, '0')}-${String((week % 28) + 1).padStart(2, '0')}`
const bar = (dance: number, from: number, to: number, known = to): Bar => ({
  group: 1,
  dance,
  title: `Dance ${dance}`,
  kind: 'NEW',
  start: day(from),
  stays: false,
  known: day(known),
  knots: Array.from({ length: to - from + 1 }, (_, i) => ({
    date: day(from + i),
    week: from + i,
    happened: i === 0 ? ('TAUGHT' as const) : ('DANCED' as const),
    minutes: 5,
  })),
  reasons: [],
})

describe('the bars of a term', () => {
  it('end where the dance is known; what comes later comes back', () => {
    expect(span(bar(1, 2, 9, 4))).toEqual({ from: 2, to: 4 })
    expect(span({ ...bar(1, 2, 5), known: undefined })).toEqual({ from: 2, to: 5 })
  })

  it('are for what is shown, not for what only comes back', () => {
    expect(isTaught(bar(1, 2, 3))).toBe(true)
    expect(isTaught({ ...bar(1, 2, 3), knots: bar(1, 2, 3).knots.slice(1) })).toBe(false)
  })

  it('never lie on each other, and take no more room than the fullest week needs', () => {
    const some = fc.array(fc.tuple(fc.nat(12), fc.nat(4)), { maxLength: 12 })
    fc.assert(
      fc.property(some, (spans) => {
        const bars = spans.map(([from, more], i) => bar(i, from + 1, from + 1 + more))
        const drawn = lanes(bars)
        expect(drawn).toHaveLength(bars.length)
        for (const one of drawn)
          for (const other of drawn)
            if (one !== other && one.lane === other.lane)
              expect(one.to < other.from || other.to < one.from).toBe(true)
        const fullest = Math.max(
          0,
          ...Array.from(
            { length: 20 },
            (_, week) => drawn.filter((it) => it.from <= week && week <= it.to).length,
          ),
        )
        expect(Math.max(0, ...drawn.map((it) => it.lane + 1))).toBe(fullest)
      }),
    )
  })
})
