import { computed, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, ask } from '@/api/client'
import { useLoad } from '@/composables/page/useLoad'

/** A dance with the music that the address names: ?song=list-12&optional=true. */
export function useWalls() {
  const route = useRoute()
  const router = useRouter()
  const id = computed(() => Number(route.params.id))
  const song = computed({
    get: () => (route.query.song as string | undefined) ?? '',
    set: (now: string) => void router.replace({ query: { ...route.query, song: now || undefined } }),
  })
  const optional = computed({
    get: () => route.query.optional === 'true',
    set: (now: boolean) =>
      void router.replace({ query: { ...route.query, optional: now ? 'true' : undefined } }),
  })
  const query = computed(() => ({ song: song.value || undefined, optional: optional.value }))
  /** The same choice for a link to a page beside. */
  const link = computed(() => {
    const parts = new URLSearchParams()
    if (song.value) parts.set('song', song.value)
    if (optional.value) parts.set('optional', 'true')
    const words = parts.toString()
    return words ? `?${words}` : ''
  })
  /** Back to the evening that led here; nothing where one came from the dance. */
  const evening = computed(() => {
    const from = Number(route.query.class)
    return from ? `/classes/${from}/floor` : undefined
  })
  const { data, problem, loading, load } = useLoad(() =>
    ask(api.GET('/api/dances/{id}/walls', { params: { path: { id: id.value }, query: query.value } })),
  )
  watch([id, query], load, { immediate: true })
  return { id, song, optional, query, link, evening, data, problem, loading, load }
}
