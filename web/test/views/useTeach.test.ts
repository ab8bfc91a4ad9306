import { flushPromises } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { ref } from 'vue'
import type { School } from '@/domain/labels'
import type { Drill } from '@/views/teaching/order'
import { useTeach } from '@/views/teaching/useTeach'

interface Saved {
  version: number
  school?: School
  minutes: number
  drills: Drill[]
  updatedBy: { id: number; name: string }
}

/** A server that lays out a teach of two drills, fits by giving three turns, and keeps one teach for each group. */
const server = vi.hoisted(() => ({
  me: 'Tomas',
  saved: new Map<number, unknown>(),
  offline: false,
}))
const kept = () => server.saved as Map<number, Saved>

const drill = (section: number, repetitions = 1, locked = false): Drill => ({
  scope: { kind: 'SECTION', from: section, to: section },
  mode: 'COUNTS',
  percent: 70,
  repetitions,
  locked,
})

vi.mock('@/api/client', () => {
  class Refusal extends Error {
    constructor(
      readonly status: number,
      message: string,
    ) {
      super(message)
    }
  }
  type Saved_ = {
    version: number
    drills: { repetitions: number; locked: boolean }[]
    updatedBy: { id: number; name: string }
  }
  const sheet = (drills: { repetitions: number; locked: boolean }[], school?: string) => ({
    school,
    drills: drills.map((one) => ({ ...one, repetitions: one.locked ? one.repetitions : 3 })),
  })
  const section = (n: number) => ({
    scope: { kind: 'SECTION', from: n, to: n },
    mode: 'COUNTS',
    percent: 70,
    repetitions: 1,
    locked: false,
  })
  type Ask = { params: { query?: { group?: number; school?: string; version?: number } }; body?: never }
  const now = (group: number) => server.saved.get(group) as Saved_ | undefined
  return {
    Refusal,
    ask: async (answer: Promise<unknown>) => answer,
    api: {
      GET: async (path: string, { params: { query } }: Ask) =>
        path.endsWith('/saved')
          ? { saved: now(query?.group ?? 0) }
          : sheet([section(1), section(2)], query?.school ?? 'ADD_ON'),
      POST: async (_: string, { body }: { body: { drills: never[] } }) => sheet(body.drills),
      PUT: async (
        _: string,
        {
          body,
        }: {
          body: {
            version: number
            school?: string
            teach: { group: number; minutes: number; drills: never[] }
          }
        },
      ) => {
        if (server.offline) throw new Refusal(0, 'The server does not answer.')
        const { group, minutes, drills } = body.teach
        const before = now(group)
        if ((before?.version ?? 0) !== body.version) throw new Refusal(409, 'changed in the meantime')
        const saved = {
          version: body.version + 1,
          school: body.school,
          minutes,
          drills,
          updatedBy: { id: server.me.length, name: server.me },
        }
        server.saved.set(group, saved)
        return { saved }
      },
      DELETE: async (_: string, { params: { query } }: Ask) => void server.saved.delete(query?.group ?? 0),
    },
  }
})

beforeEach(() => {
  server.saved.clear()
  server.me = 'Tomas'
  server.offline = false
})

async function opened(group = 3, wanted?: School) {
  const chosen = ref<number | undefined>(group)
  const school = ref<School | undefined>(wanted)
  const teach = useTeach(ref(1), chosen, ref(20), school)
  await teach.open()
  return { ...teach, group: chosen }
}
const lock = (drills: Drill[]) =>
  drills.map((one, i) => (i === 0 ? { ...one, repetitions: 5, locked: true } : one))

describe('a teach that is being built', () => {
  it('is a school’s until it is changed by hand, and then everybody’s', async () => {
    const teach = await opened()
    expect(teach.own.value).toBe(false)
    expect(kept().size).toBe(0)
    await teach.change(lock)
    expect(teach.own.value).toBe(true)
    expect(kept().get(3)).toMatchObject({
      version: 1,
      school: 'ADD_ON',
      minutes: 20,
      updatedBy: { name: 'Tomas' },
    })
    const other = await opened()
    expect(other.own.value).toBe(true)
    expect(other.drills.value[0]).toMatchObject({ repetitions: 5, locked: true })
    expect(localStorage.length).toBe(0)
  })

  it('saves quick changes one after the other, the last one last', async () => {
    const teach = await opened()
    await Promise.all([
      teach.change(lock),
      teach.change((all) => [...all, drill(3)]),
      teach.change((all) => all.slice(1)),
    ])
    await flushPromises()
    expect(teach.unsaved.value).toBe('')
    expect(
      kept()
        .get(3)
        ?.drills.map((one) => one.scope.from),
    ).toEqual([2, 3])
  })

  it('goes back step by step, and what it goes back to is saved', async () => {
    const teach = await opened()
    await teach.change(lock)
    await teach.change((all) => all.slice(0, 1))
    await teach.undo()
    expect(kept().get(3)?.drills).toHaveLength(2)
    await teach.undo()
    expect(kept().get(3)?.drills[0].locked).toBe(false)
    expect(teach.undone.value).toHaveLength(0)
  })

  it('shows both when a colleague was faster, and puts them together', async () => {
    const [mine, theirs] = [await opened(), await opened()]
    server.me = 'Ines'
    await theirs.change((all) => all.slice(0, 1))
    server.me = 'Tomas'
    await mine.change(lock)
    await flushPromises()
    expect(mine.order.clash.value).toMatchObject({ by: 'Ines' })
    expect(mine.drills.value).toHaveLength(1)
    expect(kept().get(3)).toMatchObject({ updatedBy: { name: 'Ines' } })
    mine.order.merge()
    await mine.settled()
    await flushPromises()
    expect(mine.order.clash.value).toBeUndefined()
    expect(kept().get(3)?.updatedBy.name).toBe('Tomas')
  })

  it('says when it could not be saved, and saves it later', async () => {
    const teach = await opened()
    server.offline = true
    await teach.change(lock)
    expect(teach.unsaved.value).toBe('The server does not answer.')
    expect(teach.drills.value[0].locked).toBe(true)
    server.offline = false
    await teach.autosave()
    expect(teach.unsaved.value).toBe('')
    expect(kept().get(3)?.drills[0].locked).toBe(true)
  })

  it('of one group is not the one of another', async () => {
    const teach = await opened(3)
    await teach.change(lock)
    teach.group.value = 4
    await teach.open()
    expect(teach.own.value).toBe(false)
    expect(teach.undone.value).toHaveLength(0)
    await teach.change((all) => all.slice(0, 1))
    expect(kept().get(3)?.drills).toHaveLength(2)
    expect(kept().get(4)?.drills).toHaveLength(1)
  })

  it('opens by the school that a link asks for, without losing the saved one', async () => {
    await (await opened()).change(lock)
    const link = await opened(3, 'REMINDER')
    expect(link.own.value).toBe(false)
    expect(kept().get(3)?.version).toBe(1)
    await link.change((all) => all.slice(0, 1))
    await link.undo()
    await link.undo()
    expect(kept().get(3)?.drills[0].locked).toBe(true)
  })

  it('starts again from what the school says', async () => {
    const teach = await opened()
    await teach.change(lock)
    await teach.startAgain()
    expect(kept().size).toBe(0)
    expect(teach.own.value).toBe(false)
    expect(teach.drills.value[0].locked).toBe(false)
  })
})
