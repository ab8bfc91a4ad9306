import { useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, watch } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import { own } from '@/composables/device/own'
import { useLive } from '@/composables/together/useLive'
import { useLoad } from '@/composables/page/useLoad'
import { useSession } from '@/composables/people/useSession'

type Sheet = Schemas['ClassSheet']

const NO_PROPOSALS: Schemas['ProposalList'] = { open: [], decided: [] }
const NO_QUESTIONS: Schemas['QuestionList'] = { asked: [], answered: [] }

/**
 * What waits for whoever is signed in, counted for the head of every page. Which version of a plan one
 * has read is kept on this device.
 */
export const useWaiting = defineStore('waiting', () => {
  const session = useSession()
  const seen = useLocalStorage<Record<string, number>>(() => own('plans-seen'), {})

  const { data, problem, loading, load } = useLoad(async () => {
    const [proposals, questions, agenda] = await Promise.all([
      session.may('PROPOSE') ? ask(api.GET('/api/proposals')) : NO_PROPOSALS,
      session.may('LEAD') ? ask(api.GET('/api/questions')) : NO_QUESTIONS,
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
      decided: decided.filter((one) => session.isMe(one.by)),
      changed: led.filter((one) => seen.value[one.id] !== undefined && seen.value[one.id] < one.version),
      leaderless: plans.filter((one) => !one.leader && !one.recorded),
    }
  })
  const count = computed(() => {
    const now = all.value
    if (!now) return 0
    const proposals = now.open.filter((one) => one.decides).length
    const leaderless = session.may('LEAD') && session.may('EVERY_CLASS') ? now.leaderless.length : 0
    return proposals + leaderless + now.asked.length + now.changed.length
  })

  /** The plan has been read in this version. */
  function markSeen(sheet: Pick<Sheet, 'id' | 'version'>) {
    seen.value = { ...seen.value, [sheet.id]: sheet.version }
  }

  let soon: ReturnType<typeof setTimeout> | undefined
  useLive().listen((changed) => {
    if (!session.isAsked) return
    const matters = !changed || ['PROPOSAL', 'NOTE', 'CLASS', 'CALENDAR'].includes(changed.thing)
    if (!matters) return
    clearTimeout(soon)
    soon = setTimeout(() => void load(), 500)
  })
  watch(
    () => session.isAsked && session.name,
    (now) => now && void load(),
    { immediate: true },
  )

  return { all, problem, loading, load, count, markSeen }
})
