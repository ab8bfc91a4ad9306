import { computed } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import { lastBy } from '@/api/last-by'
import { useVersioned, type Stored } from '@/composables/page/useVersioned'
import { adopted, mergeOrders, orderOf, type Line, type Order } from './order'

type Sheet = Schemas['ClassSheet']

/** A class: its running order, which every change saves at once, and steps back. */
export function useClass(id: () => number) {
  const path = () => ({ id: id() })
  const stored = (view: Sheet): Stored<Order, Sheet> => ({
    version: view.version,
    value: orderOf(view),
    view,
    by: '',
  })
  const order = useVersioned<Order, Sheet>({
    key: () => `class-${id()}`,
    load: async () => {
      const [view, by] = await Promise.all([
        ask(api.GET('/api/classes/{id}', { params: { path: path() } })),
        lastBy('CLASS', id()),
      ])
      return { ...stored(view), by }
    },
    fresh: () => ({ minutes: 0, lines: [] }),
    save: async (value, version): Promise<Stored<Order, Sheet>> => {
      const saved = order.stored.value?.value
      const body = { ...(saved ? adopted(value, saved) : value), version }
      return stored(await ask(api.PUT('/api/classes/{id}', { params: { path: path() }, body })))
    },
    restore,
    merge: mergeOrders,
    eager: true,
  })
  const sheet = computed(() => order.stored.value?.view)
  const version = () => sheet.value?.version ?? 0

  async function orBack(action: () => Promise<void>) {
    try {
      await action()
    } catch (e) {
      // What could not be sent is kept, and sent once; what was refused is not shown as if it were.
      if (!order.waiting.value) order.discard()
      throw e
    }
  }

  /** Saves a changed running order; the one before can be had back. */
  const change = (lines: Line[]) => orBack(() => order.commit({ lines, minutes: order.value.value.minutes }))
  const undo = () => orBack(order.undo)

  /** A class planned anew around lines that stay, without some dances; the one before can be had back. */
  async function planAround(keep: number[], without: number[]) {
    if (!sheet.value) return
    const body = { version: version(), minutes: sheet.value.minutes, keep, without }
    const answer = await ask(api.POST('/api/classes/{id}/plan', { params: { path: path() }, body }))
    order.takeAsStep(stored(answer))
  }

  /** What that would be, without doing it. */
  async function proposed(keep: number[], without: number[]): Promise<Schemas['BestOrderView']> {
    const body = { minutes: sheet.value?.minutes ?? 0, keep, without }
    return ask(api.POST('/api/classes/{id}/proposal', { params: { path: path() }, body }))
  }

  async function lead(leader: Schemas['ClubPerson'] | undefined) {
    const body = { version: version(), leader }
    order.take(stored(await ask(api.PUT('/api/classes/{id}/leader', { params: { path: path() }, body }))))
  }

  /** An earlier order comes back with its reasons and the names of those who changed it. */
  async function restore(to: number, from: number) {
    const body = { version: from, to }
    return stored(await ask(api.POST('/api/classes/{id}/bring-back', { params: { path: path() }, body })))
  }
  const bringBack = async (to: number) => order.take(await restore(to, version()))

  async function takeBack() {
    const params = { path: path(), query: { version: version() } }
    order.take(stored(await ask(api.DELETE('/api/classes/{id}/record', { params }))))
  }

  async function remove() {
    await ask(api.DELETE('/api/classes/{id}', { params: { path: path(), query: { version: version() } } }))
    order.forget()
  }

  return { order, sheet, change, undo, planAround, proposed, lead, bringBack, takeBack, remove }
}
