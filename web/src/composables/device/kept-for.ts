/**
 * For whom a device keeps answers of the server: whoever was signed in last, as what they were then, and
 * for two weeks after the app was used last.
 */
const UNUSED_MS = 14 * 24 * 60 * 60 * 1000
const KEPT_FOR = 'ulna-kept-for'

interface KeptFor {
  who: string
  /** Milliseconds since 1970. */
  used: number
}

function read(): KeptFor | undefined {
  try {
    return JSON.parse(localStorage.getItem(KEPT_FOR) ?? 'null') ?? undefined
  } catch {
    return undefined
  }
}

/** For whom answers were kept last; nothing where they were not. */
export const lastKept = (): string | undefined => read()?.who

/** What was kept of the server's answers is for whoever is signed in: it goes when they do. */
export async function forgetAnswers(): Promise<void> {
  localStorage.removeItem('ulna-along')
  localStorage.removeItem(KEPT_FOR)
  if ('caches' in window) await caches.delete('answers')
}

/** Before anything is asked: what nobody has used for two weeks is not shown any more. */
export async function forgetUnused(now = Date.now()): Promise<void> {
  const last = read()
  if (last && now - last.used > UNUSED_MS) await forgetAnswers()
}

/** Somebody is signed in here as something: what was kept for anybody or anything else goes. */
export async function keepFor(who: string, now = Date.now()): Promise<void> {
  const last = read()
  if (last && last.who !== who) await forgetAnswers()
  localStorage.setItem(KEPT_FOR, JSON.stringify({ who, used: now } satisfies KeptFor))
}
