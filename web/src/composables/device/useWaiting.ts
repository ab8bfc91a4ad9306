import { useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, watch } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import { own } from '@/composables/device/own'
import { useLive } from '@/composables/together/useLive'
import { useLoad } from '@/composables/page/useLoad'
import { useSession } from '@/composables/people/useSession'

type Sheet = Schemas['ClassSheet']

/**
 * What waits for whoever is signed in, counted for the head of every page. Which version of a plan one
 * has read is kept on this device.
 */
export const useWaiting = defineStore('waiting', () => {
  const session = useSession()
  const seen = useLocalStorage<Record<string, number>>(() => own('plans-seen'), {})

  const { data, problem, loading, load } = useLoad(async () => {
    const [proposals, questions, agenda] = await Promise.all([
      ask(api.GET('/api/proposals')),
      ask(api.GET('/api/questions')),
      ask(api.GET('/api/classes')),
    ])
    const plans = agenda.coming.flatMap((one) => (one.planned ? [one.planned] : []))
    return { ...proposals, ...questions, plans }
  })

  const all = computed(() => {
    if (!data.value) return undefined
    const { plans, decided, ...rest } = data.value
    const led = plans.filter((one) => session.isMe(one.leader))
    return {
      ...rest,
      decided: session.isInstructor ? [] : decided,
      changed: led.filter((one) => seen.value[one.id] !== undefined && seen.value[one.id] < one.version),
      leaderless: plans.filter((one) => !one.leader && !one.recorded),
    }
  })
  const count = computed(() => {
    const now = all.value
    if (!now) return 0
    const proposals = session.isInstructor ? now.open.length : 0
    const leaderless = session.isInstructor ? now.leaderless.length : 0
    return proposals + leaderless + now.asked.length + now.changed.length
  })

  /** The plan has been read in this version. */
  function markSeen(sheet: Pick<Sheet, 'id' | 'version'>) {
    seen.value = { ...seen.value, [sheet.id]: sheet.version }
  }

  let soon: ReturnType<typeof setTimeout> | undefined
  useLive().listen((changed) => {
    if (!session.mayLead) return
    const matters = !changed || ['PROPOSAL', 'NOTE', 'CLASS', 'CALENDAR'].includes(changed.thing)
    if (!matters) return
    clearTimeout(soon)
    soon = setTimeout(() => void load(), 500)
  })
  watch(
    () => session.mayLead && session.name,
    (now) => now && void load(),
    { immediate: true },
  )

  return { all, problem, loading, load, count, markSeen }
})
