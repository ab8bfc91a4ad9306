import { useEventListener } from '@vueuse/core'
import { clickerKey, type ClickerKey } from '@/domain/clicker'

type Key = Exclude<ClickerKey, 'leave'>

/** Two keys that follow each other within this are one: both. */
const TOGETHER_MS = 350
/** A key that is held for so long is held. */
const HELD_MS = 700

/**
 * A clicker with two keys, or the keyboard: on, back, and both at once or one of them held.
 *
 * @param does what each does; Escape leaves
 * @param waits whether a key waits a moment for the other one: only where both means something else
 * @param off whether keys are not meant for this just now: something else is open on the page
 */
export function useLadderKeys(
  does: { on: () => void; back: () => void; both: () => void; leave: () => void },
  waits: () => boolean,
  off: () => boolean = () => false,
): void {
  let down: Key | undefined
  /** The key of the keyboard that is down. */
  let pressed = ''
  let held = 0
  let first: Key | undefined
  let single = 0

  function settle(key: Key) {
    if (!waits()) return does[key]()
    if (first && first !== key) {
      window.clearTimeout(single)
      first = undefined
      return does.both()
    }
    first = key
    single = window.setTimeout(() => {
      first = undefined
      does[key]()
    }, TOGETHER_MS)
  }

  useEventListener(window, 'keydown', (event: KeyboardEvent) => {
    const key = off() ? undefined : clickerKey(event)
    if (!key) return
    if (key === 'leave') return does.leave()
    event.preventDefault()
    if (event.repeat || down === key) return
    if (down) {
      // The other one is still down.
      window.clearTimeout(held)
      down = undefined
      return waits() ? does.both() : does[key]()
    }
    down = key
    pressed = event.key
    held = window.setTimeout(() => {
      down = undefined
      if (waits()) does.both()
      else does[key]()
    }, HELD_MS)
  })

  useEventListener(window, 'keyup', (event: KeyboardEvent) => {
    const key = down
    if (!key || event.key !== pressed) return
    window.clearTimeout(held)
    down = undefined
    settle(key)
  })
}
