import { beforeEach, describe, expect, it } from 'vitest'
import { takeOver } from '@/composables/device/earlier-keys'
import { KeptDraft } from '@/composables/page/kept-draft'
import {
  draftKey,
  dropAll,
  dropCopies,
  isOwnedBy,
  othersWithUnsent,
  own,
  unsentOf,
} from '@/composables/device/own'
import { INES, ODA } from '../made'

const A = { club: 'mill', ...ODA }
const B = { club: 'mill', ...INES }
const put = (key: string, value: unknown) => localStorage.setItem(key, JSON.stringify(value))
const words = (of: typeof A) => unsentOf(of).map((one) => one.words)

beforeEach(() => {
  localStorage.clear()
  isOwnedBy(undefined)
})

describe('two people on one device', () => {
  it('each find their own, whatever it is called', () => {
    isOwnedBy(A)
    const draft = new KeptDraft<string>()
    draft.open('class-3')
    draft.write({ version: 2, base: 'a', mine: 'b' })
    isOwnedBy(B)
    const other = new KeptDraft<string>()
    other.open('class-3')
    expect(other.read()).toBeUndefined()
    other.write({ version: 2, base: 'a', mine: 'c' })
    isOwnedBy({ ...A, name: 'Oda Marsh' })
    draft.open('class-3')
    expect(draft.read()?.mine, 'whatever she is called by now').toBe('b')
  })

  it('are told of a colleague’s that something waits, and not what', () => {
    isOwnedBy(A)
    put(own('outbox'), [{ id: 5, words: 'Turners, 24 November', body: {} }])
    put(draftKey('dance-7'), { version: 1, base: '', mine: 'x' })
    isOwnedBy(B)
    expect(othersWithUnsent(true)).toEqual(['Oda'])
    put(draftKey('song-entry-new'), { version: 0, base: {}, mine: {} })
    isOwnedBy(A)
    expect(othersWithUnsent(true), 'a draft is nobody else’s business').toEqual([])
    expect(othersWithUnsent()).toEqual(['Ines'])
  })

  it('of two clubs at one address are strangers', () => {
    isOwnedBy(A)
    put(own('outbox'), [{ id: 5, words: 'Turners', body: {} }])
    isOwnedBy({ ...A, club: 'another' })
    expect(unsentOf({ ...A, club: 'another' })).toEqual([])
    expect(words(A)).toEqual(['Turners'])
  })

  it('know what is unsent: logs, drafts, sheets, what a run-through reached', () => {
    isOwnedBy(A)
    put(own('outbox'), [{ id: 5, words: 'Turners', body: {} }])
    put(own('log-5'), { note: 'the same log' })
    put(own('log-6'), { note: 'another' })
    put(draftKey('class-3'), {})
    put(draftKey('song-entry-new'), {})
    put(own('sheets'), [
      { title: 'Tin', state: 'open' },
      { title: 'Tea', state: 'kept' },
    ])
    put(own('evening-5'), { on: 3 })
    put(own('plans-seen'), { 5: 2 })
    expect(words(A).sort()).toEqual(['Turners', 'a log', 'a running order', 'a song', 'the sheet Tin'])
    expect(unsentOf(A).filter((one) => one.waits)).toHaveLength(2)
  })

  it('leave no copies behind, and with what they drop nothing of theirs', () => {
    isOwnedBy(A)
    put(own('class-copy-5'), {})
    put(own('log-begin-5'), {})
    put(own('evening-5'), {})
    dropCopies(A)
    expect(Object.keys(localStorage).sort(), 'not even a name').toEqual(
      ['ulna-owners', own('evening-5')].sort(),
    )
    expect(localStorage.getItem('ulna-owners')).toBe('{}')
    isOwnedBy(B)
    put(own('outbox'), [{ id: 5 }])
    dropAll(A)
    expect(localStorage.getItem(own('outbox'))).not.toBeNull()
  })
})

describe('what an earlier release kept without saying whose', () => {
  beforeEach(() => {
    put('ulna-outbox', [
      { id: 5, by: 'Oda', words: 'Turners', body: { note: 'x', ledBy: 'Ines' } },
      { id: 6, by: 'Ines', words: 'Movers', body: { note: 'y' } },
    ])
    put('ulna-class-3', { version: 2, base: 'a', mine: 'b' })
    put('ulna-class-copy-3', {})
    localStorage.setItem('ulna-draft-7', 'title: long ago')
    put('ulna-log-begin-5', { register: ['names'] })
    put('ulna-volumes', { clicks: 3 })
    put('ulna-dance-side', 'write')
  })

  it('is of whoever was signed in last; a log is of who wrote it', () => {
    isOwnedBy(A)
    takeOver('Oda', 'Oda, INSTRUCTOR')
    expect(JSON.parse(localStorage.getItem(own('outbox')) ?? '[]')).toEqual([
      { id: 5, words: 'Turners', body: { note: 'x' } },
    ])
    expect(localStorage.getItem(draftKey('class-3'))).toContain('"mine":"b"')
    expect(JSON.parse(localStorage.getItem(draftKey('dance-7')) ?? '{}')).toMatchObject({
      version: -1,
      mine: 'title: long ago',
    })
    expect(
      Object.keys(localStorage)
        .filter((key) => key.startsWith('ulna-'))
        .sort(),
    ).toEqual(['ulna-dance-side', 'ulna-outbox', 'ulna-owners', 'ulna-volumes'])
    isOwnedBy(B)
    takeOver('Ines', 'Oda, INSTRUCTOR')
    expect(words(B)).toEqual(['Movers'])
    expect(localStorage.getItem('ulna-outbox')).toBeNull()
  })

  it('is of the next who signs in where nobody knows, but no order that is sent by itself', () => {
    isOwnedBy(B)
    takeOver('Ines', undefined)
    expect(words(B)).toContain('a dance')
    expect(localStorage.getItem('ulna-class-3')).not.toBeNull()
  })

  it('stays for anybody else, but names of dancers go', () => {
    isOwnedBy(B)
    takeOver('Ines', 'Oda, INSTRUCTOR')
    expect(localStorage.getItem('ulna-class-3')).not.toBeNull()
    expect(localStorage.getItem('ulna-log-begin-5')).toBeNull()
    expect(words(B)).toEqual(['Movers'])
  })
})
