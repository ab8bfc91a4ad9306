import { describe, expect, it } from 'vitest'
import { sectionWords, upTo } from '@/domain/sections'
import { day, daysBetween, dueWords, later, minutesSeconds } from '@/domain/time'
import { turnWords } from '@/domain/turn'

describe('words', () => {
  it('of turns', () => {
    const said = new Map([
      [0, ''],
      [1, '1/8 R'],
      [-2, '1/4 L'],
      [4, '1/2 R'],
      [-6, '3/4 L'],
      [8, 'full R'],
      [10, '1-1/4 R'],
      [-12, '1-1/2 L'],
    ])
    for (const [eighths, words] of said) expect(turnWords(eighths)).toBe(words)
  })

  it('of sections', () => {
    expect(sectionWords([3])).toBe('section 3')
    expect(sectionWords([1, 2])).toBe('sections 1 and 2')
    expect(sectionWords([5, 3, 1, 2])).toBe('sections 1 to 3 and 5')
    expect(sectionWords([1, 3, 3, 5])).toBe('sections 1, 3 and 5')
    expect(upTo(3)).toEqual([1, 2, 3])
    expect(upTo(0)).toEqual([])
  })

  it('of times', () => {
    expect([0, 59.9, 60, 3605].map(minutesSeconds)).toEqual(['0:00', '0:59', '1:00', '60:05'])
    expect(later('19:45', 20)).toBe('20:05')
    expect(later('23:50', 15)).toBe('0:05')
    expect(day('2026-11-30')).toBe('Mon 30 Nov')
  })

  it('of what is due, over the end of summer time too', () => {
    expect(daysBetween('2026-10-24', '2026-10-26')).toBe(2)
    expect(dueWords('2026-11-30', '2026-11-30')).toBe('due today')
    expect(dueWords('2026-11-29', '2026-11-30')).toBe('due 1 day ago')
    expect(dueWords('2026-11-20', '2026-11-30')).toBe('due 10 days ago')
    expect(dueWords('2026-12-02', '2026-11-30')).toBe('back in 2 days')
  })
})
