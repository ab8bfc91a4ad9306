import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { ref } from 'vue'
import { useCueScreen } from '@/composables/together/useCueScreen'
import type { RunThrough } from '@/composables/evening/useRunThrough'
import { run as made } from '../run'
import { within } from '../scope'
import { asked, askedOf, offline, Refused, serve } from '../server'

const TOLD = '/api/screens/LAMPS'

/** A run-through at full speed: its player has a count every half second, the first at second 10. */
function running() {
  return {
    playing: ref(false),
    passes: ref(0),
    percent: ref(100),
    tick: ref(24),
    heard: () => 11,
    player: { tickAt: () => 24, timeOf: (tick: number) => 10 + tick / 24 },
  }
}

function served(put: () => unknown = () => ({})) {
  serve({
    'POST /api/screens': () => ({ code: 'LAMPS' }),
    'PUT /api/screens/{code}': put,
    'DELETE /api/screens/{code}': () => ({}),
    'GET /api/screens/clock': () => ({ millis: performance.timeOrigin + performance.now() + 5_000 }),
  })
}

async function opened(wanders = false) {
  const on = running()
  const screen = within(() => useCueScreen(ref(made()), on as unknown as RunThrough, () => wanders))
  await screen.open()
  await flushPromises()
  return { on, screen }
}
const last = () => askedOf('PUT', TOLD).at(-1)?.body

describe('a second screen', () => {
  beforeEach(() => {
    sessionStorage.clear()
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout', 'setInterval', 'clearInterval'] })
  })
  afterEach(() => void vi.useRealTimers())

  it('is told where it stands, by the server’s clock, and what runs at which rate', async () => {
    served()
    const { on } = await opened()
    expect(last()).toMatchObject({ playing: false, percent: 100, lastTick: made().track.counts * 12 })
    expect(last().points).toHaveLength(1)
    const ahead = last().points[0].millis - (performance.timeOrigin + performance.now())
    expect(ahead).toBeGreaterThan(4_000)
    expect(ahead).toBeLessThan(6_000)
    on.tick.value = 48
    await flushPromises()
    expect(last().points[0].tick).toBe(48)
    on.percent.value = 60
    await flushPromises()
    expect(last().ticksASecond).toBeCloseTo((made().fullRate * 0.6 * 12) / 60)
  })

  it('counts by itself while it plays: a new place is no news, a new pass is', async () => {
    served()
    const { on } = await opened()
    on.playing.value = true
    await flushPromises()
    const told = askedOf('PUT', TOLD).length
    on.tick.value = 60
    await flushPromises()
    expect(askedOf('PUT', TOLD)).toHaveLength(told)
    on.passes.value = 1
    await flushPromises()
    expect(askedOf('PUT', TOLD)).toHaveLength(told + 1)
    expect(last().points).toHaveLength(1)
  })

  it('hears of a tempo that wanders by points that lie in time as the player has them', async () => {
    served()
    const { on } = await opened(true)
    on.playing.value = true
    await flushPromises()
    const points: { tick: number; millis: number }[] = last().points
    expect(points.length).toBeGreaterThan(4)
    points.slice(1).forEach((one) => {
      // Tick 24 is heard now, at second 11; every 24 ticks take a second.
      expect(one.millis - points[0].millis).toBeCloseTo(((one.tick - 24) / 24) * 1000, 3)
      expect(one.tick % 12).toBe(0)
    })
  })

  it('is told again while nobody answers, the newest only, and not once it is closed', async () => {
    served()
    const { on, screen } = await opened()
    offline(true)
    on.tick.value = 96
    await flushPromises()
    expect(screen.problem.value).toContain('told again')
    offline(false)
    on.tick.value = 108
    await flushPromises()
    expect(last().points[0].tick).toBe(108)
    expect(screen.problem.value).toBe('')
    offline(true)
    on.tick.value = 120
    await flushPromises()
    offline(false)
    await screen.close()
    const before = asked.length
    await vi.advanceTimersByTimeAsync(10_000)
    expect(asked.slice(before).filter((one) => one.method === 'PUT')).toHaveLength(0)
  })

  it('that was closed elsewhere is said to be, and its code is forgotten', async () => {
    served()
    const { on, screen } = await opened()
    served(() => new Refused(404, 'There is no such screen.'))
    on.tick.value = 96
    await flushPromises()
    expect(screen.problem.value).toBe('The second screen was closed; open it anew.')
    expect(screen.code.value).toBe('')
  })

  it('that cannot be opened says why', async () => {
    serve({ 'POST /api/screens': () => new Refused(429, 'There are too many screens.') })
    const { screen } = await opened()
    expect(screen.problem.value).toBe('There are too many screens.')
    expect(screen.code.value).toBe('')
  })
})
