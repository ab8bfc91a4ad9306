import { useEventListener } from '@vueuse/core'
import { clickerKey } from '@/domain/clicker'

/**
 * One key at a time for a page on the floor, as presentation clickers send them: Page Down, the right
 * arrow or Space goes on, Page Up or the left arrow goes back, Escape leaves.
 */
export function useClicker(keys: { on: () => void; back: () => void; leave: () => void }) {
  useEventListener(window, 'keydown', (event: KeyboardEvent) => {
    const key = clickerKey(event)
    if (!key) return
    keys[key]()
    event.preventDefault()
  })
}
