import { ref, type Ref } from 'vue'
import { useLatest } from '@/composables/page/useLatest'

export interface Loaded<T> {
  data: Ref<T | undefined>
  problem: Ref<string>
  loading: Ref<boolean>
  load: () => Promise<void>
}

/** Loads something for a page, says so while it lasts, and keeps what went wrong in words. */
export function useLoad<T>(fetch: () => Promise<T>): Loaded<T> {
  const data = ref<T>() as Ref<T | undefined>
  const { problem, loading, run } = useLatest()
  let latest = Promise.resolve()

  function load() {
    const mine = run(async (isWanted) => {
      const found = await fetch()
      if (isWanted()) data.value = found
    })
    // Whoever waits for a load that another one has overtaken waits for that one.
    latest = mine.then((wasLast) => (wasLast ? undefined : latest))
    return latest
  }

  return { data, problem, loading, load }
}
