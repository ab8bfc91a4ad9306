import { computed, ref, watch, type Ref } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import { useLatest } from '@/composables/page/useLatest'
import { useVersioned, type Stored } from '@/composables/page/useVersioned'
import type { School } from '@/domain/labels'
import { same } from '@/domain/merge'
import { drillsOf, mergeTeaches, type Drill, type Order } from './order'

type Sheet = Schemas['TeachSheet']
type Saved = Schemas['SavedTeach']

const MOST_UNDO = 60

function stored(saved: Saved | undefined): Stored<Order, Saved> | undefined {
  if (!saved) return undefined
  const value = { school: saved.school, minutes: saved.minutes, drills: saved.drills }
  return { version: saved.version, value, view: saved, by: saved.updatedBy.name }
}

/**
 * A teach that is being built: laid out by a school, then changed by hand and fitted again. What was
 * changed by hand is saved at once, for every colleague.
 */
export function useTeach(
  dance: Ref<number>,
  group: Ref<number | undefined>,
  minutes: Ref<number>,
  school: Ref<School | undefined>,
  /** Whether what is changed is saved; else it is only tried. */
  may: () => boolean = () => true,
) {
  const sheet = ref<Sheet>()
  const drills = ref<Drill[]>([])
  const { problem, loading, run: lay } = useLatest()
  /** Why what was changed could not be saved. */
  const unsaved = ref('')
  const undone = ref<Drill[][]>([])
  /** Whether the order on the page is the saved one, not a school's. */
  const own = ref(false)
  /** How many sections of the school's order somebody wants to reach; nothing: as far as is good. */
  const upTo = ref<number>()
  /** What was asked for last, which the answer on the page may not show yet. */
  let latest: Drill[] = []

  const path = () => ({ id: dance.value })
  const order = useVersioned<Order, Saved>({
    key: () => undefined,
    load: async () => {
      const query = { group: group.value ?? 0 }
      return stored(
        (await ask(api.GET('/api/dances/{id}/teach/saved', { params: { path: path(), query } }))).saved,
      )
    },
    fresh: () => ({ school: undefined, minutes: minutes.value, drills: [] }),
    save: async (value, version) => {
      const teach = { group: group.value ?? 0, minutes: value.minutes, drills: value.drills }
      const body = { teach, school: value.school, version }
      const answer = await ask(api.PUT('/api/dances/{id}/teach/saved', { params: { path: path() }, body }))
      return stored(answer.saved) as Stored<Order, Saved>
    },
    merge: mergeTeaches,
  })
  const saved = computed(() => order.stored.value?.view)

  async function run(fetch: () => Promise<Sheet>, locks: boolean[]) {
    await lay(async (isWanted) => {
      const found = await fetch()
      if (!isWanted()) return
      sheet.value = found
      drills.value = drillsOf(found, locks)
      latest = drills.value
    })
  }

  /** In the order of the school; a saved one stays saved until something is changed. */
  async function layOut() {
    const of = group.value
    if (!of) return
    own.value = false
    const query = { group: of, minutes: minutes.value, school: school.value, upTo: upTo.value }
    await run(() => ask(api.GET('/api/dances/{id}/teach', { params: { path: path(), query } })), [])
  }

  async function fit(now: Drill[]) {
    const of = group.value
    if (!of) return
    const body = { group: of, minutes: minutes.value, drills: now }
    await run(
      () => ask(api.POST('/api/dances/{id}/teach', { params: { path: path() }, body })),
      now.map((drill) => drill.locked),
    )
  }

  let saves = Promise.resolve()
  /** Saves what is on the page after what is on its way already. */
  function autosave(): Promise<void> {
    saves = saves.then(async () => {
      if (!order.changed.value || order.clash.value || !may()) return
      try {
        await order.save()
        unsaved.value = ''
        // A colleague's change came in between, and both were put together.
        if (!order.clash.value && !same(order.value.value.drills, latest)) {
          latest = order.value.value.drills
          await fit(latest)
        }
      } catch (e) {
        unsaved.value = (e as Error).message
      }
    })
    return saves
  }

  async function show(now: Drill[]) {
    latest = now
    own.value = true
    const from = order.stored.value ? order.value.value.school : (school.value ?? sheet.value?.school)
    order.value.value = { school: from, minutes: minutes.value, drills: now }
    await Promise.all([fit(now), autosave()])
  }

  function step(before: Drill[]) {
    undone.value = [...undone.value.slice(-MOST_UNDO + 1), before]
  }

  /** Changes the order by hand: everything that is not locked fits the minutes again. */
  async function change(how: (now: Drill[]) => Drill[]) {
    const before = latest
    const now = how(before)
    if (now.length === 0 || order.clash.value) return
    // A school's order takes the place of a saved one: that can be had back, too.
    if (!own.value && saved.value) step(order.value.value.drills)
    step(before)
    await show(now)
  }

  async function undo() {
    const before = undone.value[undone.value.length - 1]
    if (!before || order.clash.value) return
    undone.value = undone.value.slice(0, -1)
    await show(before)
  }

  /** Opens what was put together before, by whomever, or what the school says. */
  async function open() {
    undone.value = []
    unsaved.value = ''
    upTo.value = undefined
    await order.open()
    if (order.problem.value) {
      problem.value = order.problem.value
    } else if (saved.value && saved.value.drills.length && !school.value) {
      own.value = true
      await fit(saved.value.drills)
    } else {
      await layOut()
    }
  }

  /** Goes so far tonight and no further. */
  async function goTo(sections: number) {
    const now = sheet.value?.school
    if (!now) return
    upTo.value = sections
    await layOutAs(now)
  }

  /** Chooses a school; where a teach is saved, what the school lays out takes its place. */
  async function choose(now: School) {
    upTo.value = undefined
    await layOutAs(now)
  }

  async function layOutAs(now: School) {
    const before = latest
    school.value = now
    await layOut()
    if (!saved.value || problem.value) return
    step(before)
    own.value = true
    order.value.value = { school: now, minutes: minutes.value, drills: drills.value }
    await autosave()
  }

  /** Puts the saved one aside; the school lays it out anew. */
  async function startAgain() {
    const now = saved.value
    if (now) {
      const query = { group: group.value, version: now.version }
      await ask(api.DELETE('/api/dances/{id}/teach/saved', { params: { path: path(), query } }))
    }
    school.value = undefined
    await open()
  }

  watch(minutes, async (now) => {
    if (!own.value) return layOut()
    order.value.value = { ...order.value.value, minutes: now }
    await Promise.all([fit(latest), autosave()])
  })
  // A colleague was faster: the page shows the saved one until the two are settled.
  watch(order.clash, async (now) => {
    undone.value = []
    own.value = true
    if (now) await fit(now.theirs.drills)
  })

  /** What the two versions come to is shown, and saved. */
  const settled = () => show(order.value.value.drills)

  return {
    sheet,
    drills,
    saved,
    order,
    problem,
    unsaved,
    loading,
    undone,
    own,
    open,
    choose,
    goTo,
    change,
    undo,
    settled,
    autosave,
    startAgain,
    refresh: () => (own.value ? fit(latest) : layOut()),
  }
}
