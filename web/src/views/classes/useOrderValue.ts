import { computed, ref, watch } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import { useLoad } from '@/composables/page/useLoad'

/** What the running order is worth, and what the last change of it cost. */
export function useOrderValue(id: () => number, version: () => number | undefined) {
  const { data, load } = useLoad(() =>
    ask(api.GET('/api/classes/{id}/value', { params: { path: { id: id() } } })),
  )
  const before = ref<Schemas['ValueView']>()

  watch(
    [id, version],
    async ([now, at], [then]) => {
      if (at === undefined) return
      before.value = now === then ? data.value : undefined
      await load()
    },
    { immediate: true },
  )

  const change = computed(() => {
    const [was, now] = [before.value, data.value]
    if (!was || !now || was === now) return undefined
    const broken = now.broken.filter((one) => !was.broken.includes(one))
    return { points: now.points - was.points, broken }
  })

  return { value: data, change }
}
