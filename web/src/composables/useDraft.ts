import { ref, watch, type Ref } from 'vue'

/**
 * Keeps a text that is being written on this machine, so that leaving the page loses nothing.
 *
 * @param key name of the draft
 * @param text what is being written
 * @param saved what is safe already
 */
export function useDraft(key: () => string, text: Ref<string>, saved: Ref<string>) {
  const restored = ref(false)

  watch(text, (now) => {
    try {
      if (now === saved.value) localStorage.removeItem(key())
      else localStorage.setItem(key(), now)
    } catch {
      // The browser's store is full: the text is still on the page.
    }
  })

  /** Brings back what was written but not saved. */
  function restore() {
    const kept = localStorage.getItem(key())
    restored.value = kept !== null && kept !== saved.value
    if (kept !== null) text.value = kept
  }

  function discard() {
    text.value = saved.value
    forget()
  }

  /** What was written is safe elsewhere, or no longer wanted. */
  function forget() {
    localStorage.removeItem(key())
    restored.value = false
  }

  return { restored, restore, discard, forget }
}
