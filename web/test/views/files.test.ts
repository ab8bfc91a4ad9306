import { beforeEach, describe, expect, it } from 'vitest'
import { createMemoryHistory, createRouter } from 'vue-router'
import { flushPromises, mount } from '@vue/test-utils'
import { useArrival } from '@/composables/people/useArrival'
import { counted } from '@/views/exchange/kinds'
import { MOST_BYTES, useImport, type Find } from '@/views/exchange/useImport'
import { until } from '../page'
import { within } from '../scope'
import { askedOf, Refused, serve } from '../server'
import { ODA } from '../made'

const find = (number: number, more: Partial<Find> = {}): Find => ({
  number,
  kind: 'SONGS',
  file: 0,
  line: number + 2,
  title: `Song ${number}`,
  state: 'NEW',
  note: '',
  doubts: [],
  differences: [],
  wise: true,
  takes: true,
  ...more,
})

let there: Find[] = []
let refuse = false

beforeEach(() => {
  refuse = false
  there = [find(0), find(1, { state: 'CONFLICT', wise: false }), find(2, { takes: false, wise: false })]
  serve({
    'POST /api/imports/look': () => ({ files: [{ name: 'a.csv', readAs: 'SONGS' }], found: there }),
    'POST /api/imports': () =>
      refuse
        ? new Refused(409, 'Nothing was taken. Look at the files again.')
        : { id: 3, at: '2026-11-28T09:00:00', by: ODA, files: 'a.csv', counts: [], undone: false },
  })
})

const csv = () => new File(['title,artist\nSong 0,\n'], 'a.csv')

describe('files that are brought', () => {
  it('come as they are, and what is plain is chosen', async () => {
    const files = within(useImport)
    await files.read([csv()])
    expect(askedOf('POST', '/api/imports/look').map((one) => one.body)).toEqual([
      { files: [{ name: 'a.csv', base64: btoa('title,artist\nSong 0,\n') }] },
    ])
    expect([...files.chosen.value]).toEqual([0])
    expect(files.reading.value).toBe(0)
  })

  it('are taken with what they looked like', async () => {
    const files = within(useImport)
    await files.read([csv()])
    files.choose([1], true)
    files.choose([0], false)
    expect((await files.take())?.id).toBe(3)
    const sent = askedOf('POST', '/api/imports')[0]?.body as { chosen: unknown }
    expect(sent.chosen).toEqual([{ number: 1, title: 'Song 1', state: 'CONFLICT' }])
    expect(files.look.value).toBeUndefined()
  })

  it('stay where they cannot be taken, and are looked at again', async () => {
    const files = within(useImport)
    await files.read([csv()])
    files.choose([1], true)
    refuse = true
    there = [find(0, { state: 'SAME', wise: false, takes: false }), find(1)]
    expect(await files.take()).toBeUndefined()
    expect(files.found.value[0]?.state).toBe('SAME')
    expect([...files.chosen.value]).toEqual([1])
  })

  it('are refused where they are too many bytes', async () => {
    const files = within(useImport)
    const large = csv()
    Object.defineProperty(large, 'size', { value: MOST_BYTES + 1 })
    await files.read([large])
    expect(files.problem.value).toContain('up to 11 MB')
    expect(askedOf('POST', '/api/imports/look').map((one) => one.body)).toEqual([])
  })

  it('are counted in words', () => {
    expect(counted('CLASSES', 1)).toBe('1 class')
    expect(counted('DANCES', 60)).toBe('60 dances')
  })
})

describe('whoever arrives', () => {
  const page = (title: string) => ({ template: `<h1>${title}</h1>` })

  async function app() {
    const router = createRouter({
      history: createMemoryHistory(),
      routes: [
        { path: '/', component: page('Here') },
        { path: '/there', component: page('There') },
        { path: '/own', component: { template: '<h1>Own</h1><input autofocus />' } },
      ],
    })
    const shell = mount(
      {
        setup: useArrival,
        template: '<a id="link" href="#">x</a><main><RouterView /></main>',
      },
      { global: { plugins: [router] }, attachTo: document.body },
    )
    await router.push('/')
    await flushPromises()
    return { router, shell }
  }

  it('hears the heading of the page, and the window bears it', async () => {
    const { router, shell } = await app()
    await router.push('/there')
    await until(() => expect(document.title).toBe('There · Ulna Awl'))
    expect(document.activeElement?.textContent).toBe('There')
    shell.unmount()
  })

  it('keeps what was gone on to before the page was there', async () => {
    const { router, shell } = await app()
    await router.push('/there')
    const link = shell.find('a').element
    link.focus()
    link.dispatchEvent(new KeyboardEvent('keydown', { key: 'k', ctrlKey: true, bubbles: true }))
    await until(() => expect(document.title).toBe('There · Ulna Awl'))
    expect(document.activeElement).toBe(link)
    shell.unmount()
  })

  it('keeps what the page itself gave the focus to', async () => {
    const { router, shell } = await app()
    await router.push('/own')
    shell.find('input').element.focus()
    await until(() => expect(document.title).toBe('Own · Ulna Awl'))
    expect(document.activeElement?.tagName).toBe('INPUT')
    shell.unmount()
  })
})
