import { useIntervalFn, useLocalStorage } from '@vueuse/core'
import { api, ask, Refusal, type Schemas } from '@/api/client'
import { scopeParams, scopeQuery } from '@/domain/run/scope'

const DAYS = 8
const DAY_MS = 24 * 60 * 60 * 1000
const AGAIN_MS = 60 * 60 * 1000
/** What is danced in a hall without a network: walls, the song, sections, exceptions. */
const ALONG: Schemas['ScopeView']['kind'][] = ['SONG', 'EVENT', 'SECTION']

/** The run-through of a dance, as its page asks for it. */
export function askRun(dance: number, group: number | undefined, scope: ReturnType<typeof scopeQuery>) {
  return ask(
    api.GET('/api/dances/{id}/run-through', { params: { path: { id: dance }, query: { group, ...scope } } }),
  )
}

/** A dance with what one needs of it in the hall, however it is danced. */
async function takeDance(group: number, dance: number): Promise<void> {
  const path = { id: dance }
  const plain = await askRun(dance, group, scopeQuery({}))
  const others = plain.scopes.filter((one) => ALONG.includes(one.scope.kind))
  for (const one of others) await askRun(dance, group, scopeQuery(scopeParams(one.scope)))
  await ask(api.GET('/api/dances/{id}', { params: { path } }))
}

/** Its teach as it is opened on the floor: one that was put together, else the school's. */
export async function askTeach(
  group: number,
  line: Schemas['LineView'],
  dance: number,
): Promise<Schemas['TeachSheet']> {
  const path = { id: dance }
  const { saved } = await ask(api.GET('/api/dances/{id}/teach/saved', { params: { path, query: { group } } }))
  if (saved) {
    const body = { group, minutes: saved.minutes, drills: saved.drills }
    return ask(api.POST('/api/dances/{id}/teach', { params: { path }, body }))
  }
  const school = line.kind === 'REMINDER' ? ('REMINDER' as const) : undefined
  const query = { group, minutes: line.minutes, school }
  return ask(api.GET('/api/dances/{id}/teach', { params: { path, query } }))
}

/**
 * Reads the coming classes with their dances while there is a network, so that they are there when there
 * is none: the service worker keeps what was read.
 */
export async function takeAlong(now = Date.now()): Promise<number> {
  if (!navigator.onLine || !navigator.serviceWorker?.controller) return 0
  const agenda = await ask(api.GET('/api/classes'))
  const soon = agenda.coming.flatMap((one) =>
    one.planned && new Date(one.nextDate).getTime() - now < DAYS * DAY_MS ? [one.planned.id] : [],
  )
  await Promise.all([ask(api.GET('/api/sound')), fetch('/api/sound/voice'), ask(api.GET('/api/dances'))])
  const dances = new Map<number, Set<number>>()
  for (const id of soon) {
    const path = { id }
    const sheet = await ask(api.GET('/api/classes/{id}', { params: { path } }))
    if (sheet.canRecord) await ask(api.GET('/api/classes/{id}/expected', { params: { path } }))
    const taken = dances.get(sheet.group) ?? new Set()
    dances.set(sheet.group, taken)
    for (const line of sheet.lines) {
      if (line.dance === undefined) continue
      if (!taken.has(line.dance)) await takeDance(sheet.group, line.dance).catch(skipUnready)
      taken.add(line.dance)
      // The same dance is danced in one class and walked through in another.
      const walked = line.kind === 'TEACH' || line.kind === 'REMINDER'
      if (walked) await askTeach(sheet.group, line, line.dance).catch(skipUnready)
    }
  }
  return [...dances.values()].reduce((sum, taken) => sum + taken.size, 0)
}

/** A dance that cannot be danced yet is no reason to leave the others at home. */
function skipUnready(e: unknown): void {
  if (e instanceof Refusal && e.status === 422) return
  throw e
}

/** What was taken along last: how many dances, and when. */
export interface Along {
  dances: number
  /** In universal time. */
  at: string
}
const along = useLocalStorage<Along | null>('ulna-along', null, {
  serializer: { read: (text) => JSON.parse(text), write: (it) => JSON.stringify(it) },
})

/** Does so once an hour while the app is open; a network that fails in between is no news. */
export function useTakeAlong(signedIn: () => boolean): void {
  async function take() {
    if (!signedIn() || !navigator.serviceWorker?.controller) return
    try {
      along.value = { dances: await takeAlong(), at: new Date().toISOString().replace('Z', '') }
    } catch {
      // What was taken along before is still there.
    }
  }
  useIntervalFn(take, AGAIN_MS)
  // The first look at the app comes first.
  window.setTimeout(take, 8000)
}

export const useAlong = () => along
