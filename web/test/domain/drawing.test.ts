import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { shownFacing, shownFoot } from '@/domain/clock-view'
import { spoken, startsOn } from '@/domain/counting'
import { rowsOf } from '@/components/wall-ring/rows'
import { clock, degrees, onCircle } from '@/domain/facing'
import { CLOSED, frameOf, printsAfter, trail } from '@/domain/floor'
import { COLUMNS_A_COUNT, layOut, shortCall } from '@/domain/strip'
import { place } from '../made'

const facing = fc.integer({ min: -64, max: 64 })

describe('facings', () => {
  it('are told by the hours of a clock, wherever one has turned to', () => {
    expect([0, 1, 2, 3, 4, 5, 6, 7].map(clock)).toEqual([
      '12',
      '1:30',
      '3',
      '4:30',
      '6',
      '7:30',
      '9',
      '10:30',
    ])
    fc.assert(fc.property(facing, (eighths) => clock(eighths) === clock(eighths + 8)))
  })

  it('lie clockwise on the screen, 12 above', () => {
    const [top, right] = [onCircle(0, 10), onCircle(2, 10)]
    expect([top.x, top.y]).toEqual([0, -10])
    expect(right.x).toBeCloseTo(10)
    expect(right.y).toBeCloseTo(0)
    expect(degrees(2)).toBe(90)
  })

  it('are the same in the mirror, drawn from the other side; only the wall’s own clock renames them', () => {
    fc.assert(
      fc.property(facing, facing, (at, start) => {
        const room = shownFacing(at, start, 'room')
        const mirror = shownFacing(at, start, 'mirror')
        expect(mirror.label).toBe(room.label)
        expect(mirror.degrees - room.degrees).toBe(180)
        expect(mirror.frontBelow).toBe(true)
        expect(shownFacing(start, start, 'wall').label).toBe('12')
        expect(shownFacing(at, start, 'wall').label).toBe(shownFacing(at - start, 0, 'room').label)
      }),
    )
  })

  it('come with the other foot only in the mirror', () => {
    expect(shownFoot('L', 'room')).toBe('L')
    expect(shownFoot('L', 'mirror')).toBe('R')
    expect(shownFoot('R', 'mirror')).toBe('L')
    expect(shownFoot(undefined, 'mirror')).toBeUndefined()
  })
})

describe('prints on the floor', () => {
  it('show closed feet before the first step', () => {
    const prints = printsAfter(undefined)
    expect(prints.map((one) => [one.foot, one.x, one.weight])).toEqual([
      ['L', CLOSED.leftX, true],
      ['R', CLOSED.rightX, true],
    ])
  })

  it('show which foot moved, which carries, and which is lifted', () => {
    const kick = place({
      foot: 'L',
      weight: 'R',
      takesWeight: false,
      facing: 2,
      feet: { ...CLOSED, lifted: true },
    })
    const [left, right] = printsAfter(kick)
    expect([left.moved, left.weight, left.lifted, left.angle]).toEqual([true, false, true, 90])
    expect([right.moved, right.weight, right.lifted]).toEqual([false, true, false])
  })

  it('lie inside the frame, however far one travels', () => {
    const at = fc.double({ min: -6, max: 6, noNaN: true })
    const feet = fc.record({ leftX: at, leftY: at, rightX: at, rightY: at, lifted: fc.boolean() })
    fc.assert(
      fc.property(fc.array(feet, { maxLength: 8 }), (steps) => {
        const frame = frameOf(
          steps.map((one) => place({ feet: one })),
          undefined,
        )
        for (const one of steps) {
          for (const [x, y] of [
            [one.leftX, one.leftY],
            [one.rightX, one.rightY],
          ]) {
            expect(x).toBeGreaterThan(frame.left)
            expect(x).toBeLessThan(frame.left + frame.width)
            expect(y).toBeGreaterThan(frame.bottom)
            expect(y).toBeLessThan(frame.bottom + frame.height)
          }
        }
      }),
    )
  })

  it('leave a trail of the steps that took weight, the latest few', () => {
    const steps = [place(), place({ foot: 'L', takesWeight: false }), place({ foot: undefined }), place()]
    expect(trail(steps, 4, 9)).toHaveLength(2)
    expect(trail(steps, 4, 1)).toHaveLength(1)
    expect(trail(steps, 0, 9)).toHaveLength(0)
  })
})

describe('a count strip', () => {
  it('draws no place over the next, nor longer than its count', () => {
    const ticks = fc.uniqueArray(fc.integer({ min: 4, max: 35 }), { minLength: 1, maxLength: 16 })
    fc.assert(
      fc.property(ticks, (found) => {
        const places = [...found].sort((a, b) => a - b).map((third, run) => place({ tick: third * 3, run }))
        const cells = layOut(places, 8)
        cells.forEach((cell, i) => {
          const next = cells[i + 1]
          expect(cell.span).toBeGreaterThanOrEqual(1)
          const end = cell.column + cell.span
          const countEnds = (Math.floor(cell.column / COLUMNS_A_COUNT) + 1) * COLUMNS_A_COUNT
          expect(end).toBe(Math.min(countEnds, next ? next.column : 8 * COLUMNS_A_COUNT))
        })
      }),
    )
  })

  it('keeps a pick-up at its edge and opens a figure once', () => {
    const cells = layOut(
      [place({ tick: 6, run: 0 }), place({ tick: 12, run: 1 }), place({ tick: 24, run: 1, step: 2 })],
      8,
    )
    expect(cells.map((cell) => cell.column)).toEqual([0, 0, 4])
    expect(cells.map((cell) => cell.opens)).toEqual([true, true, false])
    // Counts 1 and 2; what is not written on 3 to 8 stays empty.
    expect(cells[1].figureSpan).toBe(8)
  })

  it('leaves the turn out of a call only where there is no room', () => {
    const [short] = layOut(
      [place({ tick: 12, call: 'pivot 1/2 L', shortCall: 'pivot' }), place({ tick: 24, run: 1 })],
      2,
    )
    expect(shortCall(short)).toBe('pivot')
    const figure = { call: 'pivot 1/2 L', shortCall: 'pivot', run: 0 }
    const [long] = layOut([place({ tick: 12, ...figure }), place({ tick: 24, step: 2, ...figure })], 2)
    expect(shortCall(long)).toBe('pivot 1/2 L')
  })

  it('is counted as written, or by a number on every step', () => {
    const places = [place({ spoken: '1' }), place({ spoken: '&' }), place({ spoken: '2' })]
    expect(places.map((_, i) => spoken(places, i, 'written'))).toEqual(['1', '&', '2'])
    expect(places.map((_, i) => spoken(places, i, 'numbered'))).toEqual(['1', '2', '3'])
  })
})

describe('the walls beside the ring', () => {
  it('stand in rows that are never longer than there is room for', () => {
    expect(rowsOf([2, 6, 10, 14], 2)).toEqual(['2 6', '10 14'])
    const walls = fc.array(fc.integer({ min: 1, max: 64 }), { maxLength: 32 })
    fc.assert(
      fc.property(walls, (found) => {
        const rows = rowsOf(found, 2)
        expect(rows.every((row) => row.length <= '64 64'.length)).toBe(true)
        const told = rows.join(' ').split(' ').filter(Boolean)
        expect(told.includes('…')).toBe(found.length > 10)
        expect(told.slice(0, 10).map(Number)).toEqual(found.slice(0, 10))
      }),
    )
  })
})

it('a call begins on a count of its section, or of the one before, in eights and in sixes', () => {
  expect([0, 6, 12, 18].map((tick) => startsOn(tick, 8))).toEqual(['1', '1&', '2', '2&'])
  expect([-12, -18, -96].map((tick) => startsOn(tick, 8))).toEqual(['‹8', '‹7&', '‹1'])
  expect([-12, -18, -72].map((tick) => startsOn(tick, 6))).toEqual(['‹6', '‹5&', '‹1'])
})
