import { useEventListener } from '@vueuse/core'

/**
 * One key at a time for a page on the floor, as presentation clickers send them: Page Down, the right
 * arrow or Space goes on, Page Up or the left arrow goes back, Escape leaves.
 */
export function useClicker(keys: { on: () => void; back: () => void; leave: () => void }) {
  useEventListener(window, 'keydown', (event: KeyboardEvent) => {
    const target = event.target instanceof Element ? event.target : document.body
    if (target.closest('input, textarea, [role=dialog], [role=combobox]')) return
    // Space on a button presses that button.
    const space = event.key === ' ' && !target.closest('button, a, summary')
    if (space || event.key === 'PageDown' || event.key === 'ArrowRight') keys.on()
    else if (event.key === 'PageUp' || event.key === 'ArrowLeft') keys.back()
    else if (event.key === 'Escape') keys.leave()
    else return
    event.preventDefault()
  })
}
