import { describe, expect, it, vi } from 'vitest'
import type { Schemas } from '@/api/client'
import { useDanceList } from '@/views/dances/useDanceList'
import { sheetLines } from '@/components/dance-paper/sheet'
import { ANY as ANY_SONG, filterSongs, type Song } from '@/views/songs/filter'
import { adopted, mergeOrders, orderWords, type Line } from '@/views/classes/order'
import { mergeTeaches, type Drill } from '@/views/teaching/order'
import { callOn, span, warnOn } from '@/domain/calls'
import { INES, place } from '../made'
import { within } from '../scope'
import { askedOf, Refused, serve } from '../server'

const listed = (id: number, title: string): Schemas['ListedDance'] => ({
  id,
  title,
  counts: 32,
  walls: 4,
  turn: -2,
  phrased: false,
  sound: true,
  level: 'BEGINNER',
  knownBy: [],
})

describe('the list of dances', () => {
  const club = Array.from({ length: 150 }, (_, n) => listed(n + 1, `Dance ${n + 1}`))
  const page = ({ query }: { query: URLSearchParams }) => {
    const found = club.filter((one) => one.title.includes(query.get('words') ?? ''))
    const from = Number(query.get('from'))
    return {
      all: club.length,
      found: found.length,
      dances: found.slice(from, from + Number(query.get('most'))),
    }
  }

  it('comes a page at a time, each dance once, and stops at the end', async () => {
    serve({ 'GET /api/dances/list': page })
    const list = within(useDanceList)
    await list.load()
    expect(list.dances.value).toHaveLength(60)
    await Promise.all([list.more(), list.more()])
    await list.more()
    await list.more()
    expect(list.dances.value.map((one) => one.id)).toEqual(club.map((one) => one.id))
    expect(askedOf('GET', '/api/dances/list')).toHaveLength(3)
  })

  it('is narrowed after one has stopped typing, from the beginning, and asks for nothing that is empty', async () => {
    vi.useFakeTimers()
    serve({ 'GET /api/dances/list': page })
    const list = within(useDanceList)
    list.filter.value.words = 'Dance 1'
    await vi.advanceTimersByTimeAsync(50)
    list.filter.value.words = 'Dance 14'
    await vi.advanceTimersByTimeAsync(500)
    const asked = askedOf('GET', '/api/dances/list')
    expect(asked.map((one) => Object.fromEntries(one.query))).toEqual([
      { words: 'Dance 14', sort: 'TITLE', from: '0', most: '60' },
    ])
    expect(list.found.value).toBe(11)
    expect(list.narrowed.value).toBe(true)
    list.clear()
    await vi.advanceTimersByTimeAsync(500)
    expect(list.found.value).toBe(150)
    vi.useRealTimers()
  })

  it('says what went wrong and keeps what it has', async () => {
    let broken = false
    serve({ 'GET /api/dances/list': (asked) => (broken ? new Refused(500, 'Try again.') : page(asked)) })
    const list = within(useDanceList)
    await list.load()
    broken = true
    await list.more()
    expect(list.problem.value).toBe('Try again.')
    expect(list.dances.value).toHaveLength(60)
  })
})

describe('the list of songs', () => {
  const song = (title: string, more: Partial<Song['song']> = {}, card: Partial<Song> = {}): Song => ({
    id: 1,
    explicitWords: false,
    meter: 'FOUR',
    phrases: '',
    updatedAt: '2026-11-01T10:00:00',
    updatedBy: INES,
    version: 1,
    song: { title, countRate: '1', ...more },
    ...card,
  })
  const all = [
    song('Slow', { countsPerMinute: 80, bpm: 160 }, { location: 'blue folder' }),
    song('Fast', { countsPerMinute: 130, bpm: 130, artist: 'Ada' }, { intro: 16 }),
    song('Unknown', { artist: 'Bo' }, { meter: 'THREE' }),
  ]
  const titles = (filter: Partial<typeof ANY_SONG>, sort: Parameters<typeof filterSongs>[2] = 'title') =>
    filterSongs(all, { ...ANY_SONG, ...filter }, sort).map((one) => one.song.title)

  it('is narrowed, searched and sorted; what is to be measured comes last', () => {
    expect(titles({ lacks: 'bpm' })).toEqual(['Unknown'])
    expect(titles({ lacks: 'intro' })).toEqual(['Slow', 'Unknown'])
    expect(titles({ meter: 'THREE' })).toEqual(['Unknown'])
    expect(titles({ words: 'blue' })).toEqual(['Slow'])
    expect(titles({}, 'speed')).toEqual(['Slow', 'Fast', 'Unknown'])
    expect(titles({}, 'artist')).toEqual(['Slow', 'Fast', 'Unknown'])
  })
})

it('a printed sheet has a line for each figure, with its facing where it turned', () => {
  const lines = sheetLines(
    [
      place({ run: 0, call: 'vine right', counts: '1-4' }),
      place({ run: 0, step: 2 }),
      place({ run: 1, call: 'pivot 1/2 L', counts: '5 6', note: 'slow', turn: 0 }),
      place({ run: 1, step: 2, turn: -4, facing: 4 }),
    ],
    (facing) => `at ${facing}`,
  )
  expect(lines).toEqual([
    { counts: '1-4', call: 'vine right', note: '', facing: '' },
    { counts: '5 6', call: 'pivot 1/2 L', note: 'slow', facing: 'to at 4' },
  ])
})

describe('calls', () => {
  const point = (section: number, sectionCount: number, count: number, during = '') => ({
    wall: 1,
    section,
    sectionCount,
    count,
    during,
  })

  it('are placed by section and count, within one section by its counts', () => {
    expect(span(point(3, 6, 22), point(3, 8, 24))).toBe('section 3, count 6 to 8')
    expect(span(point(3, 6, 22), point(4, 2, 26))).toBe('section 3, count 6 to section 4, count 2')
    expect(span(point(0, 2, 34), point(0, 2, 34))).toBe('tag, count 2')
  })

  it('say during which figure, or that the intro still runs', () => {
    const call = {
      point: point(4, 5, 29, 'monterey'),
      warning: point(4, 1, 25),
      facing: 0,
      optional: false,
      steps: [],
      words: '',
      shout: 'tag: sway four',
    }
    const then = { code: '', text: '' }
    expect(callOn({ ...call, then })).toBe('section 4, count 5 (monterey)')
    expect(warnOn({ ...call, then })).toBe('section 4, count 1')
    expect(callOn({ ...call, then, point: { ...call.point, wall: 0 } })).toBe('the last counts of the intro')
  })
})

describe('running orders', () => {
  const line = (id: number | undefined, dance: number, minutes = 5): Line => ({
    id,
    dance,
    minutes,
    kind: 'PRACTICE',
    title: '',
  })
  const base = { minutes: 60, lines: [line(1, 10), line(2, 20), line(3, 30)] }

  it('of two people are put together line by line', () => {
    const mine = { minutes: 60, lines: [line(1, 10, 9), line(2, 20), line(3, 30)] }
    const theirs = { minutes: 75, lines: [line(1, 10), line(2, 20), line(3, 30), line(4, 40)] }
    expect(mergeOrders(base, mine, theirs)).toEqual({
      value: { minutes: 75, lines: [line(1, 10, 9), line(2, 20), line(3, 30), line(4, 40)] },
      conflicts: 0,
    })
  })

  it('have a line that both moved once', () => {
    const mine = { minutes: 60, lines: [line(3, 30), line(1, 10), line(2, 20)] }
    const theirs = { minutes: 60, lines: [line(1, 10), line(3, 30), line(2, 20)] }
    const ids = mergeOrders(base, mine, theirs).value.lines.map((one) => one.id)
    expect([...ids].sort()).toEqual([1, 2, 3])
  })

  it('give back only the numbers of lines that are still there', () => {
    const saved = { minutes: 60, lines: [line(1, 10)] }
    expect(adopted(base, saved).lines.map((one) => one.id)).toEqual([1, undefined, undefined])
  })

  it('are told in words', () => {
    expect(orderWords({ minutes: 60, lines: [line(1, 10)] }, (id) => `Dance ${id}`)).toEqual([
      '60 minutes',
      'Practice: Dance 10, 5 min',
    ])
  })
})

describe('teaches', () => {
  const drill = (section: number, repetitions: number, locked = false): Drill => ({
    scope: { kind: 'SECTION', from: section, to: section },
    mode: 'COUNTS',
    percent: 70,
    repetitions,
    locked,
  })
  const teach = (...drills: Drill[]) => ({ school: undefined, minutes: 20, drills })

  it('of two people are put together; repetitions that follow from the minutes are no change', () => {
    const base = teach(drill(1, 3), drill(2, 3), drill(3, 3))
    const mine = teach(drill(1, 4, true), drill(2, 2), drill(3, 2))
    const theirs = teach(drill(1, 5), drill(2, 5))
    const merged = mergeTeaches(base, mine, theirs)
    expect(merged.conflicts).toBe(0)
    expect(merged.value.drills.map((one) => [one.scope.from, one.locked])).toEqual([
      [1, true],
      [2, false],
    ])
    expect(merged.value.drills[0].repetitions).toBe(4)
  })
})
