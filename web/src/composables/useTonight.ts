import { useLocalStorage } from '@vueuse/core'
import { ref, type Ref } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import { fresh, reaching, type Evening } from '@/domain/evening'

/**
 * Notes by itself what a run-through or a teach of a class reached: on this device at once, and for
 * colleagues where the server answers. The log of the class begins with it.
 */
export function useTonight(group: Ref<number | undefined>, classId: Ref<number | undefined>) {
  const evening = useLocalStorage<Evening>(() => `ulna-evening-${classId.value ?? 0}`, fresh())
  const noted = ref('')

  async function note(form: Schemas['NotedForm'], words: string) {
    if (!classId.value || !group.value) return
    const taught = form.happened === 'TAUGHT' || form.happened === 'INTRODUCED'
    evening.value = reaching(evening.value, { dance: form.dance, taught, note: form })
    noted.value = `Noted for the log: ${words}.`
    try {
      const path = { id: group.value }
      await ask(api.POST('/api/groups/{id}/noted', { params: { path }, body: form }))
    } catch {
      // It stands on this device, where the log begins with it.
    }
  }

  return { note, noted }
}
