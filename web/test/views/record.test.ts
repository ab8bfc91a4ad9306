import { flushPromises } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { useOutbox } from '@/composables/device/useOutbox'
import AddLine from '@/views/classes/AddLine.vue'
import EveningStrip from '@/views/classes/EveningStrip.vue'
import OrderBar from '@/views/classes/OrderBar.vue'
import OrderLine from '@/views/classes/OrderLine.vue'
import BestOrderPanel from '@/views/classes/BestOrderPanel.vue'
import FloorView from '@/views/evening/FloorView.vue'
import LogView from '@/views/evening/LogView.vue'
import { classSheet, INES, line, ODA, WILMA } from '../made'
import { show } from '../page'
import { askedOf, offline, Refused, serve } from '../server'
import { isOwnedBy, own, useOwner } from '@/composables/device/own'

const more = { spots: [], options: '' }
let sheet = classSheet()
let answer: () => unknown
const HERE = { path: '/classes/5', route: '/classes/:id' }

beforeEach(() => {
  localStorage.clear()
  vi.useFakeTimers({ toFake: ['Date'] })
  vi.setSystemTime(new Date('2026-11-24T19:05:00'))
  sheet = classSheet({
    date: '2026-11-24',
    startsAt: '19:00',
    minutes: 60,
    canRecord: true,
    lines: [
      line({ id: 1, start: 0, minutes: 30, kind: 'TEACH', dance: 7, title: 'Tea Urn' }),
      line({ id: 2, start: 30, minutes: 5, kind: 'BREAK', title: 'Water' }),
      line({ id: 3, start: 35, minutes: 25, kind: 'PRACTICE', dance: 8, title: 'Brass Buttons' }),
    ],
  })
  answer = () => ({ ...sheet, recorded: true, version: 2 })
  serve({
    'GET /api/classes/{id}': () => sheet,
    'GET /api/classes/{id}/expected': () => [
      {
        line: 1,
        happened: 'INTRODUCED',
        shown: [1, 2],
        allSections: 4,
        outcome: 'SOLID',
        noted: false,
        more,
      },
      { line: 3, happened: 'DANCED', shown: [1, 2, 3], allSections: 3, outcome: 'SOLID', noted: false, more },
    ],
    'GET /api/groups/{id}/register': () => ({ kind: 'HEADS', dancers: [], came: [] }),
    'GET /api/people/leaders': () => [INES, ODA],
    'GET /api/classes/{id}/late': () => ({
      lines: [
        { line: 2, minutes: 3, what: 'SHORTER', text: '2 minutes shorter', cost: 4 },
        { line: 3, minutes: 0, what: 'CARRIED_OVER', text: 'not tonight', cost: 10 },
      ],
      cost: 14,
      inHand: 1,
    }),
    'POST /api/classes/{id}/record': () => answer(),
  })
  return () => vi.useRealTimers()
})

const sent = () => askedOf('POST', '/api/classes/5/record')

describe('the log of a class', () => {
  it('comes filled in, and one tap writes it down', async () => {
    const { words, press, router } = await show(LogView, HERE)
    expect(words()).toContain('Tea Urn Teach')
    expect(words()).not.toContain('Water')
    await press('It went as it stands here')
    expect(sent()[0].body.lines).toEqual([
      { line: 1, happened: 'INTRODUCED', shown: [1, 2], outcome: 'SOLID', note: '', more },
      { line: 3, happened: 'DANCED', shown: [1, 2, 3], outcome: 'SOLID', note: '', more },
    ])
    expect(router.currentRoute.value.path).toBe('/classes/5')
    expect(localStorage.getItem(own('log-5'))).toBeNull()
    expect(localStorage.getItem(own('log-begin-5')), 'no names stay').toBeNull()
  })

  it('takes what went otherwise, who came, and a word for the next one', async () => {
    const { view, press, choose } = await show(LogView, HERE)
    const card = view.get('[aria-label="How Tea Urn went"]')
    await card.findAll('button')[1].trigger('click')
    await view.get('[aria-label="Section 2: fine"]').trigger('click')
    await choose('How many came', 14)
    await view.get('textarea').setValue(' cold hall ')
    await view.findAllComponents({ name: 'ElSwitch' })[1].vm.$emit('update:modelValue', false)
    await flushPromises()
    await press('Write it down')
    expect(sent()[0].body).toMatchObject({ note: 'cold hall', came: { heads: 14, version: 0 } })
    expect(sent()[0].body.lines).toEqual([
      {
        line: 1,
        happened: 'INTRODUCED',
        shown: [1, 2],
        outcome: 'SHAKY',
        note: '',
        more: { spots: [{ section: 2, outcome: 'SHAKY' }], options: '' },
      },
    ])
  })

  it('wants to know which sections were taught, where it was not all of it', async () => {
    const { words, choose } = await show(LogView, HERE)
    await choose('Sections of Tea Urn', [])
    expect(words()).toContain('Choose which sections of Tea Urn were taught.')
    expect(words()).not.toContain('It went as it stands here')
  })

  it('waits on the device without a network, keeps its word, and is sent once', async () => {
    const { words, press } = await show(LogView, HERE)
    offline(true)
    await press('Write it down')
    expect(words()).toContain('Kept on this device.')
    const waiting = JSON.parse(localStorage.getItem(own('outbox')) ?? '[]')
    expect(waiting).toHaveLength(1)
    offline(false)
    await press('Write it down')
    expect(sent()).toHaveLength(1)
    expect(sent()[0].body.key).toBe(waiting[0].body.key)
    expect(JSON.parse(localStorage.getItem(own('outbox')) ?? '[]')).toEqual([])
  })

  it('is never sent in the name of somebody else', async () => {
    const { press } = await show(LogView, HERE)
    offline(true)
    await press('Write it down')
    offline(false)
    document.querySelectorAll('.el-message').forEach((one) => one.remove())
    const before = useOwner().value
    isOwnedBy({ club: 'mill', ...INES })
    expect(useOutbox().waiting.value).toEqual([])
    await useOutbox().flush()
    await flushPromises()
    expect(sent()).toHaveLength(0)
    expect(document.body.textContent, 'nothing says that it was').not.toContain('Written down')
    isOwnedBy(before)
    await useOutbox().flush()
    expect(sent()).toHaveLength(1)
  })

  it('that is changed while it is on its way is sent again, and stays until then', async () => {
    const { press } = await show(LogView, HERE)
    offline(true)
    await press('Write it down')
    offline(false)
    const first = useOutbox().waiting.value[0]
    const later = { ...first, body: { ...first.body, note: 'one more word' } }
    answer = () => {
      answer = () => ({ ...sheet, recorded: true })
      void useOutbox().send(later)
      return { ...sheet, recorded: true }
    }
    await useOutbox().flush()
    expect(useOutbox().waiting.value).toEqual([later])
    await useOutbox().flush()
    expect(sent().at(-1)?.body.note).toBe('one more word')
    expect(useOutbox().waiting.value).toEqual([])
  })

  it('that is refused is still there, with the reason', async () => {
    answer = () => new Refused(409, 'Somebody has changed this class.')
    const { words, press } = await show(LogView, HERE)
    await press('Write it down')
    expect(words()).toContain('Not taken: Somebody has changed this class.')
    expect(JSON.parse(localStorage.getItem(own('outbox')) ?? '[]')).toMatchObject([
      { refused: 'Somebody has changed this class.' },
    ])
    answer = () => ({ ...sheet, recorded: true })
    await press('Write it down')
    expect(JSON.parse(localStorage.getItem(own('outbox')) ?? '[]')).toEqual([])
  })

  it('is kept while it is written, and opens without a network as it was', async () => {
    const first = await show(LogView, HERE)
    await first.view.get('textarea').setValue('half a sentence')
    await flushPromises()
    first.view.unmount()
    offline(true)
    const { view, words } = await show(LogView, HERE)
    expect(words()).toContain('The server does not answer.')
    expect((view.get('textarea').element as HTMLTextAreaElement).value).toBe('half a sentence')
  })

  it('is not asked for before the day, and says when it can be written', async () => {
    sheet = { ...sheet, canRecord: false }
    const { words } = await show(LogView, HERE)
    expect(words()).toContain('can be written on the day of the class and afterwards')
    expect(askedOf('GET', '/api/classes/5/expected')).toHaveLength(0)
  })
})

const key = (name: string) =>
  document.body.dispatchEvent(new KeyboardEvent('keydown', { key: name, bubbles: true }))

describe('the floor', () => {
  it('shows what is on and what is next, and one key moves on', async () => {
    const { words, press } = await show(FloorView, HERE)
    await press('Begin Space or clicker')
    expect(words()).toContain('Teach Tea Urn')
    expect(words()).toContain('55 min left')
    expect(words()).toContain('then Water')
    key('PageDown')
    await flushPromises()
    expect(words()).toContain('Break Water')
    key('PageUp')
    await flushPromises()
    expect(words()).toContain('Teach Tea Urn')
  })

  it('is shortened with one tap where time is short, and the log begins with it', async () => {
    const { words, press } = await show(FloorView, HERE)
    await press('Begin Space or clicker')
    vi.setSystemTime(new Date('2026-11-24T19:55:00'))
    await press('Late? for 55 minutes')
    expect(askedOf('GET', '/api/classes/5/late')[0].query.get('from')).toBe('2')
    expect(words()).toContain('2 minutes shorter')
    await press('Do it so')
    expect(words()).toContain('then Water Break, 3 min')
    key(' ')
    key(' ')
    await flushPromises()
    expect(words()).toContain('The class is over')
    const log = await show(LogView, HERE)
    await log.press('Write it down')
    expect(sent()[0].body.lines.map((one: { line: number }) => one.line)).toEqual([1])
  })

  it('goes on without a network, as it was last seen', async () => {
    const first = await show(FloorView, HERE)
    await first.press('Begin Space or clicker')
    first.view.unmount()
    offline(true)
    const { words, press } = await show(FloorView, HERE)
    expect(words()).toContain('Moving on works all the same')
    expect(words()).toContain('Teach Tea Urn')
    await press('Late? for 55 minutes')
    expect(words()).toContain('Leave something out by hand')
    await press('Back')
    await press('Leave out Brass Buttons')
    await press('Next Space or clicker')
    expect(words()).toContain('then the end')
  })
})

describe('two orders', () => {
  it('stand side by side with what each is worth, and what differs', async () => {
    const other = { ...sheet.lines[2], title: 'High Tide', dance: 9 }
    const proposal = { points: 40, gap: 0, now: 34, lines: [sheet.lines[0], sheet.lines[1], other] }
    const { view, words, press } = await show(BestOrderPanel, { props: { sheet, proposal, busy: false } })
    expect(words()).toContain('Now: 34 points')
    expect(words()).toContain('(+6)')
    expect(
      view
        .findAll('.differs')
        .map((one) => one.text())
        .join(' '),
    ).toContain('High Tide')
    await press('Take this order')
    expect(view.emitted('take')).toHaveLength(1)
  })

  it('that are the same are said to be the best already', async () => {
    const proposal = { points: 40, gap: 3, now: 40, lines: sheet.lines }
    const { words } = await show(BestOrderPanel, { props: { sheet, proposal, busy: false } })
    expect(words()).toContain('It is the best order already.')
    expect(words()).toContain('3 points more at most')
  })
})

describe('a line of the running order', () => {
  const dances = [{ id: 7, title: 'Tea Urn', sound: true }]
  const props = {
    sheet: classSheet(),
    dances,
    at: 1,
    of: 3,
    busy: false,
    may: true,
    selected: true,
    kept: false,
  }

  it('says when, what and why, and who changed it', async () => {
    const { words } = await show(OrderLine, {
      props: {
        ...props,
        line: line({
          start: 75,
          dance: 7,
          kind: 'TEACH',
          reasons: [
            { code: 'due', text: 'Due today.' },
            { code: 'chosen-by', text: 'Chosen by Oda.' },
          ],
          changedBy: INES,
          changedAt: '2026-11-20T08:00:00',
          teachBy: WILMA,
        }),
      },
    })
    expect(words()).toContain('20:15')
    expect(words()).toContain('Due today.')
    expect(words()).toContain('Chosen by Oda.')
    expect(words()).toContain('changed by Ines, Fri 20 Nov')
    expect(words()).toContain('teach laid out by Wilma')
  })

  it.each([
    ['TEACH', 'Lay out the teach', '/dances/7/teach?group=1&class=5&minutes=10'],
    ['REMINDER', 'Walk-through', '/dances/7/teach?group=1&class=5&minutes=10&school=REMINDER'],
    ['PRACTICE', 'Run through', '/dances/7/run-through?group=1&class=5'],
    ['FINISH', 'Run through', '/dances/7/run-through?group=1&class=5'],
  ])('of kind %s leads on by “%s”', async (kind, words, to) => {
    const { view } = await show(OrderLine, { props: { ...props, line: { ...line({ dance: 7 }), kind } } })
    const link = view.findAll('a').find((one) => one.text() === words)
    expect(link?.attributes('href')).toBe(to)
  })

  it('can be moved, taken out, swapped and given other minutes', async () => {
    const { view, press, choose } = await show(OrderLine, { props: { ...props, line: line({ dance: 7 }) } })
    await press('Move Tea Urn up, 2 of 3')
    await press('Move Tea Urn down, 2 of 3')
    await press('Take Tea Urn out')
    await choose('Minutes of Tea Urn', 15)
    await choose('Dance of Practice', 7)
    expect(view.emitted()).toMatchObject({ move: [[-1], [1]], drop: [[]], minutes: [[15]], swap: [[7]] })
  })

  it('that is written down is only read', async () => {
    const sheet = classSheet({ recorded: true })
    const { view, words } = await show(OrderLine, {
      props: { ...props, may: false, sheet, line: line({ dance: 7 }) },
    })
    expect(view.findAll('button')).toHaveLength(1)
    expect(words()).toContain('10 min')
  })
})

describe('a new line', () => {
  const dances = [{ id: 7, title: 'Tea Urn', sound: true }]

  it('is a dance, or a few words, and not nothing', async () => {
    const { view, choose } = await show(AddLine, { props: { dances, minutes: 10 } })
    const add = () => view.findAll('button').find((one) => one.text() === 'Add')
    expect(add()?.attributes('disabled')).toBeDefined()
    await view.get('[aria-label="Words of the new line"]').setValue('  Line up in pairs ')
    expect(add()?.attributes('disabled')).toBeUndefined()
    await view.get('form').trigger('submit')
    await choose('Dance of the new line', 7)
    expect(view.find('[aria-label="Words of the new line"]').exists()).toBe(false)
    await view.get('form').trigger('submit')
    expect(view.emitted('add')).toEqual([
      [{ kind: 'PRACTICE', dance: undefined, title: 'Line up in pairs', minutes: 10 }],
      [{ kind: 'PRACTICE', dance: 7, title: 'Line up in pairs', minutes: 10 }],
    ])
  })
})

it('the bar is as long as the class, or as the plan where that is longer', async () => {
  const lines = [line({ minutes: 30 }), line({ minutes: 15 })]
  const widths = async (minutes: number) =>
    (await show(OrderBar, { props: { lines, minutes } })).view
      .findAll('span')
      .map((one) => (one.element as HTMLElement).style.width)
  expect(await widths(60)).toEqual(['50%', '25%'])
  expect((await widths(40))[0]).toMatch(/^66\.6/)
})

it('the evening is drawn as time, with its effort, and every line of it can be chosen', async () => {
  const lines = [
    line({ id: 1, start: 0, minutes: 10, effort: 6, title: 'Walks', kind: 'WARM_UP' }),
    line({ id: 2, start: 10, minutes: 30, effort: 60, dance: 1, title: 'Tea Urn' }),
    line({ id: 3, start: 40, minutes: 20, effort: 20, dance: 2, title: 'Kettle On' }),
  ]
  const props = { lines, minutes: 60, startsAt: '19:00', selected: 2, kept: new Set([3]) }
  const { view, press, words } = await show(EveningStrip, { props })
  expect(view.get('svg').attributes('aria-label')).toContain('the most in Tea Urn, 60 of 100')
  expect(view.findAll('li').map((one) => (one.element as HTMLElement).style.width)[1]).toBe('50%')
  expect(words()).toContain('19:15')
  await press('20 19:40 Practice, Kettle On, 20 minutes Kettle On')
  expect(view.emitted('select')).toEqual([[3]])
})
