import { beforeEach, describe, expect, it, vi } from 'vitest'
import contract from '@/api/openapi.json'
import { forgetAnswers, forgetUnused, keepFor } from '@/composables/device/kept-for'
import { isKept, KEPT } from '@/domain/kept-answers'

/** By hand, and apart from the list: whose answers no device may have, or has any use of. */
const NEVER = [
  '/api/away',
  '/api/backups',
  '/api/calendars',
  '/api/calendars/{word}/classes.ics',
  '/api/classes/{id}/brief',
  '/api/classes/{id}/music/xspf',
  '/api/classes/{id}/stand-ins',
  '/api/club',
  '/api/club/file',
  '/api/club/schema',
  '/api/dances/{id}/printed-sheet',
  '/api/dances/{id}/run-through/notes',
  '/api/dances/{id}/run-through/sound',
  '/api/dances/{id}/sheet.pdf',
  '/api/groups/{id}/heads',
  '/api/groups/{id}/polls',
  '/api/groups/{id}/register',
  '/api/groups/{id}/requests',
  '/api/history/{thing}',
  '/api/history/{thing}/{id}',
  '/api/history/{thing}/{id}/between',
  '/api/imports',
  '/api/invitations',
  '/api/live/events',
  '/api/log',
  '/api/people',
  '/api/people/leaders',
  '/api/people/left',
  '/api/proposals',
  '/api/questions',
  '/api/roles',
  '/api/sample',
  '/api/screens/clock',
  '/api/screens/{code}',
  '/api/screens/{code}/events',
  '/api/sessions',
  '/api/shared',
  '/api/shared/run-through',
  '/api/shares',
  '/api/socials/{id}/xspf',
  '/api/songs/export/csv',
  '/api/songs/export/m3u',
  '/api/songs/export/xspf',
  // The voice is kept beside the answers, once and for all: it is the same for every club.
  '/api/sound/voice',
  '/api/starter-dances',
  '/api/tables/{table}',
  '/api/terms/{id}/instead',
  '/api/terms/{id}/plan',
  '/api/terms/{id}/report/pdf',
  '/api/tokens',
]

describe('what a device keeps', () => {
  const addresses = Object.entries(contract.paths)
    .filter(([, methods]) => 'get' in methods)
    .map(([path]) => path)
  const filled = (path: string) =>
    path.replaceAll(/\{(\w+)\}/g, (_, name) => (name === 'word' ? 'w0rd' : '17'))

  it('is a list: every other address of the contract is kept by nobody', () => {
    expect(addresses.length).toBeGreaterThan(80)
    expect(addresses.filter((path) => !isKept(filled(path))).sort()).toEqual([...NEVER].sort())
  })

  it('has no line that keeps nothing, and a reason for each', () => {
    for (const line of KEPT) {
      expect(
        addresses.some((path) => line.path.test(filled(path))),
        String(line.path),
      ).toBe(true)
      expect(line.why).not.toBe('')
    }
  })

  it.each([
    '/api/people/leaders',
    '/api/classes/3/brief',
    '/api/classes/3/',
    '/api/classesx',
    '/x/api/classes',
  ])('is not %s', (path) => expect(isKept(path)).toBe(false))
})

describe('whom it is kept for', () => {
  const dropped = vi.fn(async () => true)
  const DAY = 24 * 60 * 60 * 1000

  beforeEach(() => {
    localStorage.clear()
    dropped.mockClear()
    vi.stubGlobal('caches', { delete: dropped })
  })

  it('is whoever is signed in, as what they are', async () => {
    await keepFor('Ines, INSTRUCTOR', 0)
    await keepFor('Ines, INSTRUCTOR', DAY)
    expect(dropped).not.toHaveBeenCalled()
    await keepFor('Ines, VIEWER', 2 * DAY)
    expect(dropped).toHaveBeenCalledExactlyOnceWith('answers')
    await keepFor('Oda, VIEWER', 2 * DAY)
    expect(dropped).toHaveBeenCalledTimes(2)
  })

  it('goes when the app was not used for two weeks, however often it was before', async () => {
    await keepFor('Ines, VIEWER', 0)
    await keepFor('Ines, VIEWER', 10 * DAY)
    await forgetUnused(24 * DAY)
    expect(dropped).not.toHaveBeenCalled()
    await forgetUnused(24 * DAY + 1)
    expect(dropped).toHaveBeenCalledOnce()
    await forgetUnused(40 * DAY)
    expect(dropped).toHaveBeenCalledOnce()
  })

  it('goes at the end of a session, and with a mark that nobody can read', async () => {
    await keepFor('Ines, VIEWER')
    await forgetAnswers()
    expect(localStorage.length).toBe(0)
    localStorage.setItem('ulna-kept-for', '{')
    await forgetUnused()
    await keepFor('Ines, VIEWER')
    expect(dropped).toHaveBeenCalledOnce()
  })
})
