import { computed, ref, watch, type Ref } from 'vue'
import { api, ask, type Schemas } from '@/api/client'

export type Wanted = Schemas['WantedDrill']
type Sheet = Schemas['TeachSheet']

const MOST_UNDO = 60

/** A teach that is being built: laid out by a school, then changed by hand and fitted again. */
export function useTeach(
  dance: Ref<number>,
  group: Ref<number | undefined>,
  minutes: Ref<number>,
  school: Ref<string>,
) {
  const sheet = ref<Sheet>()
  const drills = ref<Wanted[]>([])
  const problem = ref('')
  const loading = ref(false)
  const undone = ref<Wanted[][]>([])
  /** Whether the order is somebody's own, not a school's. */
  const own = ref(false)
  let asked = 0
  /** What was asked for last, which the answer on the page may not show yet. */
  let latest: Wanted[] = []

  const key = computed(() => `ulna-teach-${dance.value}-${group.value}`)

  function wanted(from: Sheet, locks: boolean[]): Wanted[] {
    return from.drills.map((drill, i) => ({
      scope: drill.scope,
      mode: drill.mode,
      percent: drill.percent,
      repetitions: drill.repetitions,
      locked: locks[i] ?? false,
    }))
  }

  async function run(fetch: () => Promise<Sheet>, locks: boolean[]) {
    const mine = ++asked
    loading.value = true
    try {
      const found = await fetch()
      if (mine !== asked) return
      sheet.value = found
      drills.value = wanted(found, locks)
      latest = drills.value
      problem.value = ''
    } catch (e) {
      if (mine === asked) problem.value = (e as Error).message
    } finally {
      if (mine === asked) loading.value = false
    }
  }

  /** In the order of the school; what was changed by hand goes. */
  async function layOut() {
    const of = group.value
    if (!of) return
    own.value = false
    undone.value = []
    await run(
      () =>
        ask(
          api.GET('/api/dances/{id}/teach', {
            params: {
              path: { id: dance.value },
              query: { group: of, minutes: minutes.value, school: school.value || undefined },
            },
          }),
        ),
      [],
    )
  }

  async function fit(now: Wanted[]) {
    const of = group.value
    if (!of) return
    await run(
      () =>
        ask(
          api.POST('/api/dances/{id}/teach', {
            params: { path: { id: dance.value } },
            body: { group: of, minutes: minutes.value, drills: now },
          }),
        ),
      now.map((drill) => drill.locked),
    )
  }

  /** Changes the order by hand: everything that is not locked fits the minutes again. */
  async function change(how: (now: Wanted[]) => Wanted[]) {
    const before = latest
    const now = how(before)
    if (now.length === 0) return
    undone.value = [...undone.value.slice(-MOST_UNDO + 1), before]
    own.value = true
    latest = now
    localStorage.setItem(key.value, JSON.stringify(now))
    await fit(now)
  }

  async function undo() {
    const before = undone.value[undone.value.length - 1]
    if (!before) return
    undone.value = undone.value.slice(0, -1)
    latest = before
    localStorage.setItem(key.value, JSON.stringify(before))
    await fit(before)
  }

  /** Opens what was put together here before, or what the school says. */
  async function open() {
    const kept = localStorage.getItem(key.value)
    if (kept && !school.value) {
      own.value = true
      await fit(JSON.parse(kept) as Wanted[])
      if (!problem.value) return
      // The dance has changed since: its drills are no more.
      localStorage.removeItem(key.value)
    }
    await layOut()
  }

  function startAgain() {
    localStorage.removeItem(key.value)
    return layOut()
  }

  watch(minutes, () => (own.value ? fit(latest) : layOut()))

  return {
    sheet,
    drills,
    problem,
    loading,
    undone,
    own,
    open,
    layOut,
    change,
    undo,
    startAgain,
    refresh: () => (own.value ? fit(latest) : layOut()),
  }
}
