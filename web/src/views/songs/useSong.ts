import { computed, ref, type Ref } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import { useVersioned, type Stored } from '@/composables/page/useVersioned'
import { propose } from '@/composables/together/usePropose'
import { mergeFields } from '@/domain/merge'
import { minutesSeconds } from '@/domain/time'

type Card = Schemas['SongCard']
/** What is entered of a song, as it is typed. */
export type SongEntry = Omit<Schemas['SongDraft'], 'version'>

export const NEW_SONG: SongEntry = {
  title: '',
  artist: '',
  bpm: '',
  countRate: '1',
  length: '',
  intro: '',
  meter: '4/4',
  style: '',
  phrases: '',
  location: '',
  explicitWords: false,
}

/** A song of the list, as one would type it. */
export function entryOf({ song, ...card }: Card): SongEntry {
  return {
    title: song.title,
    artist: song.artist ?? '',
    bpm: song.bpm == null ? '' : String(song.bpm),
    countRate: song.countRate,
    length: song.seconds == null ? '' : minutesSeconds(song.seconds),
    intro: card.intro == null ? '' : String(card.intro),
    meter: card.meter === 'THREE' ? '3/4' : '4/4',
    style: card.style ?? '',
    phrases: card.phrases,
    location: card.location ?? '',
    explicitWords: card.explicitWords,
  }
}

const stored = (view: Card): Stored<SongEntry, Card> => ({
  version: view.version,
  value: entryOf(view),
  view,
  by: view.updatedBy.name,
})

/** A song that is being read and entered. */
export function useSong() {
  const id = ref<number>()
  const entry = useVersioned<SongEntry, Card>({
    key: () => `song-entry-${id.value ?? 'new'}`,
    load: async () =>
      id.value === undefined
        ? undefined
        : stored(await ask(api.GET('/api/songs/{id}', { params: { path: { id: id.value } } }))),
    fresh: () => NEW_SONG,
    save: async (value, version) => {
      const body = { ...value, version }
      if (id.value !== undefined) {
        return stored(await ask(api.PUT('/api/songs/{id}', { params: { path: { id: id.value } }, body })))
      }
      const now = stored(await ask(api.POST('/api/songs', { body })))
      entry.forget()
      id.value = now.view.id
      return now
    },
    merge: mergeFields,
  })
  const card: Ref<Card | undefined> = computed(() => entry.stored.value?.view)

  async function open(which: number | undefined) {
    id.value = which
    await entry.open()
  }

  /** Proposes what was entered to the instructors; then the song is again as it is saved. */
  async function proposeIt() {
    const now = entry.stored.value
    if (!now) return
    const [base, content] = [JSON.stringify(now.value), JSON.stringify(entry.value.value)]
    if (await propose('SONG', now.view.id, now.version, base, content)) entry.discard()
  }

  async function bringBack(to: number) {
    if (!card.value) return
    const path = { id: card.value.id }
    const body = { to, version: card.value.version }
    entry.take(stored(await ask(api.POST('/api/songs/{id}/bring-back', { params: { path }, body }))))
  }

  async function remove() {
    if (!card.value) return
    const { id: gone, version } = card.value
    await ask(api.DELETE('/api/songs/{id}', { params: { path: { id: gone }, query: { version } } }))
    entry.forget()
  }

  return { id, card, entry, open, proposeIt, bringBack, remove }
}
