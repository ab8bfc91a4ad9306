import { flushPromises } from '@vue/test-utils'
import { describe, expect, it, vi } from 'vitest'
import { ref } from 'vue'
import ConflictPanel from '@/components/conflict-panel/ConflictPanel.vue'
import HistoryPanel from '@/components/history-panel/HistoryPanel.vue'
import RemovedList from '@/components/removed-list/RemovedList.vue'
import type { Clash } from '@/composables/page/useVersioned'
import { show } from '../page'
import { askedOf, Refused, serve } from '../server'
import { TOMAS, INES } from '../made'

const said = vi.hoisted(() => ({ notices: [] as string[] }))
vi.mock('@/composables/page/say', () => ({
  sayDone: (words: string) => said.notices.push(words),
  sayNotice: (words: string) => said.notices.push(words),
  sayFailed: (words: string) => said.notices.push(words),
}))

const lines = (text: string) => text.split('\n')

describe('two versions of one thing', () => {
  const CLASH: Clash<string> = {
    base: 'title: A\nvine R\nend',
    mine: 'title: A\nvine L\nend',
    theirs: 'title: B\nvine R\nend',
    by: 'Wilma',
    version: 4,
  }
  function versioned(left = 0) {
    const clash = ref<Clash<string> | undefined>(CLASH)
    return {
      clash,
      merge: vi.fn(() => ((clash.value = undefined), left)),
      keepMine: vi.fn(() => void (clash.value = undefined)),
      takeTheirs: vi.fn(() => void (clash.value = undefined)),
    }
  }

  it('stand side by side, and every line that differs is marked on its side', async () => {
    const { view, words } = await show(ConflictPanel, { props: { of: versioned(), lines } })
    expect(words()).toContain('Wilma has changed this in the meantime')
    expect(words()).toContain('Saved by Wilma, version 4')
    const marked = view
      .findAll('.sides > div')
      .map((side) => side.findAll('.differs').map((one) => one.text()))
    expect(marked).toEqual([
      ['title: A', 'vine L'],
      ['title: B', 'vine R'],
    ])
  })

  it.each([
    ['Put both together', 'merge'],
    ['Go on with mine', 'mine'],
    ['Take the saved one', 'theirs'],
  ])('“%s” settles it, and the page hears how', async (button, by) => {
    const of = versioned()
    const { view, press } = await show(ConflictPanel, { props: { of, lines } })
    await press(button)
    expect(view.emitted('settled')).toEqual([[by]])
    expect(view.find('section').exists()).toBe(false)
    expect([of.merge, of.keepMine, of.takeTheirs].map((one) => one.mock.calls.length)).toEqual(
      ['merge', 'mine', 'theirs'].map((one) => (one === by ? 1 : 0)),
    )
  })

  it('what both changed is told, in words that say where it is', async () => {
    said.notices = []
    await (
      await show(ConflictPanel, { props: { of: versioned(1), lines, marks: true } })
    ).press('Put both together')
    await (await show(ConflictPanel, { props: { of: versioned(3), lines } })).press('Put both together')
    expect(said.notices).toEqual([
      '1 place to settle; both are marked in the text.',
      'Both changed the same in 3 places; yours stays there.',
    ])
  })

  it('nothing is shown where nothing is to be settled', async () => {
    const of = { ...versioned(), clash: ref(undefined) }
    expect((await show(ConflictPanel, { props: { of, lines } })).words()).toBe('')
  })
})

describe('a history', () => {
  const entry = (toVersion: number, action: string, more: object = {}) => ({
    id: toVersion,
    at: '2026-11-24T18:30:00',
    by: INES,
    action,
    fromVersion: toVersion - 1,
    toVersion,
    subject: 'Tea Urn',
    differences: [],
    ...more,
  })
  const props = { thing: 'DANCE', id: 7, version: 3, mayBringBack: true }

  async function opened(entries: object[], more: object = {}) {
    serve({ 'GET /api/history/{thing}/{id}': () => entries })
    const page = await show(HistoryPanel, { props: { ...props, ...more } })
    expect(askedOf('GET', '/api/history/DANCE/7')).toHaveLength(0)
    const details = page.view.get('details')
    ;(details.element as HTMLDetailsElement).open = true
    await details.trigger('toggle')
    await flushPromises()
    return page
  }

  it('is fetched when it is opened, and tells who did what and what differs', async () => {
    const { words, view } = await opened([
      entry(3, 'CHANGED', { differences: [{ was: 'vine R', now: 'vine L' }, { now: '' }] }),
      entry(2, 'BROUGHT_BACK'),
      entry(1, 'ADDED'),
    ])
    expect(words()).toContain('Ines changed it version 3')
    expect(words()).toContain('Ines brought an earlier version back')
    expect(view.get('del').text()).toBe('vine R')
    expect(view.findAll('ins').map((one) => one.text())).toEqual(['vine L', '(empty line)'])
  })

  it('offers every earlier version that changed something, and not the one of now', async () => {
    const { view, press, words } = await opened([
      entry(3, 'RECORDED'),
      entry(3, 'CHANGED'),
      entry(2, 'CHANGED'),
      entry(1, 'ADDED'),
    ])
    expect(words().match(/Bring version \d back/g)).toEqual(['Bring version 2 back', 'Bring version 1 back'])
    await press('Bring version 1 back')
    expect(view.emitted('bringBack')).toEqual([[1]])
  })

  it('offers nothing to whoever may not, and says so where nothing was changed yet', async () => {
    expect((await opened([entry(1, 'ADDED')], { mayBringBack: false })).words()).not.toContain(
      'Bring version',
    )
    expect((await opened([])).words()).toContain(
      'Nothing has been changed since versions are kept (it is version 3).',
    )
  })

  it('says what went wrong, and tries again', async () => {
    let broken = true
    serve({ 'GET /api/history/{thing}/{id}': () => (broken ? new Refused(500, 'Out of order.') : []) })
    const page = await show(HistoryPanel, { props })
    ;(page.view.get('details').element as HTMLDetailsElement).open = true
    await page.view.get('details').trigger('toggle')
    await flushPromises()
    expect(page.words()).toContain('Out of order.')
    broken = false
    await page.press('Try again')
    expect(page.words()).toContain('Nothing has been changed')
  })
})

describe('what was removed', () => {
  const gone = {
    id: 5,
    subject: 'Monday Hall, 2026-11-30',
    by: TOMAS,
    at: '2026-11-24T18:30:00',
    version: 2,
  }

  it.each([
    ['DANCE', '/api/dances/5/bring-back'],
    ['SONG', '/api/songs/5/bring-back'],
    ['GROUP', '/api/groups/5/bring-back'],
    ['CLASS', '/api/classes/5/bring-back'],
  ])('a %s comes back from the version it had', async (thing, path) => {
    said.notices = []
    serve({ 'GET /api/history/{thing}': () => [gone], [`POST ${path}`]: () => ({}) })
    const page = await show(RemovedList, { props: { thing } })
    ;(page.view.get('details').element as HTMLDetailsElement).open = true
    await page.view.get('details').trigger('toggle')
    await flushPromises()
    expect(page.words()).toContain('Monday Hall, 2026-11-30 by Tomas')
    await page.press('Bring back')
    expect(askedOf('POST', path)[0].body).toEqual({ to: 2, version: 2 })
    expect(page.view.emitted('back')).toHaveLength(1)
    expect(said.notices).toEqual(['Monday Hall, 2026-11-30 is back.'])
  })

  it('that cannot come back says why, and stays', async () => {
    said.notices = []
    serve({
      'GET /api/history/{thing}': () => [gone],
      'POST /api/classes/{id}/bring-back': () => new Refused(409, 'There is another class on that day.'),
    })
    const page = await show(RemovedList, { props: { thing: 'CLASS' } })
    ;(page.view.get('details').element as HTMLDetailsElement).open = true
    await page.view.get('details').trigger('toggle')
    await flushPromises()
    await page.press('Bring back')
    expect(said.notices).toEqual(['There is another class on that day.'])
    expect(page.view.emitted('back')).toBeUndefined()
    expect(page.words()).toContain('Monday Hall')
  })
})
