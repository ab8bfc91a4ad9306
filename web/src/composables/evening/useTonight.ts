import { ref, watch, type Ref } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import { reaching } from '@/domain/evening'
import { keptAs, useEvening } from '@/composables/evening/useEvening'
import { useKept } from '@/composables/device/useKept'

/**
 * Notes by itself what a run-through or a teach of a class reached: on this device at once, and for
 * colleagues where the server answers. The log of the class begins with it. A class that is still to
 * come is only rehearsed, and nothing is noted of it.
 */
export function useTonight(classId: Ref<number | undefined>) {
  const evening = useEvening(classId)
  const noted = ref('')
  const { data: sheet, load } = useKept(
    () => keptAs('class-copy', classId.value),
    () => ask(api.GET('/api/classes/{id}', { params: { path: { id: classId.value ?? 0 } } })),
  )
  watch(classId, (id) => (id ? load() : undefined), { immediate: true })

  async function note(form: Schemas['NotedForm'], words: string) {
    if (!classId.value || !sheet.value?.canRecord) return
    const taught = form.happened === 'TAUGHT' || form.happened === 'INTRODUCED'
    evening.value = reaching(evening.value, { dance: form.dance, taught, note: form })
    noted.value = `Noted for the log: ${words}.`
    try {
      const path = { id: classId.value }
      await ask(api.POST('/api/classes/{id}/noted', { params: { path }, body: form }))
    } catch {
      // It stands on this device, where the log begins with it.
    }
  }

  return { note, noted }
}
