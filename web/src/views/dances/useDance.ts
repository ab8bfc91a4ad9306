import { watchDebounced } from '@vueuse/core'
import { computed, ref } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import { useLatest } from '@/composables/page/useLatest'
import { propose } from '@/composables/together/usePropose'
import { useVersioned, type Stored } from '@/composables/page/useVersioned'
import { mergeText } from '@/domain/merge'

type Sheet = Schemas['DanceSheet']
const CHECK_AFTER_MS = 250

const FIRST_TEXT = `title: 
level: beginner
counts: 32
walls: 4
start: weight L
intro: 16

section 1
1-4    vine R, touch L
5-8    
`

function stored(view: Sheet): Stored<string, Sheet> {
  // The editor counts a line's end as one character, and so must every place in the text.
  return {
    version: view.version,
    value: view.stepText.replace(/\r\n?/g, '\n'),
    view,
    by: view.updatedBy.name,
  }
}

/** A dance that is being read and written: its text, and the newest reading of it. */
export function useDance() {
  const id = ref<number>()
  const reading = ref<Schemas['Reading']>()
  /** The text that the reading was made from. */
  const readText = ref('')
  const { problem: trouble, loading: checking, run } = useLatest()

  const key = () => `dance-${id.value ?? 'new'}`
  const text = useVersioned<string, Sheet>({
    key,
    load: async () =>
      id.value === undefined
        ? undefined
        : stored(await ask(api.GET('/api/dances/{id}', { params: { path: { id: id.value } } }))),
    fresh: () => FIRST_TEXT,
    save: async (stepText, version) => {
      const now = stored(
        id.value === undefined
          ? await ask(api.POST('/api/dances', { body: { stepText } }))
          : await ask(
              api.PUT('/api/dances/{id}', {
                params: { path: { id: id.value } },
                body: { stepText, version },
              }),
            ),
      )
      if (id.value === undefined) {
        text.forget()
        id.value = now.view.id
      }
      return now
    },
    merge: mergeText,
  })
  const sheet = computed(() => text.stored.value?.view)

  async function open(which: number | undefined) {
    id.value = which
    reading.value = undefined
    await text.open()
    if (!text.problem.value) await check()
  }

  const check = () =>
    run(async (isWanted) => {
      const stepText = text.value.value
      const found = await ask(api.POST('/api/writing/check', { body: { stepText } }))
      if (!isWanted()) return
      reading.value = found
      readText.value = stepText
    })
  watchDebounced(text.value, check, { debounce: CHECK_AFTER_MS })

  /** Takes a text that was not typed, and reads it at once. */
  async function take(now: string) {
    text.value.value = now
    await check()
  }

  /** Proposes what was written to the instructors; then the text is again as it is saved. */
  async function proposeIt() {
    const now = text.stored.value
    if (!now) return
    if (await propose('DANCE', now.view.id, now.version, now.value, text.value.value)) text.discard()
  }

  async function bringBack(to: number) {
    if (id.value === undefined || !sheet.value) return
    const path = { id: id.value }
    const body = { to, version: sheet.value.version }
    text.take(stored(await ask(api.POST('/api/dances/{id}/bring-back', { params: { path }, body }))))
    await check()
  }

  async function remove() {
    const now = sheet.value
    if (!now) return
    const query = { version: now.version }
    await ask(api.DELETE('/api/dances/{id}', { params: { path: { id: now.id }, query } }))
    text.forget()
  }

  return {
    id,
    sheet,
    reading,
    readText,
    trouble,
    checking,
    text,
    open,
    check,
    take,
    proposeIt,
    bringBack,
    remove,
  }
}
