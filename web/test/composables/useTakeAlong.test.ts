import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { takeAlong } from '@/composables/device/useTakeAlong'
import { asked, askedOf, Refused, serve } from '../server'

const NOW = Date.parse('2026-11-30T18:00:00Z')

const coming = (group: number, nextDate: string, id?: number) => ({
  group,
  nextDate,
  planned: id === undefined ? undefined : { id },
})
const line = (kind: string, dance?: number) => ({ kind, dance, minutes: 10 })
const CLASSES: Record<string, object> = {
  11: { group: 1, canRecord: true, lines: [line('WARM_UP'), line('TEACH', 3), line('PRACTICE', 3)] },
  12: { group: 2, canRecord: false, lines: [line('PRACTICE', 3), line('PRACTICE', 4), line('REMINDER', 3)] },
}
const SECTION = { kind: 'SECTION', from: 2, to: 2 }
const LADDER = { kind: 'WALLS', from: 1, to: 4 }

let unready: Refused | undefined

beforeEach(() => {
  unready = undefined
  vi.stubGlobal('navigator', { onLine: true, serviceWorker: { controller: {} } })
  serve({
    'GET /api/classes': () => ({
      coming: [
        coming(1, '2026-11-30', 11),
        coming(2, '2026-12-07', 12),
        coming(3, '2026-12-14', 13),
        coming(4, '2026-12-02'),
      ],
    }),
    'GET /api/classes/{id}': ({ at }) => CLASSES[at.id],
    'GET /api/classes/{id}/expected': () => ({}),
    'GET /api/sound': () => ({}),
    'GET /api/sound/voice': () => ({}),
    'GET /api/dances': () => [],
    'GET /api/dances/{id}/run-through': ({ at }) =>
      at.id === '4' && unready ? unready : { scopes: [{ scope: SECTION }, { scope: LADDER }] },
    'GET /api/dances/{id}': () => ({}),
    'GET /api/dances/{id}/teach/saved': ({ query }) =>
      query.get('group') === '1' ? { saved: { minutes: 12, drills: [] } } : {},
    'GET /api/dances/{id}/teach': () => ({}),
    'POST /api/dances/{id}/teach': () => ({}),
  })
})
afterEach(() => vi.unstubAllGlobals())

describe('the coming evenings', () => {
  it('are read with all that is wanted in the hall, each dance once for each group', async () => {
    expect(await takeAlong(NOW)).toBe(3)
    expect(askedOf('GET', '/api/classes/11')).toHaveLength(1)
    expect(askedOf('GET', '/api/classes/13'), 'in two weeks').toHaveLength(0)
    expect(askedOf('GET', '/api/classes/11/expected'), 'for the log').toHaveLength(1)
    expect(askedOf('GET', '/api/classes/12/expected'), 'somebody else writes it').toHaveLength(0)
    const runs = askedOf('GET', '/api/dances/3/run-through').map((one) => one.query.get('kind'))
    expect(runs, 'as it opens, and each section').toEqual([null, 'SECTION', null, 'SECTION'])
  })

  it('have the teach as it is opened on the floor: one that was put together, else the school’s', async () => {
    await takeAlong(NOW)
    const own = askedOf('POST', '/api/dances/3/teach')
    expect(own.map((one) => one.body)).toEqual([{ group: 1, minutes: 12, drills: [] }])
    const school = askedOf('GET', '/api/dances/3/teach')
    expect(school.map((one) => one.query.get('school'))).toEqual(['REMINDER'])
    expect(askedOf('GET', '/api/dances/4/teach'), 'only danced').toHaveLength(0)
  })

  it('stay at home without a network, and where nothing would keep them', async () => {
    vi.stubGlobal('navigator', { onLine: false, serviceWorker: { controller: {} } })
    expect(await takeAlong(NOW)).toBe(0)
    vi.stubGlobal('navigator', { onLine: true, serviceWorker: { controller: null } })
    expect(await takeAlong(NOW)).toBe(0)
    expect(asked).toEqual([])
  })

  it('are not left at home for a dance that cannot be danced yet, but for a server that fails', async () => {
    unready = new Refused(422, 'Line 3 is not read yet.')
    expect(await takeAlong(NOW)).toBe(3)
    unready = new Refused(503, 'Not now.')
    await expect(takeAlong(NOW)).rejects.toThrow('Not now.')
  })
})
