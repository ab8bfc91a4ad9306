import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { drawProgress, nearestWeek, STAGES, stepFor, weekInWords, type Week } from '@/domain/progress'

const count = fc.integer({ min: 0, max: 60 })
const weeks = fc.array(
  fc.record({
    end: fc.constant('2026-11-29'),
    figures: count,
    known: count,
    practised: count,
    taught: count,
    started: count,
    rusty: count,
  }),
  { minLength: 1, maxLength: 60 },
)
const heights = (path: string) => [...path.matchAll(/[ML][\d.-]+ ([\d.-]+)/g)].map((it) => Number(it[1]))

describe('weeks of learning', () => {
  it('are piled up: no stage lies below the one before, and nothing leaves the room', () => {
    fc.assert(
      fc.property(weeks, fc.integer({ min: 1, max: 2000 }), (all: Week[], width) => {
        const drawing = drawProgress(all, width, 200)
        let below = all.map(() => 200)
        for (const layer of drawing.layers) {
          const edge = heights(layer.edge)
          expect(edge).toHaveLength(all.length)
          edge.forEach((y, i) => expect(y).toBeLessThanOrEqual((below[i] ?? 0) + 0.1))
          edge.forEach((y) => expect(y).toBeGreaterThanOrEqual(-0.1))
          below = edge
        }
        drawing.figures.points.forEach((one) => {
          expect(one.y).toBeGreaterThanOrEqual(0)
          expect(one.y).toBeLessThanOrEqual(200)
        })
        expect(drawing.xs.every((x) => x >= 0 && x <= width)).toBe(true)
        expect((drawing.labelled.length - 1) * 112).toBeLessThanOrEqual(Math.max(width, 112))
      }),
    )
  })

  it('stand at the height that the marks beside them say', () => {
    const week: Week = {
      end: '2026-11-29',
      figures: 30,
      known: 4,
      practised: 2,
      taught: 1,
      started: 1,
      rusty: 0,
    }
    const drawing = drawProgress([week, week], 100, 80)
    expect(drawing.dances.map((one) => one.value)).toEqual([0, 2, 4, 6, 8])
    const at = (value: number) => drawing.dances.find((one) => one.value === value)?.y
    expect(heights(drawing.layers[STAGES.indexOf('known')]?.edge ?? '')).toEqual([at(4), at(4)])
    expect(heights(drawing.layers[STAGES.indexOf('practised')]?.edge ?? '')).toEqual([at(6), at(6)])
    expect(drawing.figuresMarks.map((one) => one.value)).toEqual([0, 10, 20, 30])
    expect(weekInWords(week, () => '29 November')).toBe(
      '29 November: 4 known, 2 practised, 1 taught, 1 started, 30 figures met',
    )
  })

  it('are marked in round steps', () => {
    expect([0, 1, 4, 5, 8, 9, 21, 40, 41, 300].map((most) => stepFor(most))).toEqual([
      1, 1, 1, 2, 2, 5, 10, 10, 20, 100,
    ])
  })

  it('are read off at the nearest one', () => {
    expect([-5, 4, 6, 14, 99].map((x) => nearestWeek([0, 10, 20], x))).toEqual([0, 0, 1, 1, 2])
  })
})
