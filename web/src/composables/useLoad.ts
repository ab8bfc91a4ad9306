import { ref, type Ref } from 'vue'

export interface Loaded<T> {
  data: Ref<T | undefined>
  problem: Ref<string>
  loading: Ref<boolean>
  load: () => Promise<void>
}

/** Loads something for a page, says so while it lasts, and keeps what went wrong in words. */
export function useLoad<T>(fetch: () => Promise<T>): Loaded<T> {
  const data = ref<T>() as Ref<T | undefined>
  const problem = ref('')
  const loading = ref(false)
  let asked = 0
  let latest = Promise.resolve()

  async function begin(mine: number) {
    loading.value = true
    try {
      const found = await fetch()
      if (mine === asked) {
        data.value = found
        problem.value = ''
      }
    } catch (e) {
      if (mine === asked) problem.value = (e as Error).message
    } finally {
      if (mine === asked) loading.value = false
    }
    // Whoever waits for a load that another one has overtaken waits for that one.
    if (mine !== asked) await latest
  }

  function load() {
    latest = begin(++asked)
    return latest
  }

  return { data, problem, loading, load }
}
