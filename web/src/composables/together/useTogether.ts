import { watch, type Ref } from 'vue'
import type { Thing } from '@/api/live'
import { sayNotice } from '@/composables/page/say'
import { useChanges } from '@/composables/together/useLive'
import { useReach } from '@/composables/device/useReach'

interface Shared {
  catchUp: (by?: string) => Promise<'same' | 'taken' | 'together' | 'clash'>
  sendAgain: () => Promise<void>
  cameFrom: Ref<string>
}

/**
 * Keeps something that is open in step with what colleagues save: it comes in at once, and what could
 * not be sent is sent once the server answers again.
 */
export function useTogether(
  of: Shared,
  things: Thing[],
  id: () => number | undefined,
  taken: () => unknown = () => undefined,
): void {
  async function inStep(by?: string) {
    try {
      await of.sendAgain()
      const how = await of.catchUp(by)
      if (how === 'same') return
      if (how !== 'clash') {
        const together = how === 'together' ? '; yours is there as well' : ''
        sayNotice(`${of.cameFrom.value || 'Somebody'} has just changed this${together}.`)
      }
      await taken()
    } catch {
      // The server is away; it is caught up with when it is back.
    }
  }
  useChanges(things, id, (by) => void inStep(by))
  const { away } = useReach()
  watch(away, (now) => {
    if (!now) void inStep()
  })
}
