import { ref } from 'vue'
import { sayDone, sayFailed } from '@/composables/page/say'

/** Does one thing at a time for a button, and says in words when it cannot be done. */
export function useDo() {
  const busy = ref(false)

  async function run(action: () => Promise<unknown>, done = ''): Promise<boolean> {
    if (busy.value) return false
    busy.value = true
    try {
      await action()
      if (done) sayDone(done)
      return true
    } catch (e) {
      sayFailed((e as Error).message)
      return false
    } finally {
      busy.value = false
    }
  }

  /**
   * Saves something that several people edit. Whether it is saved: not where it failed, and not where
   * a colleague was faster, which the page shows to be settled first.
   */
  async function save(of: { save: () => Promise<object | undefined> }, done = 'Saved.'): Promise<boolean> {
    let saved = false
    await run(async () => (saved = (await of.save()) !== undefined))
    if (saved && done) sayDone(done)
    return saved
  }

  return { busy, run, save }
}
