import { ref } from 'vue'
import { useRouter } from 'vue-router'

/** Goes in through the door: asks the server, leads on where it agrees, and says why where it does not. */
export function useEntry(ask: () => Promise<unknown>, onwards: () => string) {
  const router = useRouter()
  const problem = ref('')
  const busy = ref(false)

  async function enter() {
    problem.value = ''
    busy.value = true
    try {
      await ask()
      await router.replace(onwards())
    } catch (e) {
      problem.value = (e as Error).message
    } finally {
      busy.value = false
    }
  }

  return { problem, busy, enter }
}
