import { computed, onBeforeUnmount, ref } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import { useLoad } from '@/composables/page/useLoad'

const ASK_AGAIN = 700

/** A term, what a change of it would come to, and a plan of it that is being made. */
export function useTerm(id: () => number) {
  const path = () => ({ id: id() })
  const sheet = useLoad(() => ask(api.GET('/api/terms/{id}', { params: { path: path() } })))
  const job = ref<Schemas['JobView']>()
  const version = () => sheet.data.value?.version ?? 0
  let timer: ReturnType<typeof setTimeout> | undefined
  onBeforeUnmount(() => clearTimeout(timer))

  const take = (now: Schemas['TermSheet']) => (sheet.data.value = now)
  const form = (
    of: { group: number; dance: number },
    on: string | undefined,
    stays: boolean,
    insteadOf?: number,
  ) => ({
    insteadOf,
    group: of.group,
    dance: of.dance,
    on,
    stays,
    version: version(),
  })

  async function cost(of: { group: number; dance: number }, on: string | undefined) {
    return ask(api.POST('/api/terms/{id}/cost', { params: { path: path() }, body: form(of, on, true) }))
  }

  /** It starts on a day, or not at all; where it comes in another one's place, that one goes out. */
  async function start(
    of: { group: number; dance: number },
    on: string | undefined,
    stays: boolean,
    insteadOf?: number,
  ) {
    const body = form(of, on, stays, insteadOf)
    take(await ask(api.PUT('/api/terms/{id}/start', { params: { path: path() }, body })))
  }

  async function lead(group: number, on: string, leader: number | undefined) {
    const body = { group, on, leader, version: version() }
    take(await ask(api.PUT('/api/terms/{id}/leader', { params: { path: path() }, body })))
  }

  async function plan() {
    job.value = await ask(api.POST('/api/terms/{id}/plan', { params: { path: path() } }))
    again()
  }

  function again() {
    clearTimeout(timer)
    if (job.value?.running) timer = setTimeout(() => void look(), ASK_AGAIN)
  }

  async function look() {
    try {
      job.value = await ask(api.GET('/api/terms/{id}/plan', { params: { path: path() } }))
    } catch {
      // The server does not answer just now; a plan that is being made goes on there.
    }
    again()
  }

  async function stop() {
    job.value = await ask(api.DELETE('/api/terms/{id}/plan', { params: { path: path() } }))
    again()
  }

  async function takeOver(changes: number[]) {
    const body = { version: version(), changes }
    take(await ask(api.POST('/api/terms/{id}/plan/take', { params: { path: path() }, body })))
    job.value = undefined
  }

  /** From now on dances are to be known when they will be. */
  async function settle() {
    const body = { version: version() }
    take(await ask(api.POST('/api/terms/{id}/settle', { params: { path: path() }, body })))
  }

  const names = computed(() => new Map((sheet.data.value?.leaders ?? []).map((one) => [one.id, one.name])))
  return { ...sheet, job, cost, start, lead, plan, look, stop, takeOver, settle, names }
}
