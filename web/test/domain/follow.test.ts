import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { tickAt } from '@/domain/run/follow'
import { onsets, steadiness } from '@/domain/run/measure'
import { sameScope, scopeParams, scopeQuery } from '@/domain/run/scope'
import { offsetOf } from '@/domain/run/server-clock'
import { run } from '../run'

const state = (wanted = {}) => ({
  dance: 1,
  scope: run().scope,
  playing: true,
  points: [{ tick: -48, millis: 1000 }],
  ticksASecond: 24,
  lastTick: 432,
  ...wanted,
})

describe('a second screen', () => {
  it('runs on by itself from one point, and stands at its end', () => {
    expect(tickAt(state(), 1000)).toBe(-48)
    expect(tickAt(state(), 3000)).toBeCloseTo(0, 9)
    expect(tickAt(state(), 999_000)).toBe(432)
    expect(tickAt(state({ playing: false }), 999_000)).toBe(-48)
  })

  it('goes through every point that it was told, and before the first at its speed', () => {
    const points = [
      { tick: 0, millis: 1000 },
      { tick: 48, millis: 3100 },
      { tick: 96, millis: 5000 },
    ]
    for (const point of points) expect(tickAt(state({ points }), point.millis)).toBeCloseTo(point.tick, 9)
    expect(tickAt(state({ points }), 2050)).toBeCloseTo(24, 9)
    expect(tickAt(state({ points }), 500)).toBeCloseTo(-12, 9)
    expect(tickAt(state({ points }), 6000)).toBeCloseTo(120, 9)
  })

  it('knows the server’s clock within half of what the quickest answer took, whatever its way', () => {
    const ways = fc.array(fc.tuple(fc.integer({ min: 1, max: 400 }), fc.integer({ min: 1, max: 400 })), {
      minLength: 1,
      maxLength: 8,
    })
    fc.assert(
      fc.property(ways, fc.integer({ min: -100_000, max: 100_000 }), (legs, ahead) => {
        const asked = legs.map(([there, back], i) => {
          const sent = 5000 * i
          return { sent, server: sent + there + ahead, answered: sent + there + back }
        })
        const quickest = Math.min(...legs.map(([there, back]) => there + back))
        expect(Math.abs(offsetOf(asked) - ahead)).toBeLessThanOrEqual(quickest / 2)
      }),
    )
  })
})

describe('a scope in an address', () => {
  it('comes back as it was', () => {
    const restart = { kind: 'EVENT' as const, from: 5, to: 5, event: { kind: 'RESTART' as const, after: 16 } }
    expect(scopeQuery(scopeParams(restart))).toEqual({
      kind: 'EVENT',
      from: 5,
      to: 5,
      event: 'RESTART',
      name: undefined,
      section: undefined,
      last: undefined,
      after: 16,
    })
    expect(sameScope(restart, { ...restart, event: { kind: 'RESTART', after: 8 } })).toBe(false)
  })
})

describe('the measure', () => {
  it('finds sounds where they were put, and says how far they are off', () => {
    const samples = new Float32Array(16000 * 3)
    const at = [0.5, 1.01, 1.5, 2.02]
    for (const second of at) {
      for (let i = 0; i < 400; i++) samples[Math.round(second * 16000) + i] = Math.exp(-i / 90) * Math.cos(i)
    }
    const found = onsets(samples, 16000)
    expect(found).toHaveLength(4)
    found.forEach((one, i) => expect(Math.abs(one - at[i])).toBeLessThan(0.0006))
    const off = steadiness(found, [0.5, 1, 1.5, 2])
    expect(off.drift).toBeGreaterThan(19)
    expect(off.jitter).toBeGreaterThan(9)
  })

  it('finds nothing in silence', () => {
    expect(onsets(new Float32Array(16000), 16000)).toEqual([])
  })
})
