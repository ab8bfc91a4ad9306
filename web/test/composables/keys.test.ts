import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { useLadderKeys } from '@/composables/evening/useLadderKeys'
import { useClicker } from '@/composables/sound/useClicker'
import { within } from '../scope'

const down = (key: string, more: KeyboardEventInit = {}) =>
  window.dispatchEvent(new KeyboardEvent('keydown', { key, cancelable: true, ...more }))
const up = (key: string) => window.dispatchEvent(new KeyboardEvent('keyup', { key }))
const press = (key: string) => {
  down(key)
  up(key)
}

beforeEach(() => {
  vi.useFakeTimers()
})
afterEach(() => {
  vi.useRealTimers()
})

describe('a clicker on the floor', () => {
  it('goes on, back and away, and keeps the page from scrolling', () => {
    const said: string[] = []
    within(() =>
      useClicker({
        on: () => said.push('on'),
        back: () => said.push('back'),
        leave: () => said.push('leave'),
      }),
    )
    const scrolled = ['PageDown', 'ArrowRight', ' ', 'PageUp', 'ArrowLeft', 'Escape'].filter((key) =>
      down(key),
    )
    expect(said).toEqual(['on', 'on', 'on', 'back', 'back', 'leave'])
    expect(scrolled).toEqual([])
    expect(down('x'), 'any other key is not its business').toBe(true)
  })
})

describe('the keys of a tempo ladder', () => {
  function keys(waits = true, off = () => false) {
    const said: string[] = []
    within(() =>
      useLadderKeys(
        {
          on: () => said.push('on'),
          back: () => said.push('back'),
          both: () => said.push('both'),
          leave: () => said.push('leave'),
        },
        () => waits,
        off,
      ),
    )
    return said
  }

  it('are one each, once it is clear that the other one does not follow', () => {
    const said = keys()
    press('PageDown')
    expect(said).toEqual([])
    vi.advanceTimersByTime(350)
    press('PageUp')
    vi.advanceTimersByTime(350)
    expect(said).toEqual(['on', 'back'])
  })

  it('are both where one follows the other, is pressed on top of it, or is held', () => {
    const said = keys()
    press('PageDown')
    press('PageUp')
    expect(said).toEqual(['both'])
    down('PageDown')
    down('PageUp')
    expect(said).toEqual(['both', 'both'])
    up('PageDown')
    up('PageUp')
    vi.advanceTimersByTime(1000)
    down('PageUp')
    vi.advanceTimersByTime(700)
    up('PageUp')
    vi.advanceTimersByTime(1000)
    expect(said).toEqual(['both', 'both', 'both'])
  })

  it('wait for nothing where both would mean nothing', () => {
    const said = keys(false)
    press('PageDown')
    press('PageUp')
    expect(said).toEqual(['on', 'back'])
    down('PageDown')
    vi.advanceTimersByTime(700)
    expect(said, 'held is once').toEqual(['on', 'back', 'on'])
  })

  it('count once however long the keyboard repeats them, and not while something else is open', () => {
    const said = keys(false)
    down('PageDown')
    down('PageDown', { repeat: true })
    down('PageDown', { repeat: true })
    up('PageDown')
    expect(said).toEqual(['on'])
    const quiet = keys(false, () => true)
    press('PageDown')
    down('Escape')
    expect(quiet).toEqual([])
  })
})
