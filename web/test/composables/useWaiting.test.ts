import { flushPromises } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it } from 'vitest'
import { useWaiting } from '@/composables/device/useWaiting'
import type { Schemas } from '@/api/client'
import { useSession } from '@/composables/people/useSession'
import { serve } from '../server'
import { INES, ODA } from '../made'
import { own, ROLES, type BuiltIn } from '../roles'

const plan = (id: number, leader: typeof ODA | undefined, version = 1, recorded = false) => ({
  planned: { id, leader, version, recorded },
})

/** Of what whoever asks decides on proposals, as the server says. */
let decidesOn: string[] = []
const proposed = (id: number, thing: string, by = INES) => ({
  id,
  thing,
  by,
  decides: decidesOn.includes(thing),
})

beforeEach(() => {
  decidesOn = []
  serve({
    'GET /api/proposals': () => ({
      open: [proposed(1, 'DANCE'), proposed(2, 'CLASS')],
      decided: [proposed(3, 'SONG', ODA), proposed(4, 'SONG')],
    }),
    'GET /api/questions': () => ({ asked: [{ id: 5 }], answered: [] }),
    'GET /api/classes': () => ({
      coming: [plan(11, ODA, 4), plan(12, undefined), plan(13, undefined, 1, true), plan(14, INES, 9), {}],
    }),
  })
})

async function waiting(role: BuiltIn | Schemas['Role']) {
  setActivePinia(createPinia())
  useSession().session = {
    ...ODA,
    role: typeof role === 'string' ? ROLES[role] : role,
    leads: [],
    needsSetup: false,
    invented: false,
  }
  const now = useWaiting()
  await flushPromises()
  return now
}

describe('what waits for somebody', () => {
  it('is, for an instructor, proposals, questions and classes that nobody leads', async () => {
    decidesOn = ['DANCE', 'CLASS']
    const now = await waiting('INSTRUCTOR')
    expect(
      now.all?.leaderless.map((one) => one.id),
      'not one that is written down',
    ).toEqual([12])
    expect(
      now.all?.decided.map((one) => one.id),
      'what they decided themselves is no news',
    ).toEqual([3])
    expect(now.count).toBe(2 + 1 + 1)
  })

  it('is, for a co-instructor, what they were asked and what was decided', async () => {
    const now = await waiting('CO_INSTRUCTOR')
    expect(now.count).toBe(1)
    expect(now.all?.decided).toHaveLength(1)
  })

  it('is a plan of one’s own that was changed since one has read it, and no other', async () => {
    const now = await waiting('CO_INSTRUCTOR')
    now.markSeen({ id: 14, version: 1 })
    expect(now.count, 'somebody else leads it').toBe(1)
    now.markSeen({ id: 11, version: 3 })
    expect(now.all?.changed.map((one) => one.id)).toEqual([11])
    expect(now.count).toBe(2)
    now.markSeen({ id: 11, version: 4 })
    expect(now.count).toBe(1)
  })

  it('is a proposal where one may make the change oneself', async () => {
    decidesOn = ['DANCE']
    expect((await waiting(own('PROPOSE', 'CHANGE_DANCES'))).count, 'the dance').toBe(1)
    decidesOn = []
    expect((await waiting(own('PROPOSE'))).count).toBe(0)
    const leads = await waiting(own('LEAD'))
    expect(leads.count, 'a question').toBe(1)
    expect(leads.all?.open, 'is not asked for').toEqual([])
  })

  it('is nothing for a viewer, who is not even asked for', async () => {
    const now = await waiting('VIEWER')
    expect(now.all).toBeUndefined()
    expect(now.count).toBe(0)
  })
})
