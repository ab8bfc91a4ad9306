import { flushPromises } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { ref } from 'vue'
import type { Schemas } from '@/api/client'
import CallsLine from '@/views/teaching/CallsLine.vue'
import ComparePanel from '@/views/teaching/ComparePanel.vue'
import DrillRow from '@/views/teaching/DrillRow.vue'
import HowFar from '@/views/teaching/HowFar.vue'
import PracticePanel from '@/views/teaching/PracticePanel.vue'
import TeachBar from '@/views/teaching/TeachBar.vue'
import TeachSaved from '@/views/teaching/TeachSaved.vue'
import TimeTaken from '@/views/teaching/TimeTaken.vue'
import { useWatchOuts } from '@/views/teaching/useWatchOuts'
import { show } from '../page'
import { within } from '../scope'
import { asked, askedOf, serve } from '../server'
import { INES } from '../made'

const asks = vi.hoisted(() => ({ answer: 'left foot is free' as string | undefined, done: [] as string[] }))
vi.mock('element-plus', async (original) => ({
  ...(await original<typeof import('element-plus')>()),
  ElMessageBox: {
    prompt: async () => {
      if (asks.answer === undefined) throw new Error('not now')
      return { value: asks.answer }
    },
  },
}))
vi.mock('@/composables/page/say', () => ({
  sayDone: (words: string) => asks.done.push(words),
  sayNotice: () => undefined,
  sayFailed: (words: string) => asks.done.push(words),
}))
beforeEach(() => {
  asks.answer = 'left foot is free'
  asks.done = []
})

const drill = (more: Partial<Schemas['DrillView']> = {}): Schemas['DrillView'] => ({
  counts: 8,
  label: 'Section 1',
  mode: 'COUNTS',
  percent: 70,
  practised: [1],
  ready: [40, 0],
  repetitions: 3,
  say: [1, 2, 3].map((n) => ({ code: 'x', text: `Line ${n}.` })),
  scope: { kind: 'SECTION', from: 1, to: 1 } as Schemas['ScopeView'],
  seconds: 60,
  startFacing: 0,
  startSecond: 90,
  ...more,
})
const wanted = (more: object = {}) => ({
  scope: drill().scope,
  mode: 'COUNTS' as const,
  percent: 70,
  repetitions: 3,
  locked: false,
  ...more,
})
const sheet = (more: Partial<Schemas['TeachSheet']> = {}): Schemas['TeachSheet'] => ({
  classPercent: 150,
  dance: 1,
  drills: [drill({ startSecond: 0, seconds: 60 }), drill({ startSecond: 60, seconds: 120, ready: [60, 30] })],
  group: 3,
  groupName: 'Monday Hall',
  howFar: [],
  leastDone: 30,
  minutes: 20,
  pieces: [
    { before: 0, danced: ['3 times'], label: 'section 1', load: [], plainCounts: 8, section: 1 },
    { before: 10, danced: [], label: 'join 1 to 2', load: [], plainCounts: 3 },
  ],
  reached: [1],
  reasons: [{ code: 'follows', text: 'Add-on: good for beginners.' }],
  school: 'ADD_ON',
  seconds: 180,
  sectionCounts: 8,
  sections: 2,
  timesTaken: 0,
  title: 'Paper Lanterns',
  whole: false,
  ...more,
})
const SCHOOLS = [
  { school: 'ADD_ON', name: 'Add-on', goodFor: '' },
  { school: 'RECAP', name: 'Recap', goodFor: '' },
] as unknown as Schemas['SchoolView'][]

describe('a drill', () => {
  const props = { drill: drill(), wanted: wanted(), selected: false, first: false, last: false }

  it('says when, what, how fast, how often and for how long; two lines of what to say until it is opened', async () => {
    const page = await show(DrillRow, { props })
    expect(page.words()).toContain('1:30 Section 1 in counts at 70 %')
    expect(page.words()).toContain('× 3')
    expect(page.words()).toContain('1:00')
    const hidden = () => page.view.findAll('.say.more').map((one) => one.text())
    expect(hidden(), 'printed all the same').toEqual(['Line 3.'])
    await page.view.setProps({ selected: true })
    expect(hidden()).toEqual([])
  })

  it('whose turns are counted by hand is locked at that, from 1 to 12', async () => {
    const page = await show(DrillRow, { props })
    await page.press('Section 1: once more')
    await page.press('Section 1: once less')
    await page.view.setProps({ drill: drill({ repetitions: 12 }) })
    await page.press('Section 1: once more')
    expect(page.view.emitted('change')).toEqual([
      [wanted({ repetitions: 4, locked: true })],
      [wanted({ repetitions: 2, locked: true })],
      [wanted({ repetitions: 12, locked: true })],
    ])
    await page.view.setProps({ drill: drill({ repetitions: 1 }) })
    expect(page.view.get('[aria-label="Section 1: once less"]').attributes('disabled')).toBeDefined()
  })

  it('moves with Alt and the arrows, but not over the ends', async () => {
    const page = await show(DrillRow, { props: { ...props, first: true } })
    const key = (name: string, altKey = true) => page.view.get('li').trigger('keydown', { key: name, altKey })
    await key('ArrowUp')
    await key('ArrowDown', false)
    await key('ArrowDown')
    expect(page.view.emitted('move')).toEqual([[1]])
  })

  it('in words has no pace', async () => {
    const words = {
      ...props,
      drill: drill({ mode: 'WORDS' }),
      wanted: wanted({ mode: 'WORDS' }),
      selected: true,
    }
    const page = await show(DrillRow, { props: words })
    expect(page.words()).not.toContain('%')
    expect(page.view.find('[aria-label=Pace]').exists()).toBe(false)
  })
})

describe('whether a teach is safe', () => {
  const saved = { updatedBy: INES, updatedAt: '2026-11-24T18:30:00', gone: 0 }
  const said = async (props: object) => (await show(TeachSaved, { props: { unsaved: '', ...props } })).words()

  it('is said: by whom, or why not, and what is left out because its sections are gone', async () => {
    expect(await said({ own: true, saved })).toContain('Saved for every colleague, last by Ines')
    expect(await said({ own: true, saved: { ...saved, gone: 2 } })).toContain('2 drills are left out')
    expect(await said({ own: true, saved: { ...saved, gone: 1 } })).toContain('1 drill is left out')
    expect(await said({ own: true, saved, unsaved: 'No answer.' })).toContain('Not saved: No answer.')
    expect(await said({ own: false })).toBe('')
  })

  it('and where it is not, it can be tried again', async () => {
    const page = await show(TeachSaved, { props: { own: true, unsaved: 'No answer.' } })
    await page.press('Save again')
    expect(page.view.emitted('again')).toHaveLength(1)
  })
})

describe('the bar above a teach', () => {
  const props = {
    groups: [{ id: 3, name: 'Monday Hall' }],
    schools: SCHOOLS,
    proposed: 'RECAP',
    school: 'ADD_ON',
    undoable: false,
    own: false,
    group: 3,
    minutes: 20,
    comparing: false,
  }

  it('chooses a school, and shows an order of one’s own as what it is', async () => {
    const page = await show(TeachBar, { props })
    await page.choose('School', 'RECAP')
    await page.choose('School', 'OWN')
    expect(page.view.emitted('choose')).toEqual([['RECAP']])
    const school = () => page.view.findAllComponents({ name: 'ElSelect' })[1].props('modelValue')
    expect(school()).toBe('ADD_ON')
    await page.view.setProps({ own: true })
    expect(school()).toBe('OWN')
    await page.press('Start again')
    expect(page.view.emitted('again')).toHaveLength(1)
  })
})

describe('readiness', () => {
  const props = { sheet: sheet(), watchOuts: [{ section: 1, note: 'turns late', by: INES, version: 2 }] }

  it('is told by the end, or after the drill that one looks at, or before the first', async () => {
    const page = await show(PracticePanel, { props })
    expect(page.view.get('svg').attributes('aria-label')).toBe('section 1: 60 %')
    await page.view.setProps({ upTo: 0 })
    expect(page.view.get('svg').attributes('aria-label')).toBe('section 1: 40 %')
    await page.view.setProps({ upTo: -1 })
    expect(page.view.get('svg').attributes('aria-label')).toBe('section 1: 0 %')
    expect(page.words()).toContain('join 1 to 2 10 %')
  })

  it('rises in time from left to right', async () => {
    const page = await show(PracticePanel, { props })
    const path = page.view.get('path.area').attributes('d') ?? ''
    const points = [...path.matchAll(/L([\d.]+) ([\d.]+)/g)].map((match) => [
      Number(match[1]),
      Number(match[2]),
    ])
    const rising = points.slice(0, -1)
    for (let i = 1; i < rising.length; i++) {
      expect(rising[i][0]).toBeGreaterThanOrEqual(rising[i - 1][0])
      expect(rising[i][1]).toBeLessThanOrEqual(rising[i - 1][1])
    }
    expect(rising.at(-1)?.[0]).toBe(260)
  })

  it('shows the marks of colleagues, and asks for one', async () => {
    const page = await show(PracticePanel, { props })
    expect(page.words()).toContain('! Section 1 turns late Ines')
    expect(page.view.get('.mark').attributes('aria-pressed')).toBe('true')
    await page.press('Watch out, section 1')
    expect(page.view.emitted('mark')).toEqual([[1]])
  })
})

describe('marks', () => {
  const options = (watchOuts: object[]) => ({
    data: ref({ watchOuts } as unknown as Schemas['TeachOptions']),
    problem: ref(''),
    loading: ref(false),
    load: vi.fn(async () => undefined),
  })
  beforeEach(() =>
    serve({
      'PUT /api/dances/{id}/watch-outs/{section}': () => undefined,
      'DELETE /api/dances/{id}/watch-outs/{section}': () => undefined,
    }),
  )

  it('are put with a note, and the teach is laid out by them', async () => {
    const changed = vi.fn(async () => undefined)
    const known = options([])
    await within(() => useWatchOuts(ref(1), known, changed)).mark(2)
    expect(askedOf('PUT', '/api/dances/1/watch-outs/2')[0].body).toEqual({
      note: 'left foot is free',
      version: 0,
    })
    expect(known.load).toHaveBeenCalledOnce()
    expect(changed).toHaveBeenCalledOnce()
  })

  it('are taken away in the version that one has seen', async () => {
    const known = options([{ section: 2, note: '', by: INES, version: 4 }])
    await within(() => useWatchOuts(ref(1), known, async () => undefined)).mark(2)
    expect(askedOf('DELETE', '/api/dances/1/watch-outs/2')[0].query.get('version')).toBe('4')
  })

  it('are not put when one thinks better of it', async () => {
    asks.answer = undefined
    const changed = vi.fn(async () => undefined)
    await within(() => useWatchOuts(ref(1), options([]), changed)).mark(2)
    expect(asked).toHaveLength(0)
    expect(changed).not.toHaveBeenCalled()
  })
})

describe('the time that it took', () => {
  it('is kept with what was planned, and the next teaches follow it', async () => {
    serve({ 'POST /api/teach-times': () => undefined })
    const page = await show(TimeTaken, { props: { sheet: sheet() } })
    expect(page.words()).toContain('takes 150 % of the bare time, the usual for a live class.')
    await page.choose('It really took', 24)
    await page.view.get('form').trigger('submit')
    await flushPromises()
    expect(asked[0].body).toEqual({ dance: 1, group: 3, plannedSeconds: 180, classPercent: 150, minutes: 24 })
    expect(page.view.emitted('kept')).toHaveLength(1)
    expect(asks.done).toEqual(['Kept. The next teaches for this group follow it.'])
  })
})

describe('calls of a drill', () => {
  const cues = (section: number) => ({
    section,
    counts: 8,
    cues: [
      { text: 'vine right', full: 'vine right', how: 'FITS', startTick: -12, danceTick: 0, syllables: 2 },
      { text: '', full: 'touch left', how: 'SILENT', startTick: 30, danceTick: 36, syllables: 2 },
      { text: 'rock', full: 'rock back left', how: 'SHORTENED', startTick: 42, danceTick: 48, syllables: 1 },
    ],
  })
  beforeEach(() => serve({ 'GET /api/dances/{id}/cues': () => [cues(1), cues(2), cues(3)] }))
  const opened = (more: Partial<Schemas['DrillView']> = {}) =>
    show(CallsLine, { props: { dance: 1, group: 3, drill: drill(more) } })

  it('say on which count one begins, and what there is no time for', async () => {
    const page = await opened()
    expect(page.words()).toContain('‹8 vine right 3& (touch left) 4& rock')
    const titles = page.view.findAll('.cue').map((one) => one.attributes('title'))
    expect(titles).toEqual(['vine right', 'touch left: no time: by heart', 'rock back left: shortened'])
  })

  it('are those of its sections, at its pace; in words slowly', async () => {
    const scope = { kind: 'RUN', from: 2, to: 3 } as Schemas['ScopeView']
    const page = await opened({ scope, percent: 80 })
    expect(page.view.findAll('.line')).toHaveLength(2)
    expect(asked[0].query.get('percent')).toBe('80')
    await page.view.setProps({ drill: drill({ mode: 'WORDS', percent: 100 }) })
    await flushPromises()
    expect(asked[1].query.get('percent')).toBe('50')
    const none = await opened({ scope: { kind: 'EVENT', from: 0, to: 0 } as Schemas['ScopeView'] })
    expect(none.view.findAll('.line')).toHaveLength(0)
  })
})

describe('another school beside it', () => {
  it('is laid out for the same minutes and can be taken', async () => {
    serve({
      'GET /api/dances/{id}/teach': ({ query }) =>
        sheet({
          school: query.get('school') as 'RECAP',
          seconds: 125,
          leastDone: 12,
          reached: [1, 2],
          drills: [drill({ ready: [55, 5] })],
        }),
    })
    const page = await show(ComparePanel, { props: { sheet: sheet(), schools: SCHOOLS, own: false } })
    expect(Object.fromEntries(asked[0].query)).toEqual({ group: '3', minutes: '20', school: 'RECAP' })
    expect(page.words()).toContain('takes 3:00 2:05')
    expect(page.words()).toContain('reaches 1 of 2 2 of 2')
    expect(page.words()).toContain('section 1 60 55')
    await page.press('Take this school')
    expect(page.view.emitted('take')).toEqual([['RECAP']])
  })
})

describe('how far tonight', () => {
  const stop = (upTo: number, more: object = {}) => ({
    upTo,
    reached: upTo === 1 ? '1' : `1-${upTo}`,
    shortestSeconds: 200 * upTo,
    fits: true,
    ready: 60 - 10 * upTo,
    chosen: upTo === 2,
    ...more,
  })

  it('offers every stop with its practice, says what does not fit, and goes where it is told', async () => {
    const stops = [stop(1), stop(2), stop(3, { fits: false })]
    const page = await show(HowFar, { props: { stops } })
    const buttons = page.view.findAll('button')
    expect(buttons.map((one) => one.attributes('aria-pressed'))).toEqual(['false', 'true', 'false'])
    expect(buttons[0].text()).toContain('50 %')
    expect(buttons[2].text()).toContain('from 10:00')
    await buttons[0].trigger('click')
    expect(page.view.emitted('go')).toEqual([[1]])
  })
})
