/** What a key of a presentation clicker, or of the keyboard in its place, means. */
export type ClickerKey = 'on' | 'back' | 'leave'

const KEYS: Record<string, ClickerKey> = {
  PageDown: 'on',
  ArrowRight: 'on',
  ' ': 'on',
  PageUp: 'back',
  ArrowLeft: 'back',
  Escape: 'leave',
}

/** What a key press means for a page on the floor; nothing where it belongs to what has the focus. */
export function clickerKey(event: KeyboardEvent): ClickerKey | undefined {
  const target = event.target instanceof Element ? event.target : document.body
  if (target.closest('input, textarea, [role=dialog], [role=combobox], [role=slider]')) return undefined
  // Space on a button presses that button.
  if (event.key === ' ' && target.closest('button, a, summary')) return undefined
  return KEYS[event.key]
}
