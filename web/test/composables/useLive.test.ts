import { flushPromises } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { ref } from 'vue'
import { useChanges, useHere, useLive, type Place } from '@/composables/together/useLive'
import { useSession } from '@/composables/people/useSession'
import { within } from '../scope'
import { askedOf, serve } from '../server'
import { INES } from '../made'
import { ROLES } from '../roles'

/** A line to a server that says what the test says. */
class Line extends EventTarget {
  static all: Line[] = []
  closed = false
  constructor(readonly path: string) {
    super()
    Line.all.push(this)
  }
  static get last() {
    return Line.all[Line.all.length - 1]
  }
  close() {
    this.closed = true
  }
  says(event: string, data: object) {
    this.dispatchEvent(new MessageEvent(event, { data: JSON.stringify(data) }))
  }
  breaks() {
    this.dispatchEvent(new Event('error'))
  }
}

const ODA = { id: 1, name: 'Oda', role: ROLES.INSTRUCTOR, leads: [], needsSetup: false, invented: false }
const at = (id: number): Place => ({ spot: 'DANCE', id, group: 0 })
const TIN = at(3)
let seen: DocumentVisibilityState = 'visible'

function look(now: DocumentVisibilityState) {
  seen = now
  document.dispatchEvent(new Event('visibilitychange'))
  return flushPromises()
}

beforeEach(() => {
  vi.useFakeTimers()
  vi.stubGlobal('EventSource', Line)
  vi.spyOn(document, 'visibilityState', 'get').mockImplementation(() => seen)
  Line.all = []
  seen = 'visible'
  setActivePinia(createPinia())
  serve({ 'GET /api/session': () => ODA, 'PUT /api/live/here': () => undefined })
})
afterEach(() => {
  useLive().$dispose()
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

function signedIn() {
  useSession().session = ODA
  return useLive()
}

describe('the line on which changes are told', () => {
  it('is there for whoever is signed in, and goes with them', async () => {
    const live = useLive()
    expect(Line.all).toHaveLength(0)
    useSession().session = ODA
    await flushPromises()
    expect(Line.last.path).toBe('/api/live/events')
    expect(live.on).toBe(false)
    Line.last.says('hello', { page: 'p1' })
    expect(live.on).toBe(true)
    useSession().session = undefined
    await flushPromises()
    expect(Line.last.closed).toBe(true)
    expect(live.on).toBe(false)
  })

  it('tells of the thing that a page shows, and after a gap that something may have been missed', () => {
    signedIn()
    const told: [string | undefined, number][] = []
    within(() =>
      useChanges(
        ['DANCE'],
        () => 3,
        (by, version) => told.push([by, version]),
      ),
    )
    Line.last.says('changed', { thing: 'DANCE', id: 3, version: 5, by: INES })
    Line.last.says('changed', { thing: 'DANCE', id: 4, version: 2, by: INES })
    Line.last.says('changed', { thing: 'SONG', id: 3, version: 2, by: INES })
    expect(told).toEqual([['Ines', 5]])
    Line.last.says('hello', { page: 'p2' })
    expect(told).toEqual([
      ['Ines', 5],
      [undefined, 0],
    ])
  })

  it('is sought again where it breaks, and not by whoever was signed out meanwhile', async () => {
    const live = signedIn()
    Line.last.says('hello', { page: 'p1' })
    Line.last.breaks()
    expect([live.broken, live.on, Line.last.closed]).toEqual([true, false, true])
    await vi.advanceTimersByTimeAsync(10_000)
    expect(Line.all).toHaveLength(2)
    Line.last.says('hello', { page: 'p2' })
    expect(live.broken).toBe(false)
    Line.last.breaks()
    serve({ 'GET /api/session': () => ({ leads: [], needsSetup: false, invented: false }) })
    await vi.advanceTimersByTimeAsync(60_000)
    expect(Line.all).toHaveLength(2)
  })

  it('is let go by a page that nobody looks at for half a minute', async () => {
    signedIn()
    await look('hidden')
    await vi.advanceTimersByTimeAsync(20_000)
    await look('visible')
    await vi.advanceTimersByTimeAsync(20_000)
    expect(Line.last.closed).toBe(false)
    await look('hidden')
    await vi.advanceTimersByTimeAsync(30_000)
    expect(Line.last.closed).toBe(true)
    await look('visible')
    expect(Line.all).toHaveLength(2)
  })

  it('is not sought again by a page that nobody looks at', async () => {
    signedIn()
    await look('hidden')
    await vi.advanceTimersByTimeAsync(5_000)
    Line.last.breaks()
    await vi.advanceTimersByTimeAsync(60_000)
    expect(Line.all).toHaveLength(1)
    await look('visible')
    expect(Line.all).toHaveLength(2)
  })
})

describe('who is here', () => {
  it('is said when the line is there, and others are named without oneself', async () => {
    const live = signedIn()
    const place = ref<Place | undefined>(TIN)
    within(() => useHere(() => place.value))
    expect(askedOf('PUT', '/api/live/here')).toHaveLength(0)
    Line.last.says('hello', { page: 'p1' })
    await flushPromises()
    expect(askedOf('PUT', '/api/live/here')[0].body).toEqual({ page: 'p1', place: TIN })
    Line.last.says('there', { place: TIN, people: [ODA, { id: 4, name: 'Ines' }] })
    expect(live.others).toEqual(['Ines'])
    Line.last.says('there', { place: at(4), people: [{ id: 3, name: 'Tomas' }] })
    expect(live.others).toEqual(['Ines'])
    place.value = at(4)
    await flushPromises()
    expect(live.others).toEqual([])
    expect(askedOf('PUT', '/api/live/here')[1].body.place.id).toBe(4)
  })

  it('a page that is left does not take the next one’s place away', async () => {
    const live = signedIn()
    Line.last.says('hello', { page: 'p1' })
    live.goTo(TIN)
    live.goTo(at(4))
    live.leave(TIN)
    await flushPromises()
    expect(askedOf('PUT', '/api/live/here').at(-1)?.body.place).toEqual(at(4))
  })
})
