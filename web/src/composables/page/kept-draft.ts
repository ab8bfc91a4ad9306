import { draftKey } from '@/composables/device/own'

/** What somebody was writing: the version it was made from, how that was, and how it is now. */
export interface Draft<T> {
  version: number
  base: T
  mine: T
}

/** A draft of whoever is signed in, on this machine, under the name it was opened with; before that nothing is kept. */
export class KeptDraft<T> {
  private name: string | undefined

  /** @param name nothing where none is kept */
  open(name: string | undefined) {
    this.name = name && draftKey(name)
  }

  close() {
    this.name = undefined
  }

  get isOpen(): boolean {
    return this.name !== undefined
  }

  write(draft: Draft<T>) {
    if (!this.name) return
    try {
      localStorage.setItem(this.name, JSON.stringify(draft))
    } catch {
      // The browser's store is full: what is written is still on the page.
    }
  }

  /** Nothing where there is none, or where it cannot be read. */
  read(): Draft<T> | undefined {
    if (!this.name) return undefined
    try {
      const draft = JSON.parse(localStorage.getItem(this.name) ?? 'null') as Draft<T> | null
      return draft && typeof draft.version === 'number' ? draft : undefined
    } catch {
      return undefined
    }
  }

  forget() {
    if (this.name) localStorage.removeItem(this.name)
  }
}
