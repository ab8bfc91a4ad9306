import written from '../fixtures/counts.txt?raw'
import { describe, expect, it } from 'vitest'
import { momentAt } from '@/domain/run/moment'
import { run } from '../run'

/** Written by the core for every dance of the demo club: legs, and the counts at which wall or count jump. */
const DANCES = written
  .trim()
  .split('\n')
  .map((line) => {
    const [title, section, counts, legs, jumps] = line.split('|')
    return { title, sectionCounts: Number(section), counts: Number(counts), legs, jumps }
  })

describe('the counts that are shown', () => {
  it.each(DANCES)('$title: are those of the core, on every wall of its song', (dance) => {
    const plain = run()
    const of = run({
      sectionCounts: dance.sectionCounts,
      track: {
        ...plain.track,
        counts: dance.counts,
        steps: [],
        marks: [],
        legs: dance.legs.split(' ').map((leg) => {
          const [tick, counts, firstCount, wall, section] = leg.split(',').map(Number)
          return { ...plain.track.legs[0], tick, counts, firstCount, wall, section }
        }),
      },
    })
    const jumps = new Map(
      dance.jumps.split(' ').map((jump) => {
        const [number, wall, count] = jump.split(/[:/]/).map(Number)
        return [number, { wall, count }]
      }),
    )
    let wall = 0
    let count = 0
    for (let number = 1; number <= dance.counts; number++) {
      const jump = jumps.get(number)
      count = jump?.count ?? (count % dance.sectionCounts) + 1
      wall = jump?.wall ?? wall
      const shown = momentAt(of, (number - 1) * 12)
      expect([number, shown.leg.wall, shown.spoken]).toEqual([number, wall, count])
      // Between two counts it is still the count before.
      expect(momentAt(of, (number - 1) * 12 + 9).spoken).toBe(count)
    }
  })

  it('are held against all dances of the demo club', () => {
    expect(DANCES.length).toBeGreaterThanOrEqual(24)
  })
})
