import { computed, ref, shallowRef, watch, type Ref } from 'vue'
import { Refusal } from '@/api/client'
import { KeptDraft } from '@/composables/page/kept-draft'
import { useLatest } from '@/composables/page/useLatest'
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
  /** Every change is saved at once: a draft is one that could not be sent. */
  eager?: boolean
}

/** What one can go back to. */
interface Step<T> {
  value: T
  version: number
}

/**
 * How it stands with what is on the page: it is fetched; it is as the server has it; it is changed and not
 * saved; it is on its way; it could not be sent and will be by itself; a colleague's change lies against it.
 */
export type VersionedState = 'loading' | 'clean' | 'draft' | 'sending' | 'waiting' | 'clash'

const MOST_UNDO = 60
/** Colleagues who save that fast leave one to settle it by hand. */
const MOST_TRIES = 4

/**
 * Something that several people edit. What is being written is kept on this machine with the version
 * that it was made from; a colleague's newer version is never overwritten without a word: both are
 * there until one merges or chooses.
 */
export function useVersioned<T, V>(options: Options<T, V>) {
  const stored = shallowRef<Stored<T, V>>()
  const value = ref(options.fresh()) as Ref<T>
  const { problem, loading, run } = useLatest()
  /** What was written here before, but not saved, is on the page again. */
  const restored = ref(false)
  const clash = shallowRef<Clash<T>>()
  /** Whose change has just come in, while this page was open. */
  const cameFrom = ref('')
  /** The last value that came from outside: it is no step of whoever writes here. */
  const outside = shallowRef<T>()
  /** What is on the page could not be sent; it is sent by itself once the server answers. */
  const waiting = ref(false)
  const sending = ref(0)
  const undoable = shallowRef<Step<T>[]>([])
  const draft = new KeptDraft<T>()
  /** Which page this is: what comes for an earlier one is not its business any more. */
  let page = 0

  const base = () => (stored.value ? stored.value.value : options.fresh())
  const changed = computed(() => !same(value.value, base()))

  const state = computed<VersionedState>(() => {
    if (clash.value) return 'clash'
    if (loading.value) return 'loading'
    if (sending.value) return 'sending'
    if (waiting.value) return 'waiting'
    return changed.value ? 'draft' : 'clean'
  })
  const version = () => stored.value?.version ?? 0

  function forget() {
    draft.forget()
    restored.value = false
  }

  /** Keeps what is on the page as a change of what the server has, or forgets that there was one. */
  function keep() {
    if (changed.value) draft.write({ version: version(), base: base(), mine: value.value })
    else forget()
  }

  watch(
    value,
    () => {
      // While two versions are being settled, the draft stays as it was.
      if (draft.isOpen && !clash.value) keep()
    },
    { deep: true },
  )

  const copy = (of: T): T => JSON.parse(JSON.stringify(of)) as T

  /** Loads it, and brings back what was written here but not saved. */
  async function open(): Promise<void> {
    page++
    clash.value = undefined
    cameFrom.value = ''
    waiting.value = false
    undoable.value = []
    await run(async (isWanted) => {
      const found = await options.load()
      if (!isWanted()) return
      draft.close()
      stored.value = found
      value.value = copy(base())
      draft.open(options.key())
      restore()
    })
  }

  function restore() {
    restored.value = false
    const kept = draft.read()
    if (!kept) return
    if (same(kept.mine, base()) || same(kept.mine, kept.base)) {
      forget()
    } else if (kept.version === version()) {
      value.value = kept.mine
      restored.value = true
      waiting.value = options.eager ?? false
    } else {
      collide(kept.base, kept.mine)
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

  /**
   * Takes what a colleague has saved in the meantime: as it is where nothing was changed here, put
   * together with what was where both lie apart; else both are shown.
   */
  async function catchUp(by = ''): Promise<'same' | 'taken' | 'together' | 'clash'> {
    if (clash.value || sending.value) return 'same'
    const here = page
    const theirs = await options.load()
    if (!theirs || here !== page || sending.value || clash.value) return 'same'
    if (theirs.version <= version()) return 'same'
    return merged(base(), copy(value.value), theirs, by)
  }

  function merged(from: T, mine: T, theirs: Stored<T, V>, by: string): 'taken' | 'together' | 'clash' {
    const both = options.merge(from, mine, theirs.value)
    stored.value = theirs
    undoable.value = []
    if (same(mine, from) || same(mine, theirs.value)) {
      outside.value = copy(theirs.value)
      value.value = copy(theirs.value)
      forget()
      cameFrom.value = by || theirs.by
      return 'taken'
    }
    if (both.conflicts) {
      draft.write({ version: theirs.version - 1, base: from, mine })
      collide(from, mine)
      return 'clash'
    }
    outside.value = copy(both.value)
    value.value = copy(both.value)
    draft.write({ version: theirs.version, base: theirs.value, mine: both.value })
    cameFrom.value = by || theirs.by
    return 'together'
  }

  async function send(
    mine: T,
    how: (version: number) => Promise<Stored<T, V>>,
    tries = MOST_TRIES,
  ): Promise<Stored<T, V> | undefined> {
    if (clash.value) throw new Error('Settle the two versions first.')
    const before = base()
    const here = page
    sending.value++
    try {
      const now = await how(version())
      waiting.value = false
      // The page shows something else by now: what was saved is safe, and not its business any more.
      if (here !== page) return now
      stored.value = now
      draft.open(options.key())
      // What was typed while it was on its way is not saved yet.
      if (same(value.value, mine)) value.value = copy(now.value)
      keep()
      problem.value = ''
      return now
    } catch (e) {
      if (!(e instanceof Refusal) || here !== page) throw e
      if (e.status === 0) waiting.value = true
      if (e.status !== 409) throw e
      const theirs = await options.load()
      if (!theirs || here !== page) throw e
      if (same(theirs.value, mine)) {
        stored.value = theirs
        value.value = copy(theirs.value)
        forget()
        waiting.value = false
        return theirs
      }
      const how = merged(before, mine, theirs, '')
      // Both lie apart: what they come to is saved as what one wanted to save.
      if (how !== 'together' || tries <= 1) return undefined
    } finally {
      sending.value--
    }
    const both = copy(value.value)
    return send(both, (version) => options.save(both, version), tries - 1)
  }

  /** Sends what could not be sent, once the server answers again. */
  async function sendAgain(): Promise<void> {
    if (state.value !== 'waiting') return
    try {
      await save()
    } catch {
      // It goes on waiting, or the page says why not.
    }
  }

  /** Changes it and saves at once; the step before can be had back. */
  async function commit(next: T): Promise<void> {
    const before = step()
    const steps = undoable.value
    value.value = next
    // Where a colleague's change came in between, a step back would take that away, too.
    if ((await save()) && undoable.value === steps) remember(before)
  }

  const step = (): Step<T> => ({ value: copy(base()), version: version() })
  function remember(before: Step<T>) {
    undoable.value = [...undoable.value.slice(-MOST_UNDO + 1), before]
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
    const before = step()
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
    keep()
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
    state,
    cameFrom,
    outside,
    waiting,
    catchUp,
    sendAgain,
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
