/**
 * Takes over a text that was kept on this machine before drafts knew their version. Nobody knows which
 * version it was made from, so that it stands beside the saved one, to be settled.
 *
 * @param key under which drafts are kept now
 * @param fresh what something new begins with, for the draft of something new
 */
export function adoptOldDraft(oldKey: string, key: string, fresh?: string): void {
  const text = localStorage.getItem(oldKey)
  if (text === null) return
  if (localStorage.getItem(key) === null) {
    const made = fresh === undefined ? { version: -1, base: '' } : { version: 0, base: fresh }
    localStorage.setItem(key, JSON.stringify({ ...made, mine: text }))
  }
  localStorage.removeItem(oldKey)
}
