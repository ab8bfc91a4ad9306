import { ref } from 'vue'

/**
 * Runs what a later run may overtake: of several that are under way only the last one counts, and says
 * whether it goes on and, in words, what went wrong.
 */
export function useLatest() {
  const problem = ref('')
  const loading = ref(false)
  let asked = 0

  /**
   * Whether it was the last one when it ended.
   *
   * @param act is told by its argument, after each wait, whether what it does is still wanted
   */
  async function run(act: (isWanted: () => boolean) => Promise<void>): Promise<boolean> {
    const mine = ++asked
    const isWanted = () => mine === asked
    loading.value = true
    try {
      await act(isWanted)
      if (isWanted()) problem.value = ''
    } catch (e) {
      if (isWanted()) problem.value = (e as Error).message
    } finally {
      if (isWanted()) loading.value = false
    }
    return isWanted()
  }

  /** What is under way is not wanted any more. */
  function drop() {
    asked++
    loading.value = false
  }

  return { problem, loading, run, drop }
}
