import { flushPromises } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { useDance } from '@/views/dances/useDance'
import { within } from '../scope'
import { asked, askedOf, Refused, serve } from '../server'
import { ODA, WILMA } from '../made'
import { draftKey } from '@/composables/device/own'

interface Kept {
  id: number
  version: number
  stepText: string
  updatedBy: typeof ODA
}
let club: Map<number, Kept>
/** Readings that are still to be answered, where a test holds them back. */
let held: ((answer: unknown) => void)[] | undefined

function change(id: number, version: number, stepText: string, updatedBy = ODA) {
  const now = club.get(id)
  if (now && now.version !== version) return new Refused(409, `${now.updatedBy.name} has changed this dance.`)
  const kept = { id, version: version + 1, stepText, updatedBy }
  club.set(id, kept)
  return kept
}

beforeEach(() => {
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] })
  club = new Map([[7, { id: 7, version: 3, stepText: 'title: Tea Urn\n', updatedBy: WILMA }]])
  held = undefined
  serve({
    'GET /api/dances/{id}': ({ at }) =>
      club.get(Number(at.id)) ?? new Refused(404, 'There is no such dance.'),
    'POST /api/dances': ({ body }) => change(8, 0, body.stepText),
    'PUT /api/dances/{id}': ({ at, body }) => change(Number(at.id), body.version, body.stepText),
    'DELETE /api/dances/{id}': ({ at }) => void club.delete(Number(at.id)),
    'POST /api/dances/{id}/bring-back': ({ at, body }) =>
      change(Number(at.id), body.version, `text of version ${body.to}`),
    'POST /api/writing/check': ({ body }) => {
      const reading = { title: body.stepText.split('\n')[0], remarks: [] }
      return held ? new Promise((give) => held?.push(() => give(reading))) : reading
    },
  })
  return () => vi.useRealTimers()
})

async function opened(id?: number) {
  const dance = within(useDance)
  await dance.open(id)
  return dance
}

describe('a dance that is being written', () => {
  it('is read when it is opened, and again a moment after one has stopped typing', async () => {
    const dance = await opened(7)
    expect(dance.reading.value?.title).toBe('title: Tea Urn')
    dance.text.value.value = 'title: T'
    await flushPromises()
    dance.text.value.value = 'title: Tin Roof'
    await flushPromises()
    expect(askedOf('POST', '/api/writing/check')).toHaveLength(1)
    await vi.advanceTimersByTimeAsync(300)
    await flushPromises()
    expect(dance.reading.value?.title).toBe('title: Tin Roof')
    expect(dance.readText.value).toBe('title: Tin Roof')
    expect(askedOf('POST', '/api/writing/check')).toHaveLength(2)
  })

  it('is never shown by a reading that was overtaken', async () => {
    const dance = await opened(7)
    held = []
    const slow = dance.take('title: Slow')
    const quick = dance.take('title: Quick')
    await flushPromises()
    held[1](undefined)
    await quick
    held[0](undefined)
    await slow
    await flushPromises()
    expect(dance.reading.value?.title).toBe('title: Quick')
    expect(dance.checking.value).toBe(false)
  })

  it('counts a line’s end as one character, whatever the machine it was typed on', async () => {
    club.set(7, { id: 7, version: 3, stepText: 'title: A\r\nby: B\rnote: C', updatedBy: WILMA })
    const dance = await opened(7)
    expect(dance.text.value.value).toBe('title: A\nby: B\nnote: C')
    expect(dance.text.changed.value).toBe(false)
  })

  it('gets its number with the first save, and leaves no draft of a new dance behind', async () => {
    const dance = await opened()
    dance.text.value.value = 'title: Nine Umbrellas'
    await flushPromises()
    expect(localStorage.getItem(draftKey('dance-new'))).toContain('Nine Umbrellas')
    await dance.text.save()
    expect(dance.id.value).toBe(8)
    expect(dance.sheet.value).toMatchObject({ id: 8, version: 1 })
    expect(localStorage.length).toBe(0)
    dance.text.value.value = 'title: Ten Umbrellas'
    await dance.text.save()
    expect(club.get(8)).toMatchObject({ version: 2, stepText: 'title: Ten Umbrellas' })
    expect(askedOf('POST', '/api/dances')).toHaveLength(1)
  })

  it('of two people at once shows both, and nothing is written over', async () => {
    const dance = await opened(7)
    dance.text.value.value = 'title: Mine\n'
    change(7, 3, 'title: Theirs\n', WILMA)
    expect(await dance.text.save()).toBeUndefined()
    expect(dance.text.clash.value).toMatchObject({
      mine: 'title: Mine\n',
      theirs: 'title: Theirs\n',
      by: 'Wilma',
    })
    expect(club.get(7)?.stepText).toBe('title: Theirs\n')
  })

  it('comes back in an earlier version as a new one, and is read anew', async () => {
    const dance = await opened(7)
    await dance.bringBack(1)
    expect(club.get(7)).toMatchObject({ version: 4, stepText: 'text of version 1' })
    expect(dance.reading.value?.title).toBe('text of version 1')
    expect(dance.text.changed.value).toBe(false)
  })

  it('leaves nothing on this machine once it is removed', async () => {
    const dance = await opened(7)
    dance.text.value.value = 'title: Half done'
    await flushPromises()
    await dance.remove()
    expect(asked.at(-1)).toMatchObject({ method: 'DELETE', path: '/api/dances/7' })
    expect(asked.at(-1)?.query.get('version')).toBe('3')
    expect(localStorage.length).toBe(0)
  })

  it('that is not there any more says so, and reads nothing', async () => {
    const dance = await opened(99)
    expect(dance.text.problem.value).toBe('There is no such dance.')
    expect(askedOf('POST', '/api/writing/check')).toHaveLength(0)
  })
})
