import { flushPromises } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { nextTick, ref } from 'vue'
import { useGroupRun } from '@/composables/together/useGroupRun'
import { within } from '../scope'
import { askedOf, offline, Refused, serve } from '../server'

const coming = (canRecord: boolean) => ({
  today: '2026-11-30',
  recent: [],
  coming: [
    {
      group: 1,
      groupName: 'Monday Newcomers',
      planned: { id: 7, date: '2026-11-30', canRecord },
    },
    { group: 2, groupName: 'Tuesday Steppers' },
  ],
})
const REACHED: Parameters<ReturnType<typeof useGroupRun>['reached']>[0] = {
  dance: 4,
  happened: 'DANCED',
  shown: [],
  outcome: 'SHAKY',
}

async function runOf(group: number, agenda: () => unknown, given?: number) {
  serve({ 'GET /api/classes': agenda, 'POST /api/groups/{id}/record': () => ({}) })
  const chosen = ref<number | undefined>(group)
  const run = within(() => useGroupRun(chosen, ref(given)))
  await flushPromises()
  return { run, chosen }
}

describe('a run-through with a group', () => {
  it('is that of its class today, unless that cannot be written down any more', async () => {
    expect((await runOf(1, () => coming(true))).run.classId.value).toBe(7)
    expect((await runOf(1, () => coming(false))).run.classId.value).toBeUndefined()
    const { run, chosen } = await runOf(2, () => coming(true))
    expect(run.classId.value).toBeUndefined()
    expect(run.name.value).toBe('Tuesday Steppers')
    chosen.value = 1
    await flushPromises()
    expect(run.classId.value).toBe(7)
  })

  it('belongs to the class that the page names, and asks for no other', async () => {
    const { run } = await runOf(1, () => coming(true), 12)
    expect(run.classId.value).toBe(12)
    expect(askedOf('GET', '/api/classes')).toHaveLength(0)
  })

  it('writes what was reached when somebody says so, once by one word, and forgets it then', async () => {
    const { run } = await runOf(2, () => coming(true))
    run.reached(REACHED)
    await nextTick()
    expect(askedOf('POST', '/api/groups/2/record')).toHaveLength(0)
    const key = run.waiting.value?.key
    run.reached({ ...REACHED, outcome: 'SOLID' })
    expect(run.waiting.value?.key).toBe(key)
    await run.write()
    expect(askedOf('POST', '/api/groups/2/record')[0].body).toEqual({
      ...REACHED,
      outcome: 'SOLID',
      date: '2026-11-30',
      note: '',
      key,
    })
    expect(run.waiting.value).toBeUndefined()
    expect(run.said.value).toBe('It stands in Tuesday Steppers’s record.')
    await run.write()
    expect(askedOf('POST', '/api/groups/2/record')).toHaveLength(1)
  })

  it('keeps it where it is refused or nobody answers, also for another page and not for another group', async () => {
    const { run } = await runOf(2, () => coming(true))
    run.reached(REACHED)
    offline(true)
    await run.write()
    expect(run.said.value).toContain('It is kept here; write it again later.')
    await nextTick()
    const again = await runOf(2, () => coming(true))
    expect(again.run.waiting.value?.body).toEqual(REACHED)
    again.chosen.value = 1
    await flushPromises()
    expect(again.run.waiting.value).toBeUndefined()
    again.chosen.value = 2
    await flushPromises()
    serve({ 'POST /api/groups/{id}/record': () => new Refused(403, 'You do not lead this group.') })
    await again.run.write()
    expect(again.run.said.value).toContain('You do not lead this group.')
    expect(again.run.waiting.value?.body).toEqual(REACHED)
  })

  it('cannot be written while it is not known which day it is', async () => {
    const { run } = await runOf(2, () => new Refused(500))
    run.reached(REACHED)
    await run.write()
    expect(askedOf('POST', '/api/groups/2/record')).toHaveLength(0)
    expect(run.waiting.value?.body).toEqual(REACHED)
  })
})
