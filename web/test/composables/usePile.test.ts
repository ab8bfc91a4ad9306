import { beforeEach, describe, expect, it } from 'vitest'
import { nextTick } from 'vue'
import { looksLikeSheet, toLookAt, twin, usePile } from '@/composables/sheets/usePile'
import { askedOf, Refused, serve } from '../server'
import { own } from '@/composables/device/own'

const line = (number: number, remarks: object[] = []) => ({ number, text: `line ${number}`, remarks })
const sheet = (title: string) => ({
  title,
  stepText: `title: ${title}`,
  lines: [line(1), line(2, [{ message: 'which foot?' }])],
})

/** Reads each paragraph as a sheet; a file’s text is its bytes. */
function reading() {
  serve({
    'POST /api/sheets/read': ({ body }) => ({
      sheets: body.text.split('\n\n').filter(Boolean).map(sheet),
    }),
    'POST /api/sheets/file': () => ({ text: 'From a file' }),
    'POST /api/dances': () => ({ id: 31 }),
  })
}

describe('a pile of sheets', () => {
  const pile = usePile()
  beforeEach(() => {
    pile.clear()
    reading()
  })

  it('is looked through one by one: what is kept or left makes way for the next that waits', async () => {
    await pile.paste('One\n\nTwo\n\nThree')
    expect(pile.current.value?.title).toBe('One')
    pile.leave(pile.sheets.value[0])
    expect(pile.current.value?.title).toBe('Two')
    await pile.keep(pile.sheets.value[1])
    expect(askedOf('POST', '/api/dances')[0].body).toEqual({
      stepText: 'title: Two',
      sheet: 'line 1\nline 2',
    })
    expect(pile.sheets.value[1]).toMatchObject({ state: 'kept', dance: 31 })
    expect(pile.current.value?.title).toBe('Three')
    pile.leave(pile.sheets.value[0])
    expect(pile.sheets.value[0].state).toBe('open')
    await pile.keep(pile.sheets.value[2])
    expect(pile.current.value?.title).toBe('One')
  })

  it('grows by what is dropped; what cannot be read is named, and the rest goes on', async () => {
    await pile.paste('One')
    const large = new File([new Uint8Array(4 * 1024 * 1024 + 1)], 'large.pdf')
    await pile.drop([large, new File(['1'], 'two.docx')])
    expect(pile.problems.value).toEqual(['large.pdf: it is larger than 4 MB.'])
    expect(pile.sheets.value.map((one) => [one.title, one.file])).toEqual([
      ['One', ''],
      ['From a file', 'two.docx'],
    ])
    expect(pile.current.value?.title).toBe('One')
    expect(pile.progress.value).toBeUndefined()
    await pile.paste('')
    expect(pile.problems.value).toEqual(['What was pasted: there is nothing to read.'])
  })

  it('stops where somebody says so, with what had come by then', async () => {
    serve({
      'POST /api/sheets/read': () => ({ sheets: [sheet('Only')] }),
      'POST /api/sheets/file': () => (pile.stop(), { text: 'Only' }),
    })
    await pile.drop([new File(['1'], 'a.txt'), new File(['1'], 'b.txt')])
    expect(pile.sheets.value).toHaveLength(1)
    expect(askedOf('POST', '/api/sheets/file')).toHaveLength(1)
  })

  it('stays where it is when a dance is refused', async () => {
    await pile.paste('One')
    serve({ 'POST /api/dances': () => new Refused(409, 'There is a dance called One.') })
    await expect(pile.keep(pile.sheets.value[0])).rejects.toThrow('There is a dance called One.')
    expect(pile.sheets.value[0].state).toBe('open')
  })

  it('lies on the device until it is cleared', async () => {
    await pile.paste('One')
    pile.sheets.value[0].confirmed.push(2)
    await nextTick()
    expect(JSON.parse(localStorage.getItem(own('sheets')) ?? '')[0]).toMatchObject({ confirmed: [2] })
    pile.clear()
    await nextTick()
    expect(localStorage.getItem(own('sheets'))).toBeNull()
  })

  it('says which titles stand in it twice, and what is still to be looked at', async () => {
    await pile.paste('One\n\none')
    const [first, second] = pile.sheets.value
    expect(twin(pile.sheets.value, first)).toBe(true)
    pile.leave(second)
    expect(twin(pile.sheets.value, first)).toBe(false)
    expect(toLookAt(first).map((it) => it.number)).toEqual([2])
    first.confirmed.push(2)
    expect(toLookAt(first)).toEqual([])
    expect(looksLikeSheet('one\ntwo\nthree')).toBe(false)
    expect(looksLikeSheet('one\ntwo\nthree\nfour')).toBe(true)
  })
})
