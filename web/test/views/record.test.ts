import { flushPromises } from '@vue/test-utils'
import { beforeEach, describe, expect, it } from 'vitest'
import AddLine from '@/views/classes/AddLine.vue'
import EffortCurve from '@/views/classes/EffortCurve.vue'
import OrderBar from '@/views/classes/OrderBar.vue'
import OrderLine from '@/views/classes/OrderLine.vue'
import RecordPanel from '@/views/classes/RecordPanel.vue'
import { classSheet, line } from '../made'
import { show } from '../page'
import { askedOf, offline, serve } from '../server'

describe('the record of a class', () => {
  const sheet = classSheet({
    lines: [
      line({ id: 1, kind: 'TEACH', dance: 7, title: 'Tea Urn' }),
      line({ id: 2, kind: 'BREAK', title: 'Water' }),
      line({ id: 3, kind: 'PRACTICE', dance: 8, title: 'Brass Buttons' }),
    ],
  })
  const expected = [
    { line: 1, happened: 'INTRODUCED', shown: [1, 2], allSections: 4 },
    { line: 3, happened: 'DANCED', shown: [1, 2, 3], allSections: 3 },
  ]
  beforeEach(() => serve({ 'GET /api/classes/{id}/expected': () => expected }))

  it('comes filled in as planned, and one press writes it down', async () => {
    const { view, words, press } = await show(RecordPanel, { props: { sheet, busy: false } })
    expect(words()).toContain('Tea Urn Teach')
    expect(words()).not.toContain('Water')
    await press('Write it down')
    expect(view.emitted('record')).toEqual([
      [
        '',
        [
          { line: 1, happened: 'INTRODUCED', shown: [1, 2], outcome: 'SOLID', note: '' },
          { line: 3, happened: 'DANCED', shown: [1, 2, 3], outcome: 'SOLID', note: '' },
        ],
      ],
    ])
  })

  it('takes what went otherwise, and the notes with it', async () => {
    const { view, press, choose } = await show(RecordPanel, { props: { sheet, busy: false } })
    await choose('How Tea Urn went', 'SHAKY')
    await choose('What happened with Tea Urn', 'TAUGHT')
    await view.get('[aria-label="Note on Tea Urn"]').setValue('  turned late ')
    await view.get('textarea').setValue(' cold hall ')
    await view.findAll('input[type=checkbox]').at(-1)?.setValue(false)
    await flushPromises()
    await press('Write it down')
    expect(view.emitted('record')?.[0]).toEqual([
      'cold hall',
      [{ line: 1, happened: 'TAUGHT', shown: [1, 2, 3, 4], outcome: 'SHAKY', note: 'turned late' }],
    ])
  })

  it('wants to know which sections were taught, where it was not all of it', async () => {
    const { view, words, choose } = await show(RecordPanel, { props: { sheet, busy: false } })
    await choose('Sections of Tea Urn', [])
    expect(words()).toContain('Choose which sections of Tea Urn were taught.')
    expect(view.get('button.el-button--large').attributes('disabled')).toBeDefined()
    await choose('Sections of Tea Urn', [4, 2])
    expect(view.get('button.el-button--large').attributes('disabled')).toBeUndefined()
  })

  it('that nothing was danced is said in so many words', async () => {
    const { view, words, press } = await show(RecordPanel, { props: { sheet, busy: false } })
    for (const box of view.findAll('li > label input[type=checkbox]')) await box.setValue(false)
    expect(words()).toContain('Write down that nothing was danced')
    await press('Write down that nothing was danced')
    expect(view.emitted('record')).toEqual([['', []]])
  })

  it('keeps what was filled in when a colleague changes the order', async () => {
    const { view, choose, press } = await show(RecordPanel, { props: { sheet, busy: false } })
    await choose('How Tea Urn went', 'LOST')
    await view.setProps({ sheet: { ...sheet, version: 2, lines: [...sheet.lines].reverse() } })
    await flushPromises()
    expect(askedOf('GET', '/api/classes/5/expected')).toHaveLength(2)
    await press('Write it down')
    const lines = view.emitted('record')?.[0]?.[1] as { line: number; outcome: string }[]
    expect(lines.find((one) => one.line === 1)?.outcome).toBe('LOST')
  })

  it('is not asked for before the day, and says when it can be written', async () => {
    const early = { ...sheet, canRecord: false }
    const { words } = await show(RecordPanel, { props: { sheet: early, busy: false } })
    expect(words()).toContain('can be written on the day of the class and afterwards')
    expect(askedOf('GET', '/api/classes/5/expected')).toHaveLength(0)
  })

  it('cannot be written blind: without an answer the button waits and one can ask again', async () => {
    offline(true)
    const { view, words, press } = await show(RecordPanel, { props: { sheet, busy: false } })
    expect(words()).toContain('The server does not answer.')
    expect(view.get('button.el-button--large').attributes('disabled')).toBeDefined()
    offline(false)
    await press('Try again')
    expect(askedOf('GET', '/api/classes/5/expected')).toHaveLength(1)
  })
})

describe('a line of the running order', () => {
  const dances = [{ id: 7, title: 'Tea Urn', sound: true }]
  const props = { sheet: classSheet(), dances, first: false, last: false, busy: false }

  it('says when, what and why, and who changed it', async () => {
    const { words } = await show(OrderLine, {
      props: {
        ...props,
        line: line({
          start: 75,
          dance: 7,
          kind: 'TEACH',
          reasons: [
            { code: 'due', text: 'Due today.', args: {} },
            { code: 'chosen-by', text: 'Chosen by Oda.', args: {} },
          ],
          changedBy: 'Ines',
          changedAt: '2026-11-20T08:00:00',
          teachBy: 'Wilma',
        }),
      },
    })
    expect(words()).toContain('20:15')
    expect(words()).toContain('Due today. Chosen by Oda.')
    expect(words()).toContain('changed by Ines, Fri 20 Nov')
    expect(words()).toContain('teach laid out by Wilma')
  })

  it.each([
    ['TEACH', 'Lay out the teach', '/dances/7/teach?group=1&minutes=10'],
    ['REMINDER', 'Walk-through', '/dances/7/teach?group=1&minutes=10&school=REMINDER'],
    ['PRACTICE', 'Run through', '/dances/7/run-through?group=1'],
    ['FINISH', 'Run through', '/dances/7/run-through?group=1'],
  ])('of kind %s leads on by “%s”', async (kind, words, to) => {
    const { view } = await show(OrderLine, { props: { ...props, line: { ...line({ dance: 7 }), kind } } })
    const link = view.findAll('a').find((one) => one.text() === words)
    expect(link?.attributes('href')).toBe(to)
  })

  it('can be moved, taken out, swapped and given other minutes', async () => {
    const { view, press, choose } = await show(OrderLine, { props: { ...props, line: line({ dance: 7 }) } })
    await press('Move Tea Urn up')
    await press('Move Tea Urn down')
    await press('Take Tea Urn out')
    await choose('Minutes of Tea Urn', 15)
    await choose('Dance of Practice', 7)
    expect(view.emitted()).toMatchObject({ move: [[-1], [1]], drop: [[]], minutes: [[15]], swap: [[7]] })
  })

  it('that is written down is only read', async () => {
    const sheet = classSheet({ recorded: true })
    const { view, words } = await show(OrderLine, { props: { ...props, sheet, line: line({ dance: 7 }) } })
    expect(view.findAll('button')).toHaveLength(0)
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

it('effort rises and falls line by line, and is not drawn where nobody knows it', async () => {
  const lines = [
    line({ start: 0, minutes: 20, effort: 6, dance: undefined, title: 'Warm-up' }),
    line({ start: 20, minutes: 20, effort: 50, dance: 1, title: 'Salt Road' }),
    line({ start: 40, minutes: 20, effort: 20, dance: 2, title: 'Kettle On' }),
  ]
  const { view } = await show(EffortCurve, { props: { lines, minutes: 60 } })
  expect(view.get('svg').attributes('aria-label')).toBe('Effort: the most in Salt Road, 50 of 100')
  expect(view.get('path').attributes('d')).toBe('M0 46 L16.67 43.2 L50.00 23.0 L83.33 36.8 L100 46 Z')
  const none = await show(EffortCurve, {
    props: { lines: [line({ effort: 6, dance: undefined })], minutes: 60 },
  })
  expect(none.view.find('svg').exists()).toBe(false)
})
