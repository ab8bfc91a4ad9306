import { computed, ref, shallowRef, watch, type Ref } from 'vue'
import { Refusal } from '@/api/client'
import { same, type Merged } from '@/domain/merge'

/** Something as the server has it. */
export interface Stored<T, V> {
  version: number
  value: T
  /** Everything that the server said with it. */
  view: V
  /** Who changed it last. */
  by: string
}

/** Two changes of one thing: one's own, not saved, and a colleague's, saved in the meantime. */
export interface Clash<T> {
  base: T
  mine: T
  theirs: T
  by: string
  version: number
}

interface Options<T, V> {
  /** Name of the draft on this machine; nothing where none is kept, since every change is saved at once. */
  key: () => string | undefined
  /** What the server has; nothing for something new. */
  load: () => Promise<Stored<T, V> | undefined>
  /** What something new begins with. */
  fresh: () => T
  save: (value: T, version: number) => Promise<Stored<T, V>>
  /** Brings a version back just as it was; without it a step back saves the value of then. */
  restore?: (to: number, version: number) => Promise<Stored<T, V>>
  merge: (base: T, mine: T, theirs: T) => Merged<T>
}

/** What one can go back to. */
interface Step<T> {
  value: T
  version: number
}

interface Draft<T> {
  version: number
  base: T
  mine: T
}

const MOST_UNDO = 60

/**
 * Something that several people edit. What is being written is kept on this machine with the version
 * that it was made from; a colleague's newer version is never overwritten without a word: both are
 * there until one merges or chooses.
 */
export function useVersioned<T, V>(options: Options<T, V>) {
  const stored = shallowRef<Stored<T, V>>()
  const value = ref(options.fresh()) as Ref<T>
  const problem = ref('')
  const loading = ref(false)
  /** What was written here before, but not saved, is on the page again. */
  const restored = ref(false)
  const clash = shallowRef<Clash<T>>()
  const undoable = shallowRef<Step<T>[]>([])
  let opened: string | undefined
  let asked = 0

  const base = () => (stored.value ? stored.value.value : options.fresh())
  const changed = computed(() => !same(value.value, base()))

  function write(draft: Draft<T>) {
    if (!opened) return
    try {
      localStorage.setItem(opened, JSON.stringify(draft))
    } catch {
      // The browser's store is full: what is written is still on the page.
    }
  }

  function forget() {
    if (opened) localStorage.removeItem(opened)
    restored.value = false
  }

  function kept(): Draft<T> | undefined {
    if (!opened) return undefined
    try {
      const draft = JSON.parse(localStorage.getItem(opened) ?? 'null') as Draft<T> | null
      return draft && typeof draft.version === 'number' ? draft : undefined
    } catch {
      return undefined
    }
  }

  watch(
    value,
    () => {
      // While two versions are being settled, the draft stays as it was.
      if (!opened || clash.value) return
      if (changed.value) write({ version: stored.value?.version ?? 0, base: base(), mine: value.value })
      else forget()
    },
    { deep: true },
  )

  const copy = (of: T): T => JSON.parse(JSON.stringify(of)) as T

  /** Loads it, and brings back what was written here but not saved. */
  async function open(): Promise<void> {
    const mine = ++asked
    loading.value = true
    clash.value = undefined
    undoable.value = []
    try {
      const found = await options.load()
      if (mine !== asked) return
      opened = undefined
      stored.value = found
      value.value = copy(base())
      opened = options.key()
      problem.value = ''
      restore()
    } catch (e) {
      if (mine === asked) problem.value = (e as Error).message
    } finally {
      if (mine === asked) loading.value = false
    }
  }

  function restore() {
    restored.value = false
    const draft = kept()
    if (!draft) return
    if (same(draft.mine, base()) || same(draft.mine, draft.base)) {
      forget()
    } else if (draft.version === (stored.value?.version ?? 0)) {
      value.value = draft.mine
      restored.value = true
    } else {
      collide(draft.base, draft.mine)
    }
  }

  function collide(from: T, mine: T) {
    const now = stored.value
    if (!now) return
    // A step back from here would take the colleague's change away.
    undoable.value = []
    clash.value = { base: from, mine, theirs: now.value, by: now.by, version: now.version }
    value.value = copy(now.value)
  }

  /** Saves what is on the page; a colleague's change in the meantime is shown, not overwritten. */
  function save(): Promise<Stored<T, V> | undefined> {
    const mine = copy(value.value)
    return send(mine, (version) => options.save(mine, version))
  }

  async function send(
    mine: T,
    how: (version: number) => Promise<Stored<T, V>>,
  ): Promise<Stored<T, V> | undefined> {
    if (clash.value) throw new Error('Settle the two versions first.')
    const before = base()
    const page = asked
    try {
      const now = await how(stored.value?.version ?? 0)
      // The page shows something else by now: what was saved is safe, and not its business any more.
      if (page !== asked) return now
      stored.value = now
      opened = options.key()
      if (same(value.value, mine)) {
        value.value = copy(now.value)
        forget()
      } else {
        // What was typed while it was on its way is not saved yet.
        write({ version: now.version, base: base(), mine: value.value })
      }
      problem.value = ''
      return now
    } catch (e) {
      if (!(e instanceof Refusal) || e.status !== 409) throw e
      if (page !== asked) throw e
      const theirs = await options.load()
      if (!theirs || page !== asked) throw e
      stored.value = theirs
      if (same(theirs.value, mine)) {
        value.value = copy(theirs.value)
        forget()
        return theirs
      }
      write({ version: theirs.version - 1, base: before, mine })
      collide(before, mine)
      return undefined
    }
  }

  /** Changes it and saves at once; the step before can be had back. */
  async function commit(next: T): Promise<void> {
    const before = here()
    value.value = next
    if (await save()) remember(before)
  }

  const here = (): Step<T> => ({ value: copy(base()), version: stored.value?.version ?? 0 })
  function remember(step: Step<T>) {
    undoable.value = [...undoable.value.slice(-MOST_UNDO + 1), step]
  }

  async function undo(): Promise<void> {
    const before = undoable.value[undoable.value.length - 1]
    if (before === undefined) return
    value.value = copy(before.value)
    const { restore } = options
    const back = restore ? send(copy(before.value), (version) => restore(before.version, version)) : save()
    if (await back) undoable.value = undoable.value.slice(0, -1)
  }

  /** Takes what the server answered to something else that changed it. */
  function take(now: Stored<T, V>) {
    clash.value = undefined
    stored.value = now
    value.value = copy(now.value)
    forget()
  }

  /** The same, where what was before can be had back. */
  function takeAsStep(now: Stored<T, V>) {
    const before = here()
    take(now)
    remember(before)
  }

  /** Goes back to what is saved. */
  function discard() {
    clash.value = undefined
    value.value = copy(base())
    forget()
  }

  function settle(now: T) {
    clash.value = undefined
    value.value = copy(now)
    restored.value = false
    if (changed.value) write({ version: stored.value?.version ?? 0, base: base(), mine: value.value })
    else forget()
  }

  /** One's own change goes on, now as a change of the newest version. */
  function keepMine() {
    if (clash.value) settle(clash.value.mine)
  }

  /** Both changes together; how many places are left to settle by hand. */
  function merge(): number {
    const now = clash.value
    if (!now) return 0
    const merged = options.merge(now.base, now.mine, now.theirs)
    settle(merged.value)
    return merged.conflicts
  }

  return {
    stored,
    value,
    problem,
    loading,
    changed,
    restored,
    clash,
    undoable,
    open,
    save,
    commit,
    undo,
    take,
    takeAsStep,
    discard,
    takeTheirs: discard,
    keepMine,
    merge,
    forget,
  }
}
