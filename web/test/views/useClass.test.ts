import { flushPromises } from '@vue/test-utils'
import { beforeEach, describe, expect, it } from 'vitest'
import { useClass } from '@/views/classes/useClass'
import { classSheet, INES, line, WILMA } from '../made'
import { within } from '../scope'
import { askedOf, offline, Refused, serve } from '../server'

let kept = classSheet()
let versions: Map<number, typeof kept>
let refusal: Refused | undefined

beforeEach(() => {
  localStorage.clear()
  refusal = undefined
  kept = classSheet({ lines: [line({ id: 1, title: 'Tea Urn' }), line({ id: 2, title: 'Brass Buttons' })] })
  versions = new Map([[1, kept]])
  let next = 10
  const renew = (changes: Partial<typeof kept>) => {
    kept = { ...kept, ...changes, version: kept.version + 1 }
    versions.set(kept.version, kept)
    return kept
  }
  serve({
    'GET /api/classes/{id}': () => kept,
    'GET /api/history/CLASS/{id}': () => [{ by: INES }],
    'PUT /api/classes/{id}': ({ body }) =>
      refusal ??
      (body.version !== kept.version
        ? new Refused(409, 'Somebody has changed this class.')
        : renew({
            minutes: body.minutes,
            lines: (body.lines as typeof kept.lines).map((one) => line({ ...one, id: one.id ?? next++ })),
          })),
    'POST /api/classes/{id}/plan': () => renew({ lines: [line({ id: next++, title: 'Planned anew' })] }),
    'POST /api/classes/{id}/bring-back': ({ body }) =>
      body.version !== kept.version
        ? new Refused(409, 'Somebody has changed this class.')
        : renew({ lines: versions.get(body.to)?.lines }),
    'PUT /api/classes/{id}/leader': ({ body }) => renew({ leader: body.leader }),
    'DELETE /api/classes/{id}/record': () => renew({ recorded: false }),
    'DELETE /api/classes/{id}': () => undefined,
  })
})

async function opened() {
  const evening = within(() => useClass(() => 5))
  await evening.order.open()
  return evening
}
const titles = () => kept.lines.map((one) => one.title)

describe('a running order', () => {
  it('is saved with every change, and each change can be had back', async () => {
    const evening = await opened()
    const lines = evening.order.value.value.lines
    await evening.change([...lines].reverse())
    expect(titles()).toEqual(['Brass Buttons', 'Tea Urn'])
    await evening.change(evening.order.value.value.lines.slice(0, 1))
    expect(titles()).toEqual(['Brass Buttons'])
    await evening.undo()
    expect(titles()).toEqual(['Brass Buttons', 'Tea Urn'])
    await evening.undo()
    expect(titles()).toEqual(['Tea Urn', 'Brass Buttons'])
    expect(evening.order.undoable.value).toHaveLength(0)
  })

  it('comes back just as it was, with the reasons and the names that its lines had', async () => {
    const reasons = [{ code: 'due', text: 'Due today.' }]
    kept.lines[1] = line({ id: 2, title: 'Brass Buttons', reasons, changedBy: WILMA })
    const evening = await opened()
    await evening.change(evening.order.value.value.lines.slice(0, 1))
    await evening.undo()
    expect(evening.sheet.value?.lines[1]).toMatchObject({ id: 2, reasons, changedBy: WILMA })
  })

  it('that somebody else changed before one went back shows both', async () => {
    const evening = await opened()
    await evening.change(evening.order.value.value.lines.slice(0, 1))
    kept = { ...kept, version: 3, lines: [...kept.lines, line({ id: 30, title: 'By Ines' })] }
    await evening.undo()
    expect(titles()).toEqual(['Tea Urn', 'By Ines'])
    expect(evening.order.clash.value?.mine.lines.map((one) => one.title)).toEqual([
      'Tea Urn',
      'Brass Buttons',
    ])
    evening.order.keepMine()
    await evening.change(evening.order.value.value.lines)
    expect(titles()).toEqual(['Tea Urn', 'Brass Buttons'])
  })

  it('sends no number of a line that the saved one no longer has', async () => {
    const evening = await opened()
    const both = evening.order.value.value.lines
    await evening.change(both.slice(0, 1))
    await evening.change(both)
    const last = askedOf('PUT', '/api/classes/5').at(-1)
    expect(last?.body.lines.map((one: { id?: number }) => one.id)).toEqual([1, undefined])
  })

  it('that was refused is not shown as if it were saved', async () => {
    const evening = await opened()
    refusal = new Refused(422, 'A running order has at most 40 lines.')
    await expect(evening.change([])).rejects.toThrow('at most 40')
    expect(evening.order.value.value.lines).toHaveLength(2)
  })

  it('that could not be sent is kept on this device and sent once', async () => {
    const evening = await opened()
    offline(true)
    await expect(evening.change([])).rejects.toThrow('Nothing is lost')
    expect(evening.order.waiting.value).toBe(true)
    offline(false)
    const again = await opened()
    expect(again.order.waiting.value).toBe(true)
    await again.order.sendAgain()
    await again.order.sendAgain()
    expect(titles()).toEqual([])
    expect(askedOf('PUT', '/api/classes/5').filter((one) => one.body.lines.length === 0)).toHaveLength(1)
  })

  it('of two people shows both; the undo of one never takes the other’s away', async () => {
    const evening = await opened()
    await evening.change([...evening.order.value.value.lines].reverse())
    kept = { ...kept, version: kept.version + 1, lines: [line({ id: 30, title: 'By Ines' })] }
    await evening.change(evening.order.value.value.lines.slice(0, 1))
    expect(evening.order.clash.value).toMatchObject({ by: 'Ines', version: 3 })
    expect(evening.order.undoable.value).toHaveLength(0)
    expect(titles()).toEqual(['By Ines'])
  })

  it('that is planned anew can be had back like any other change', async () => {
    const evening = await opened()
    await evening.planAround([1], [7])
    expect(askedOf('POST', '/api/classes/5/plan')[0].body).toMatchObject({ keep: [1], without: [7] })
    expect(titles()).toEqual(['Planned anew'])
    await evening.undo()
    expect(titles()).toEqual(['Tea Urn', 'Brass Buttons'])
  })

  it('is led by somebody, taken back and removed, each with the version one has seen', async () => {
    const evening = await opened()
    await evening.lead(INES)
    expect(evening.sheet.value).toMatchObject({ leader: INES, version: 2 })
    await evening.takeBack()
    expect(evening.sheet.value?.recorded).toBe(false)
    await evening.bringBack(1)
    await evening.remove()
    await flushPromises()
    expect(askedOf('DELETE', '/api/classes/5/record')[0].query.get('version')).toBe('2')
    expect(askedOf('POST', '/api/classes/5/bring-back')[0].body).toEqual({ version: 3, to: 1 })
    expect(askedOf('DELETE', '/api/classes/5')[0].query.get('version')).toBe('4')
  })
})
