import { ref } from 'vue'
import { api, ask, Refusal, type Schemas } from '@/api/client'

type Line = Schemas['LineView']
type Form = Schemas['LineForm']

export function formOf(line: Line): Form {
  return { id: line.id, minutes: line.minutes, kind: line.kind, dance: line.dance, title: line.title }
}

/** A class: its running order, which every change saves at once, and steps back. */
export function useClass(id: () => number) {
  const sheet = ref<Schemas['ClassSheet']>()
  const problem = ref('')
  const loading = ref(false)
  const undoable = ref<{ minutes: number; lines: Form[] }[]>([])

  async function load() {
    loading.value = true
    try {
      sheet.value = await ask(api.GET('/api/classes/{id}', { params: { path: { id: id() } } }))
      problem.value = ''
    } catch (e) {
      problem.value = (e as Error).message
    } finally {
      loading.value = false
    }
  }

  async function send(lines: Form[], minutes: number, version: number) {
    try {
      sheet.value = await ask(
        api.PUT('/api/classes/{id}', { params: { path: { id: id() } }, body: { version, minutes, lines } }),
      )
    } catch (e) {
      if (e instanceof Refusal && e.status === 409) {
        await load()
        undoable.value = []
      }
      throw e
    }
  }

  /** Saves a changed running order; the one before can be had back. */
  async function change(lines: Form[], minutes?: number) {
    const now = sheet.value
    if (!now) return
    const before = { minutes: now.minutes, lines: now.lines.map(formOf) }
    await send(lines, minutes ?? now.minutes, now.version)
    undoable.value.push(before)
  }

  async function undo() {
    const now = sheet.value
    const before = undoable.value.pop()
    if (now && before) await send(before.lines, before.minutes, now.version)
  }

  async function planAnew() {
    const now = sheet.value
    if (!now) return
    const before = { minutes: now.minutes, lines: now.lines.map(formOf) }
    sheet.value = await ask(
      api.POST('/api/classes/{id}/plan', {
        params: { path: { id: id() } },
        body: { version: now.version, minutes: now.minutes },
      }),
    )
    undoable.value.push(before)
  }

  async function record(note: string, lines: Schemas['DancedForm'][]) {
    const now = sheet.value
    if (!now) return
    sheet.value = await ask(
      api.POST('/api/classes/{id}/record', {
        params: { path: { id: id() } },
        body: { version: now.version, note, lines },
      }),
    )
    undoable.value = []
  }

  async function takeBack() {
    const now = sheet.value
    if (!now) return
    sheet.value = await ask(
      api.DELETE('/api/classes/{id}/record', {
        params: { path: { id: id() }, query: { version: now.version } },
      }),
    )
  }

  async function remove() {
    const now = sheet.value
    if (!now) return
    await ask(
      api.DELETE('/api/classes/{id}', { params: { path: { id: id() }, query: { version: now.version } } }),
    )
  }

  return { sheet, problem, loading, undoable, load, change, undo, planAnew, record, takeBack, remove }
}
