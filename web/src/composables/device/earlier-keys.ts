import { own, draftKey } from '@/composables/device/own'

const DRAFTS = /^ulna-((?:dance|song-entry|class|social|group)-(?:new|\d+)|club-(?:own-figures|level-table))$/
/** It is sent by itself, and never in another's name. */
const ORDER = /^ulna-class-\d+$/
const OTHERS = /^ulna-((?:evening|class-copy|log)-\d+|sheets|plans-seen|undo-.+|run-reached)$/
/** A text that was kept before drafts knew which version they were made from. */
const PLAIN = /^ulna-draft-(.+)$/
const WITH_NAMES = /^ulna-(log-begin|brief)-/
const OUTBOX = 'ulna-outbox'

/**
 * Releases before kept things on a device without saying whose. They are of whoever was signed in last;
 * a log that waits says itself who wrote it. Anybody else's stay until they sign in. Where nobody knows who
 * was last, most devices have one owner; but a running order, which is sent by itself, is nobody's then.
 *
 * @param name of whoever is signed in now
 * @param last who was signed in last, and as what; nothing where they have signed out
 */
export function takeOver(name: string, last: string | undefined): void {
  const isTheirs = last?.startsWith(`${name}, `) ?? true
  takeLogs(name)
  for (const key of Object.keys(localStorage)) {
    if (WITH_NAMES.test(key)) localStorage.removeItem(key)
    if (!isTheirs || (last === undefined && ORDER.test(key))) continue
    const [draft, other, plain] = [DRAFTS.exec(key)?.[1], OTHERS.exec(key)?.[1], PLAIN.exec(key)?.[1]]
    const text = localStorage.getItem(key) ?? ''
    if (draft) move(key, draftKey(draft), text)
    else if (other) move(key, own(other), text)
    else if (plain)
      move(
        key,
        draftKey(`dance-${plain}`),
        JSON.stringify({ version: plain === 'new' ? 0 : -1, base: '', mine: text }),
      )
  }
}

/** What is there already is newer. */
function move(from: string, to: string, text: string): void {
  if (localStorage.getItem(to) === null) localStorage.setItem(to, text)
  localStorage.removeItem(from)
}

interface EarlierLog {
  by: string
  body: { ledBy?: unknown }
}

function takeLogs(name: string): void {
  try {
    const all = JSON.parse(localStorage.getItem(OUTBOX) ?? '[]') as EarlierLog[]
    const mine = all.filter((one) => one.by === name)
    if (mine.length === 0) return
    // Who led was a name then: the class itself knows it.
    const now = mine.map((one) => ({ ...one, by: undefined, body: { ...one.body, ledBy: undefined } }))
    const there = JSON.parse(localStorage.getItem(own('outbox')) ?? '[]') as unknown[]
    localStorage.setItem(own('outbox'), JSON.stringify([...there, ...now]))
    const rest = all.filter((one) => one.by !== name)
    if (rest.length) localStorage.setItem(OUTBOX, JSON.stringify(rest))
    else localStorage.removeItem(OUTBOX)
  } catch {
    // What cannot be read stays as it is.
  }
}
