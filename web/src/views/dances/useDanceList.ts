import { useDebounceFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import { useLatest } from '@/composables/page/useLatest'
import type { Level, Pace } from '@/domain/labels'

/** What the list of dances is narrowed to; empty means any. */
export interface Filter {
  words: string
  level: Level | ''
  counts: number | ''
  walls: number | ''
  figure: string
  pace: Pace | ''
  style: string
  group: number | ''
}

export type Sort = 'TITLE' | 'LEVEL' | 'COUNTS' | 'SPEED'

export const ANY: Filter = {
  words: '',
  level: '',
  counts: '',
  walls: '',
  figure: '',
  pace: '',
  style: '',
  group: '',
}

const PAGE = 60
const TYPING_MS = 150

/** The list of dances as the server finds it, a page at a time as one scrolls down. */
export function useDanceList() {
  const filter = ref<Filter>({ ...ANY })
  const sort = ref<Sort>('TITLE')
  const dances = ref<Schemas['ListedDance'][]>([])
  const all = ref<number>()
  const found = ref(0)
  const { problem, loading, run } = useLatest()

  const askFor = (from: number) =>
    run(async (isWanted) => {
      // What is empty is not asked for: an address that says less is remembered for longer.
      const narrowed = Object.fromEntries(
        Object.entries(filter.value).filter(([, wanted]) => wanted !== '' && wanted !== undefined),
      )
      const query = { ...narrowed, sort: sort.value, from, most: PAGE }
      const page = await ask(api.GET('/api/dances/list', { params: { query } }))
      if (!isWanted()) return
      dances.value = from === 0 ? page.dances : [...dances.value, ...page.dances]
      all.value = page.all
      found.value = page.found
    })

  const load = () => askFor(0)
  /** The next page, where there is one and none is on its way. */
  async function more() {
    if (!loading.value && dances.value.length < found.value) await askFor(dances.value.length)
  }

  watch(filter, useDebounceFn(load, TYPING_MS), { deep: true })
  watch(sort, load)

  const narrowed = computed(() => JSON.stringify(filter.value) !== JSON.stringify(ANY))
  const clear = () => (filter.value = { ...ANY })
  return { filter, sort, dances, all, found, problem, loading, narrowed, load, more, clear }
}
