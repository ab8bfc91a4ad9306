import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { countsOf, momentAt, TICKS } from '@/domain/beat'
import { wall } from '../made'

const every = (counts: number) => Array.from({ length: counts }, (_, count) => count * TICKS)

describe('where a run-through is', () => {
  const walls = [wall(16, every(16)), wall(8, every(8), 2, 4)]

  it('counts in before the first step', () => {
    const at = [0, 0.99, 1, 7.5].map((counts) => momentAt(walls, counts, 8, 8))
    expect(at.map((moment) => moment.countIn)).toEqual([8, 8, 7, 1])
    expect(at.map((moment) => moment.spoken)).toEqual([1, 1, 2, 8])
    expect(at.every((moment) => moment.step === undefined)).toBe(true)
    expect(at[0].next).toBe(walls[0].steps[0])
  })

  it('goes on to the next wall on the very count on which the first one ends', () => {
    expect(momentAt(walls, 8 + 15.99, 8, 8).wall).toBe(walls[0])
    const next = momentAt(walls, 8 + 16, 8, 8)
    expect(next.wall).toBe(walls[1])
    expect(next.count).toBe(1)
    expect(next.step).toBe(walls[1].steps[0])
  })

  it('ends after the tag of the last wall', () => {
    expect(countsOf(walls)).toBe(28)
    expect(momentAt(walls, 8 + 27.9, 8, 8).done).toBe(false)
    expect(momentAt(walls, 8 + 28, 8, 8).done).toBe(true)
  })

  it('stands on the step of a half count from its half on', () => {
    const one = [wall(8, [0, 12, 18, 24])]
    expect(momentAt(one, 1.49, 0, 8).step?.tick).toBe(12)
    expect(momentAt(one, 1.5, 0, 8).step?.tick).toBe(18)
    expect(momentAt(one, 1.5, 0, 8).spoken).toBe(2)
  })

  it('counts a hold on from the step before it', () => {
    const one = [wall(8, [0, 12])]
    expect([2, 3, 4.5].map((counts) => momentAt(one, counts, 0, 8).spoken)).toEqual([3, 4, 5])
  })

  it('counts waltz sections to six', () => {
    const waltz = [wall(12, [])]
    expect([0, 5, 6, 11].map((counts) => momentAt(waltz, counts, 0, 6).spoken)).toEqual([1, 6, 1, 6])
  })

  it('never goes back, and every count of every wall is danced once', () => {
    const length = fc.integer({ min: 4, max: 40 })
    fc.assert(
      fc.property(fc.array(length, { minLength: 1, maxLength: 6 }), (lengths) => {
        const some = lengths.map((counts) => wall(counts, every(counts)))
        const met: string[] = []
        for (let count = 0; count < countsOf(some); count++) {
          const at = momentAt(some, count, 0, 8)
          met.push(`${some.indexOf(at.wall)}:${at.count}`)
          expect(at.step?.tick).toBe((at.count - 1) * TICKS)
        }
        expect(new Set(met).size).toBe(met.length)
      }),
    )
  })
})
