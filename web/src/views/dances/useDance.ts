import { computed, ref, watch } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import { useDraft } from '@/composables/useDraft'

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

/** A dance that is being read and written: its text, and the newest reading of it. */
export function useDance() {
  const sheet = ref<Schemas['DanceSheet']>()
  const text = ref('')
  const saved = ref('')
  const reading = ref<Schemas['Reading']>()
  /** The text that the reading was made from. */
  const readText = ref('')
  const problem = ref('')
  const checking = ref(false)
  const id = ref<number>()
  const draft = useDraft(() => `ulna-draft-${id.value ?? 'new'}`, text, saved)
  const changed = computed(() => text.value !== saved.value)

  async function open(which: number | undefined) {
    id.value = which
    problem.value = ''
    try {
      if (which === undefined) {
        sheet.value = undefined
        saved.value = FIRST_TEXT
      } else {
        sheet.value = await ask(api.GET('/api/dances/{id}', { params: { path: { id: which } } }))
        // The editor counts a line's end as one character, and so must every place in the text.
        saved.value = sheet.value.stepText.replace(/\r\n?/g, '\n')
        reading.value = sheet.value.reading
      }
      text.value = saved.value
      draft.restore()
      await check()
    } catch (e) {
      problem.value = (e as Error).message
    }
  }

  let asked = 0
  async function check() {
    const mine = ++asked
    const stepText = text.value
    checking.value = true
    try {
      const found = await ask(api.POST('/api/dances/check', { body: { stepText } }))
      if (mine === asked) {
        reading.value = found
        readText.value = stepText
        problem.value = ''
      }
    } catch (e) {
      if (mine === asked) problem.value = (e as Error).message
    } finally {
      if (mine === asked) checking.value = false
    }
  }

  let timer = 0
  watch(text, () => {
    window.clearTimeout(timer)
    timer = window.setTimeout(check, CHECK_AFTER_MS)
  })

  /** Takes a text that was not typed, and reads it at once. */
  async function take(now: string) {
    text.value = now
    await check()
  }

  /** Saves the text; answers the dance's number. */
  async function save(): Promise<number> {
    const body = { stepText: text.value }
    const now = sheet.value
    const stored = now
      ? await ask(
          api.PUT('/api/dances/{id}', {
            params: { path: { id: now.id } },
            body: { ...body, version: now.version },
          }),
        )
      : await ask(api.POST('/api/dances', { body }))
    localStorage.removeItem(`ulna-draft-${id.value ?? 'new'}`)
    sheet.value = stored
    id.value = stored.id
    saved.value = stored.stepText
    draft.restored.value = false
    return stored.id
  }

  async function remove() {
    const now = sheet.value
    if (!now) return
    await ask(
      api.DELETE('/api/dances/{id}', { params: { path: { id: now.id }, query: { version: now.version } } }),
    )
  }

  return { sheet, text, reading, readText, take, problem, checking, changed, draft, open, save, remove, id }
}
