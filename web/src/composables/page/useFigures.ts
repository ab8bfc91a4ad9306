import { ref } from 'vue'
import { api, ask, type Schemas } from '@/api/client'

export type Figure = Schemas['FigureSheet']

const figures = ref<Figure[]>([])
let loading: Promise<void> | undefined

/** The figure book as the club uses it; loaded once, and again after it has changed. */
export function useFigures() {
  async function load() {
    figures.value = await ask(api.GET('/api/figures'))
  }
  function ready(): Promise<void> {
    loading ??= load().catch(() => {
      loading = undefined
    })
    return loading
  }
  void ready()

  /** The figure with this name or synonym. */
  function find(name: string): Figure | undefined {
    const wanted = name.toLowerCase()
    return figures.value.find((figure) => figure.names.includes(wanted))
  }

  return { figures, find, reload: load, ready }
}
