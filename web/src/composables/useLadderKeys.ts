import { useEventListener } from '@vueuse/core'

type Key = 'on' | 'back'

/** Two keys that follow each other within this are one: both. */
const TOGETHER_MS = 350
/** A key that is held for so long is held. */
const HELD_MS = 700

const KEYS: Record<string, Key> = {
  PageDown: 'on',
  ArrowRight: 'on',
  ' ': 'on',
  PageUp: 'back',
  ArrowLeft: 'back',
}

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

  function elsewhere(event: KeyboardEvent): boolean {
    const target = event.target instanceof Element ? event.target : document.body
    if (target.closest('input, textarea, [role=dialog], [role=combobox], [role=slider]')) return true
    return event.key === ' ' && target.closest('button, a, summary') !== null
  }

  useEventListener(window, 'keydown', (event: KeyboardEvent) => {
    if (off() || elsewhere(event)) return
    if (event.key === 'Escape') return does.leave()
    const key = KEYS[event.key]
    if (!key) return
    event.preventDefault()
    if (event.repeat || down === key) return
    if (down) {
      // The other one is still down.
      window.clearTimeout(held)
      down = undefined
      return waits() ? does.both() : does[key]()
    }
    down = key
    held = window.setTimeout(() => {
      down = undefined
      if (waits()) does.both()
      else does[key]()
    }, HELD_MS)
  })

  useEventListener(window, 'keyup', (event: KeyboardEvent) => {
    const key = KEYS[event.key]
    if (!key || down !== key) return
    window.clearTimeout(held)
    down = undefined
    settle(key)
  })
}
