import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { mergeFields, mergeLists, mergeText, same, SETTLED, THEIRS, YOURS } from '@/domain/merge'

const line = fc.stringMatching(/^[a-f ]{0,6}$/)
const text = fc.array(line, { maxLength: 12 }).map((lines) => lines.join('\n'))

describe('two changes of one text', () => {
  it('come to the other one where only one side changed', () => {
    fc.assert(
      fc.property(text, text, (base, changed) => {
        expect(mergeText(base, changed, base)).toEqual({ value: changed, conflicts: 0 })
        expect(mergeText(base, base, changed)).toEqual({ value: changed, conflicts: 0 })
        expect(mergeText(base, changed, changed)).toEqual({ value: changed, conflicts: 0 })
      }),
    )
  })

  it('lose no line that a side has added', () => {
    fc.assert(
      fc.property(text, text, text, (base, mine, theirs) => {
        const { value } = mergeText(base, mine, theirs)
        const known = new Set(base.split('\n'))
        const there = new Set(value.split('\n'))
        for (const added of [...mine.split('\n'), ...theirs.split('\n')]) {
          if (!known.has(added)) expect(there).toContain(added)
        }
      }),
    )
  })

  /** An edit of one line: other words, a line after it, or nothing in its place. */
  type Edit = { kind: 'change' | 'add' | 'drop'; word: string }
  const edit: fc.Arbitrary<Edit> = fc.record({
    kind: fc.constantFrom('change', 'add', 'drop'),
    word: fc.stringMatching(/^[g-z]{4,8}$/),
  })
  const done = (line: string, { kind, word }: Edit) =>
    kind === 'change' ? [word] : kind === 'add' ? [line, word] : []
  const with_ = (lines: string[], edits: Map<number, Edit>) =>
    lines.flatMap((line, i) => (edits.has(i) ? done(line, edits.get(i) as Edit) : [line])).join('\n')

  it('of different lines both survive, whichever comes first', () => {
    const lines = fc.uniqueArray(fc.stringMatching(/^[a-f]{3,6}$/), { minLength: 2, maxLength: 14 })
    fc.assert(
      fc.property(lines, fc.nat(), fc.nat(), edit, edit, (all, a, b, mine, theirs) => {
        const [i, j] = [a % all.length, b % all.length]
        fc.pre(i !== j && mine.word !== theirs.word)
        const base = all.join('\n')
        const [one, other] = [with_(all, new Map([[i, mine]])), with_(all, new Map([[j, theirs]]))]
        const both = {
          value: with_(
            all,
            new Map([
              [i, mine],
              [j, theirs],
            ]),
          ),
          conflicts: 0,
        }
        expect(mergeText(base, one, other)).toEqual(both)
        expect(mergeText(base, other, one)).toEqual(both)
      }),
      { numRuns: 2000 },
    )
  })

  it('are put together where they lie apart', () => {
    const base = 'title: Tin\n\nsection 1\n1-4  vine R\n5-8  vine L'
    const mine = base.replace('Tin', 'Copper')
    const theirs = base.replace('5-8  vine L', '5-8  rocking chair')
    expect(mergeText(base, mine, theirs)).toEqual({
      value: 'title: Copper\n\nsection 1\n1-4  vine R\n5-8  rocking chair',
      conflicts: 0,
    })
  })

  it('both stand, marked, where they meet', () => {
    const merged = mergeText('a\nb\nc', 'a\nmine\nc', 'a\ntheirs\nc')
    expect(merged.conflicts).toBe(1)
    expect(merged.value.split('\n')).toEqual(['a', YOURS, 'mine', THEIRS, 'theirs', SETTLED, 'c'])
    // A remark would be read over, and one of the two with it.
    expect([YOURS, THEIRS, SETTLED].some((line) => line.startsWith('#'))).toBe(false)
  })
})

describe('two changes of one form', () => {
  it('are put together field by field', () => {
    const base = { name: 'Monday', minutes: 60, place: 'hall' }
    const merged = mergeFields(base, { ...base, minutes: 75 }, { ...base, place: 'barn' })
    expect(merged).toEqual({ value: { name: 'Monday', minutes: 75, place: 'barn' }, conflicts: 0 })
  })

  it('keep one’s own where both changed a field, and say so', () => {
    const base = { minutes: 60 }
    expect(mergeFields(base, { minutes: 75 }, { minutes: 90 })).toEqual({
      value: { minutes: 75 },
      conflicts: 1,
    })
    expect(mergeFields(base, { minutes: 75 }, { minutes: 75 })).toEqual({
      value: { minutes: 75 },
      conflicts: 0,
    })
  })
})

describe('two changes of one list', () => {
  it('are put together line by line', () => {
    const [a, b, c, d] = [{ id: 1 }, { id: 2 }, { id: 3 }, { id: 4 }]
    expect(mergeLists([a, b, c], [a, c], [a, b, c, d])).toEqual({ value: [a, c, d], conflicts: 0 })
  })

  it('know a line by its mark, and take one’s own where both have it', () => {
    const told = (id: number, said: string) => ({ id, said })
    const merged = mergeLists(
      [told(1, 'x')],
      [told(1, 'mine')],
      [told(1, 'x'), told(2, 'y')],
      (one) => one.id,
    )
    expect(merged).toEqual({ value: [told(1, 'mine'), told(2, 'y')], conflicts: 0 })
  })
})

it('fields are alike in whatever order they stand', () => {
  expect(same({ a: 1, b: { c: 2, d: [1, 2] } }, { b: { d: [1, 2], c: 2 }, a: 1 })).toBe(true)
  expect(same({ a: 1, b: undefined }, { a: 1 })).toBe(true)
  expect(same([1, 2], [2, 1])).toBe(false)
  expect(same({ a: '1' }, { a: 1 })).toBe(false)
})
