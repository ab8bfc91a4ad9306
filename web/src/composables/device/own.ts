import { shallowRef } from 'vue'

/** Somebody of a club, for whom a device keeps what is theirs alone. */
export interface Owner {
  club: string
  id: number
  name: string
}

const NAMES = 'ulna-owners'
const owner = shallowRef<Owner>()

const folder = (of: Pick<Owner, 'club' | 'id'>) => `ulna/${of.club}/${of.id}/`

/** From now on what is kept here is somebody's; nothing where nobody is signed in. */
export function isOwnedBy(now: Owner | undefined): void {
  owner.value = now
  if (now) write({ ...names(), [folder(now)]: now.name })
}

/** Whoever is signed in here. */
export const useOwner = () => owner

/**
 * Under which key this device keeps something of whoever is signed in: nobody else who is signed in here
 * reads it, sends it or writes over it.
 */
export const own = (key: string): string => `${folder(owner.value ?? { club: '', id: 0 })}${key}`

/** Where a device has its files: songs of one's own. */
export const ownPath = (...key: (string | number)[]): IDBValidKey => [
  'own',
  owner.value?.club ?? '',
  owner.value?.id ?? 0,
  ...key,
]

/** What somebody has here that nobody else has seen. */
export interface Unsent {
  /** What it is, for whoever it is: "Turners, 24 November", "a dance". */
  words: string
  /** A log that waits, or a running order that could not be sent: it is sent by itself. */
  waits: boolean
}

const DRAFT = 'draft/'
const LOG = /^log-(\d+)$/
const COPIES = ['class-copy-', 'log-begin-']
/** What a draft is of, by the beginning of its key. */
const KINDS: Record<string, string> = {
  dance: 'a dance',
  'song-entry': 'a song',
  class: 'a running order',
  social: 'a social',
  group: 'a group',
  club: 'the club’s words',
}

export const draftKey = (name: string): string => own(DRAFT + name)

/** What of somebody's lies here and nowhere else. */
export function unsentOf(of: Pick<Owner, 'club' | 'id'>): Unsent[] {
  const found: Unsent[] = []
  const beginning = folder(of)
  const waiting = parsed<{ id: number }[]>(`${beginning}outbox`) ?? []
  for (const key of Object.keys(localStorage).sort()) {
    if (!key.startsWith(beginning)) continue
    const name = key.slice(beginning.length)
    if (name === 'outbox' || name === 'sheets') {
      const all = parsed<{ words?: string; title?: string; state?: string }[]>(key) ?? []
      all
        .filter((one) => one.state === undefined || one.state === 'open')
        .forEach((one) =>
          found.push({ words: one.words ?? `the sheet ${one.title}`, waits: name === 'outbox' }),
        )
    } else if (LOG.test(name)) {
      const id = Number(LOG.exec(name)?.[1])
      if (!waiting.some((one) => one.id === id)) found.push({ words: 'a log', waits: false })
    } else if (name === 'run-reached') {
      if (parsed(key)) found.push({ words: 'what a run-through reached', waits: false })
    } else if (name.startsWith(DRAFT)) {
      const draft = name.slice(DRAFT.length)
      const kind = Object.keys(KINDS).find((one) => draft.startsWith(`${one}-`)) ?? ''
      found.push({ words: KINDS[kind] ?? 'a draft', waits: kind === 'class' })
    }
  }
  return found
}

/** Others who have something here that waits for them, by name; of whom, and no more. */
export function othersWithUnsent(onlyWaiting = false): string[] {
  return Object.entries(names())
    .filter(([beginning]) => !owner.value || beginning !== folder(owner.value))
    .filter(([beginning]) => {
      const [, club, id] = beginning.split('/')
      const there = unsentOf({ club, id: Number(id) })
      return there.some((one) => one.waits || !onlyWaiting)
    })
    .map(([, name]) => name)
    .sort()
}

/** What was copied for a hall without a network goes from here; what somebody did stays. */
export function dropCopies(of: Pick<Owner, 'club' | 'id'>): void {
  Object.keys(localStorage)
    .filter((key) => COPIES.some((part) => key.startsWith(folder(of) + part)))
    .forEach((key) => localStorage.removeItem(key))
  if (unsentOf(of).length === 0) {
    write(Object.fromEntries(Object.entries(names()).filter(([whose]) => whose !== folder(of))))
  }
}

/** Everything of somebody's goes from this device, but what another program keeps there. */
export function dropAll(of: Pick<Owner, 'club' | 'id'>): void {
  Object.keys(localStorage)
    .filter((key) => key.startsWith(folder(of)))
    .forEach((key) => localStorage.removeItem(key))
}

function parsed<T>(key: string): T | undefined {
  try {
    return (JSON.parse(localStorage.getItem(key) ?? 'null') as T | null) ?? undefined
  } catch {
    return undefined
  }
}

const names = () => parsed<Record<string, string>>(NAMES) ?? {}

function write(all: Record<string, string>): void {
  try {
    localStorage.setItem(NAMES, JSON.stringify(all))
  } catch {
    // A full device says of nobody that they have something here.
  }
}
