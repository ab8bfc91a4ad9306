import { useRouter } from 'vue-router'
import { useSession } from '@/composables/people/useSession'

/** Ends the session on this device, and goes to the door. */
export function useSignOut() {
  const router = useRouter()
  const session = useSession()
  return async () => {
    await session.end()
    await router.push('/sign-in')
  }
}
