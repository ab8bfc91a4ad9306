import { useLocalStorage } from '@vueuse/core'
import { computed, ref, watch, type Ref } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import { own } from '@/composables/device/own'

/** What a run-through reached that belongs to no class, until it stands in the group's record. */
interface Reached {
  /** By this word it is written once, however often it has to be sent. */
  key: string
  group: number
  body: Omit<Schemas['EntryForm'], 'date' | 'key' | 'note'>
}

/**
 * A run-through with a group. Where the group has a class today, it is that class's; else what was reached
 * is written into the group's record when somebody says so: at the kitchen table nobody has danced.
 */
export function useGroupRun(group: Ref<number | undefined>, given: Ref<number | undefined>) {
  const today = ref<number>()
  const name = ref('')
  const date = ref('')
  const kept = useLocalStorage<Reached | null>(() => own('run-reached'), null, {
    serializer: { read: (text) => JSON.parse(text), write: (it) => JSON.stringify(it) },
  })
  const said = ref('')
  const classId = computed(() => given.value ?? today.value)
  const waiting = computed(() => (kept.value && kept.value.group === group.value ? kept.value : undefined))

  watch(
    group,
    async (of) => {
      today.value = undefined
      if (of === undefined || given.value !== undefined) return
      try {
        const agenda = await ask(api.GET('/api/classes'))
        date.value = agenda.today
        const own = agenda.coming.find((one) => one.group === of)
        name.value = own?.groupName ?? ''
        const planned = own?.planned
        if (planned && planned.date === agenda.today && planned.canRecord) today.value = planned.id
      } catch {
        // Without the agenda it is kept until somebody writes it down.
      }
    },
    { immediate: true },
  )

  function reached(body: Reached['body']) {
    if (group.value === undefined) return
    const key = waiting.value?.body.dance === body.dance ? waiting.value.key : crypto.randomUUID()
    kept.value = { key, group: group.value, body }
    said.value = ''
  }

  async function write(): Promise<void> {
    const it = waiting.value
    if (!it || !date.value) return
    try {
      const body = { ...it.body, date: date.value, note: '', key: it.key }
      await ask(api.POST('/api/groups/{id}/record', { params: { path: { id: it.group } }, body }))
      // Something else may have been reached meanwhile.
      if (kept.value?.key === it.key) kept.value = null
      said.value = `It stands in ${name.value || 'the group'}’s record.`
    } catch (e) {
      said.value = `${(e as Error).message} It is kept here; write it again later.`
    }
  }

  return { classId, name, waiting, said, reached, write }
}
