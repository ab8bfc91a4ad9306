import { computed, ref } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import { useChanges } from '@/composables/together/useLive'
import { useLoad } from '@/composables/page/useLoad'
import type { Song } from './order'

/** A social: its order, a better one that is proposed, and how it goes on the evening. */
export function useSocial(id: () => number) {
  const path = () => ({ id: id() })
  const sheet = useLoad(() => ask(api.GET('/api/socials/{id}', { params: { path: path() } })))
  /** An order that is proposed and not taken yet. */
  const proposed = ref<Schemas['OrderView']>()
  const version = () => sheet.data.value?.version ?? 0
  const names = computed(() => new Map((sheet.data.value?.guests ?? []).map((one) => [one.group, one.name])))
  const take = (now: Schemas['SocialSheet']) => (sheet.data.value = now)
  useChanges(
    ['SOCIAL'],
    () => undefined,
    () => void sheet.load(),
  )

  /** The best of what is to come from so many seconds after the beginning on. */
  async function plan(now = 0) {
    const query = { now }
    proposed.value = await ask(api.POST('/api/socials/{id}/plan', { params: { path: path(), query } }))
  }

  async function order(songs: Song[]) {
    const body = { version: version(), songs }
    take(await ask(api.PUT('/api/socials/{id}/order', { params: { path: path() }, body })))
    proposed.value = undefined
  }

  async function play(song: Song, begun: number) {
    const body = { version: version(), song, begun }
    take(await ask(api.POST('/api/socials/{id}/play', { params: { path: path() }, body })))
    proposed.value = undefined
  }

  async function unplay() {
    const query = { version: version() }
    take(await ask(api.DELETE('/api/socials/{id}/play', { params: { path: path(), query } })))
  }

  async function record() {
    const query = { version: version() }
    take(await ask(api.POST('/api/socials/{id}/record', { params: { path: path(), query } })))
  }

  return { ...sheet, proposed, names, plan, order, play, unplay, record, take }
}
