import { flushPromises } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { h } from 'vue'
import FloorPrints from '@/components/footprints/FloorPrints.vue'
import FootSign from '@/components/foot-sign/FootSign.vue'
import HallSign from '@/components/hall-sign/HallSign.vue'
import TurnSign from '@/components/turn-sign/TurnSign.vue'
import WallMap from '@/components/wall-map/WallMap.vue'
import { provideClock, provideHallClock } from '@/composables/sound/useClock'
import CallLine from '@/views/walls/CallLine.vue'
import CandidateList from '@/views/walls/CandidateList.vue'
import ClaimForm from '@/views/walls/ClaimForm.vue'
import FacingPicker from '@/views/walls/FacingPicker.vue'
import WhereView from '@/views/walls/WhereView.vue'
import { place } from '../made'
import { show } from '../page'
import { asked, askedOf, Refused, serve } from '../server'

const point = (more: object = {}) => ({
  wall: 2,
  count: 31,
  section: 4,
  sectionCount: 7,
  during: '',
  ...more,
})

describe('which way they face', () => {
  it('is pressed on a hall, and pressed again it is not known', async () => {
    const { view, press } = await show(FacingPicker, { props: { modelValue: undefined } })
    expect(view.findAll('button').map((one) => one.text())).toEqual([
      '12',
      '1:30',
      '3',
      '4:30',
      '6',
      '7:30',
      '9',
      '10:30',
    ])
    await press('4:30')
    expect(view.emitted('update:modelValue')).toEqual([[3]])
    await view.setProps({ modelValue: 3 })
    await press('4:30')
    expect(view.emitted('update:modelValue')).toEqual([[3], [undefined]])
  })

  it('lies where it lies in the hall: 12 above, 3 at the right, corners in the corners', async () => {
    const { view } = await show(FacingPicker, { props: { modelValue: undefined } })
    const at = (words: string) => {
      const style = (view.findAll('button').find((one) => one.text() === words)?.element as HTMLElement).style
      return [parseFloat(style.left), parseFloat(style.top)].map(Math.round)
    }
    expect(at('12')).toEqual([50, 12])
    expect(at('3')).toEqual([87, 50])
    expect(at('6')).toEqual([50, 88])
    expect(at('10:30')).toEqual([13, 12])
  })
})

describe('the wall it may be', () => {
  const candidate = (wall: number, percent: number, more: object = {}) => ({
    wall,
    percent,
    startFacing: 4,
    from: point({ wall, section: 3, sectionCount: 6, count: 22 }),
    to: point({ wall, section: 4, sectionCount: 2, count: 26 }),
    ...more,
  })

  it('comes with its place, its time, and what is called next', async () => {
    const next = {
      words: 'Tag Lull',
      shout: 'tag: sway four',
      point: point({ during: 'sway' }),
      callMillis: 41_786,
    }
    const { words, view } = await show(CandidateList, {
      props: { candidates: [candidate(2, 80, { beginsMillis: 25_714, next }), candidate(5, 20, { next })] },
    })
    expect(words()).toContain('Wall 2, from 6 · 0:25')
    expect(words()).toContain('section 3, count 6 to section 4, count 2')
    expect(words()).toContain('Next: “tag: sway four” on wall 2, section 4, count 7 (sway) at 0:41')
    expect(words().match(/Next:/g)).toHaveLength(1)
    expect(view.findAll('li')[1].text()).toContain('20 %')
  })

  it('is one of the six likeliest', async () => {
    const candidates = Array.from({ length: 9 }, (_, i) => candidate(i + 1, 10))
    const { view } = await show(CandidateList, { props: { candidates } })
    expect(view.findAll('li')).toHaveLength(6)
  })
})

describe('where are we?', () => {
  beforeEach(() =>
    serve({
      'GET /api/dances/{id}/walls': () => ({
        title: 'Paper Lanterns',
        sections: 4,
        sectionCounts: 8,
        figures: ['vine', 'sway'],
      }),
      'GET /api/dances/{id}/where-are-we': () => ({ candidates: [], dropped: 'the facing' }),
    }),
  )
  const opened = () => show(WhereView, { route: '/dances/:id/where', path: '/dances/1/where?song=list-4' })
  const lastAsked = () => Object.fromEntries(askedOf('GET', '/api/dances/1/where-are-we').at(-1)?.query ?? [])

  it('asks with what one sees and nothing else, and takes it back when it is pressed again', async () => {
    const page = await opened()
    expect(askedOf('GET', '/api/dances/1/where-are-we')).toHaveLength(0)
    await page.view.get('[aria-label="They face"] button:nth-of-type(5)').trigger('click')
    await flushPromises()
    expect(lastAsked()).toEqual({ song: 'list-4', optional: 'false', facing: '4' })
    await page.view.get('[aria-label=Section] button:nth-of-type(2)').trigger('click')
    await page.view.get('[aria-label=Count] button:nth-of-type(5)').trigger('click')
    await flushPromises()
    expect(lastAsked()).toMatchObject({ facing: '4', section: '2', count: '5' })
    await page.view.get('[aria-label=Section] button:nth-of-type(2)').trigger('click')
    await flushPromises()
    expect(lastAsked()).not.toHaveProperty('section')
    await page.press('tag')
    expect(lastAsked()).toMatchObject({ section: '0' })
    expect(page.words()).toContain('No wall is like that.')
    expect(page.words()).toContain('Nothing fits all of it; the facing is left out.')
  })

  it('runs on with the music and can be put right by ten seconds', async () => {
    vi.useFakeTimers({ now: 1_000_000 })
    try {
      const page = await opened()
      await page.press('It starts now')
      await vi.advanceTimersByTimeAsync(4_100)
      expect(page.view.get('[data-testid=time]').text()).toBe('0:04')
      await page.press('10 seconds more')
      expect(page.view.get('[data-testid=time]').text()).toBe('0:14')
      await vi.advanceTimersByTimeAsync(2_000)
      expect(page.view.get('[data-testid=time]').text()).toBe('0:15')
      await page.press('Hold')
      await vi.advanceTimersByTimeAsync(10_000)
      expect(page.view.get('[data-testid=time]').text()).toBe('0:15')
      await page.press('10 seconds less')
      await page.press('10 seconds less')
      expect(page.view.get('[data-testid=time]').text()).toBe('0:00')
    } finally {
      vi.useRealTimers()
    }
  })

  it('begins anew when it is cleared', async () => {
    const page = await opened()
    await page.press('6')
    const before = asked.length
    await page.press('Clear')
    expect(asked).toHaveLength(before)
    expect(page.words()).toContain('Press what you can see or hear')
  })
})

describe('what somebody says of a facing', () => {
  it('is held against the walls, with the reasons', async () => {
    serve({
      'GET /api/dances/{id}/facing-claims': () => ({
        truth: 'NO',
        why: [{ text: 'Wall 3 starts facing 12, not 6.', code: 'faces-otherwise' }],
      }),
    })
    const page = await show(ClaimForm, { props: { dance: 1, optional: true } })
    await page.choose('What', 'RESTART')
    await page.view.get('form').trigger('submit')
    await flushPromises()
    expect(Object.fromEntries(asked[0].query)).toEqual({
      wall: '3',
      what: 'RESTART',
      facing: '4',
      optional: 'true',
    })
    expect(page.words()).toContain('No, that cannot be. Wall 3 starts facing 12, not 6.')
  })

  it('that cannot be judged is not judged', async () => {
    serve({ 'GET /api/dances/{id}/facing-claims': () => new Refused(422, 'A wall has a number up to 99.') })
    const page = await show(ClaimForm, { props: { dance: 1, optional: false } })
    await page.view.get('form').trigger('submit')
    await flushPromises()
    expect(page.words()).toContain('A wall has a number up to 99.')
  })
})

describe('signs', () => {
  const label = async (component: object, props: object, clock?: 'wall' | 'mirror', inHall = false) => {
    localStorage.clear()
    const page = {
      setup() {
        const view = inHall ? provideHallClock() : provideClock()
        view.value = clock ?? 'room'
        return () => h(component, props)
      },
    }
    return (await show(page)).view.get('[aria-label]').attributes('aria-label')
  }

  it('tell a facing by the room, from 12, or in the mirror', async () => {
    expect(await label(HallSign, { facing: 6, start: 2 })).toBe('facing 9')
    expect(await label(HallSign, { facing: 6, start: 2 }, 'wall')).toBe('facing 6')
    expect(await label(HallSign, { facing: 6, start: 2 }, 'mirror')).toBe('facing 9')
    expect(await label(HallSign, { facing: 6, start: 2 }, 'wall', true)).toBe('facing 9')
  })

  it('tell a foot and whether it carries; in the mirror it is the teacher’s', async () => {
    expect(await label(FootSign, { foot: 'L', weight: true })).toBe('left foot, takes the weight')
    expect(await label(FootSign, { foot: 'L', weight: true }, 'mirror')).toBe('right foot, takes the weight')
    expect(await label(FootSign, { foot: 'R' })).toBe('right foot, no weight')
    expect(await label(FootSign, {})).toBe('no foot moves')
  })

  it.each([
    [0, 'no turn'],
    [2, '1/4 right'],
    [-3, '3/8 left'],
    [4, '1/2 turn'],
  ])('tell a turn of %i eighths as “%s”', async (eighths, words) => {
    expect((await show(TurnSign, { props: { eighths } })).words()).toBe(words)
  })
})

it('a map of walls tells where each starts and leads, and what is special', async () => {
  const walls = [
    { number: 1, part: 'A', startFacing: 0, endFacing: 6, counts: 32, startMillis: 8_571, events: [] },
    {
      number: 2,
      part: 'A',
      startFacing: 6,
      endFacing: 4,
      counts: 32,
      late: 4,
      events: [
        { text: 'tag Lull', from: 4, to: 4 },
        { text: 'bridge Turn', from: 6, to: 0 },
      ],
    },
  ]
  const { view, words, press } = await show(WallMap, {
    props: { walls, songEnd: { wall: 2, count: 20, facing: 4 }, openable: true },
  })
  expect(view.findAll('svg')[0].attributes('aria-label')).toBe('wall 1 starts facing 12 and ends facing 9')
  expect(words()).toContain('0:08')
  expect(words()).toContain('tag Lull, facing 6')
  expect(words()).toContain('bridge Turn, 9 to 12')
  expect(words()).toContain('4 counts into a phrase')
  expect(words()).toContain('song stops after 20, facing 6')
  await press('Wall 2 in detail')
  expect(view.emitted('open')).toEqual([[2]])
})

it('a call says on which count, how it goes on, and whether it is optional', async () => {
  const call = {
    words: 'Tag Lull',
    shout: 'tag: sway four',
    warning: point({ sectionCount: 3 }),
    point: point({ during: 'monterey right' }),
    callMillis: 41_786,
    facing: 4,
    steps: ['1-4 sway right left'],
    then: { text: 'Wall 3 from the top', code: 'from-the-top' },
    optional: true,
  }
  const { words } = await show(CallLine, { props: { call } })
  expect(words()).toBe(
    '“tag: sway four” on section 4, count 7 (monterey right), 0:41; warn on section 4, count 3; danced facing 6: 1-4 sway right left. Wall 3 from the top. Optional.',
  )
})

describe('footprints', () => {
  const places = [
    place({ tick: 12, count: '1' }),
    place({ tick: 18, count: '1&' }),
    place({ tick: 24, count: '2' }),
    place({ tick: 12, count: '1', section: 2 }),
  ]
  const opened = () => show(FloorPrints, { props: { places, countsAMinute: 60, sectionCounts: 8 } })
  const said = (page: Awaited<ReturnType<typeof opened>>) => page.view.get('svg').attributes('aria-label')

  it('go step by step with the arrow keys and never beyond the ends', async () => {
    const page = await opened()
    const key = (name: string) => page.view.get('figure').trigger('keydown', { key: name })
    expect(said(page)).toBe('before the first step')
    await key('ArrowLeft')
    expect(said(page)).toBe('before the first step')
    for (const count of ['1', '1&', '2', '1']) {
      await key('ArrowRight')
      expect(said(page)).toBe(`after count ${count}`)
    }
    await key('ArrowRight')
    expect(said(page)).toBe('after count 1')
  })

  it('run as long between places as the counts are apart, over the end of a section too', async () => {
    vi.useFakeTimers()
    try {
      const page = await opened()
      await page.view.get('figure').trigger('keydown', { key: ' ' })
      expect(said(page)).toBe('after count 1')
      await vi.advanceTimersByTimeAsync(499)
      expect(said(page)).toBe('after count 1')
      await vi.advanceTimersByTimeAsync(1)
      expect(said(page)).toBe('after count 1&')
      await vi.advanceTimersByTimeAsync(500)
      expect(said(page)).toBe('after count 2')
      // From count 2 to count 1 of the next section there are seven counts.
      await vi.advanceTimersByTimeAsync(6_990)
      expect(said(page)).toBe('after count 2')
      await vi.advanceTimersByTimeAsync(10)
      expect(said(page)).toBe('after count 1')
    } finally {
      vi.useRealTimers()
    }
  })

  it('stop where they are when another dance comes', async () => {
    vi.useFakeTimers()
    try {
      const page = await opened()
      await page.view.get('figure').trigger('keydown', { key: ' ' })
      await page.view.setProps({ places: places.slice(0, 1) })
      await vi.advanceTimersByTimeAsync(5_000)
      expect(said(page)).toBe('after count 1')
    } finally {
      vi.useRealTimers()
    }
  })
})
