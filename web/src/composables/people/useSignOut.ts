import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { dropAll, unsentOf, useOwner, type Unsent } from '@/composables/device/own'
import { useOutbox } from '@/composables/device/useOutbox'
import { useSession } from '@/composables/people/useSession'

const asking = ref(false)
const unsent = ref<Unsent[]>([])

function look(): void {
  const now = useOwner().value
  unsent.value = now ? unsentOf(now) : []
}

function useEnd() {
  const router = useRouter()
  const session = useSession()
  return async () => {
    await session.end()
    asking.value = false
    await router.push('/sign-in')
  }
}

/** Ends the session on this device, and goes to the door; asks first where something is unsent. */
export function useSignOut() {
  const end = useEnd()
  return async () => {
    look()
    if (unsent.value.length) asking.value = true
    else await end()
  }
}

/** What is asked of somebody who signs out with something unsent. */
export function useLeaving() {
  const end = useEnd()
  const outbox = useOutbox()

  /** Sends what can be sent from anywhere; what is left is asked of again. */
  async function send(): Promise<void> {
    await outbox.flush()
    look()
    if (unsent.value.length === 0) await end()
    else if (unsent.value.some((one) => one.waits)) {
      throw new Error('This is still here: the server does not answer, or does not take it as it is.')
    }
  }

  async function drop(): Promise<void> {
    const now = useOwner().value
    if (now) dropAll(now)
    await end()
  }

  const stay = () => void (asking.value = false)
  return { asking, unsent, stay, send, keep: end, drop }
}
