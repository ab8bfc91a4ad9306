import { useRouter } from 'vue-router'
import { api, ask, type Schemas } from '@/api/client'
import { useDo } from '@/composables/page/useDo'

/** Plans the next class of a group, and goes to it. */
export function usePlanClass() {
  const router = useRouter()
  const { busy, run } = useDo()

  async function plan(of: Schemas['Coming']) {
    const body = { group: of.group, date: of.nextDate, minutes: of.minutes }
    let made: Schemas['ClassSheet'] | undefined
    if (await run(async () => (made = await ask(api.POST('/api/classes', { body }))))) {
      await router.push(`/classes/${made?.id}`)
    }
  }

  return { busy, plan }
}
