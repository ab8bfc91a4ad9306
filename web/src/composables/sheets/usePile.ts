import { computed, ref, shallowRef, watch } from 'vue'
import { api, ask, asFile, type Schemas } from '@/api/client'
import { own, useOwner } from '@/composables/device/own'

type SheetView = Schemas['SheetView']

/** A sheet that waits to be looked at, or has been. */
export interface PileSheet extends SheetView {
  key: number
  /** The file that it came from; empty where it was pasted. */
  file: string
  /** Numbers of lines that somebody has looked at and found right. */
  confirmed: number[]
  state: 'open' | 'kept' | 'left'
  /** The dance that it became. */
  dance?: number
}

const KEY = 'sheets'
const MOST_FILE = 4 * 1024 * 1024

function stored(): PileSheet[] {
  try {
    return JSON.parse(localStorage.getItem(own(KEY)) ?? '[]') as PileSheet[]
  } catch {
    return []
  }
}

const sheets = ref<PileSheet[]>([])
const at = ref(0)
const progress = shallowRef<{ done: number; all: number; name: string }>()
const problems = ref<string[]>([])
let stopped = false

/** Whoever signs in finds their own pile. */
watch(
  useOwner(),
  () => {
    sheets.value = stored()
    at.value = Math.max(
      0,
      sheets.value.findIndex((one) => one.state === 'open'),
    )
  },
  { immediate: true, flush: 'sync' },
)

watch(
  sheets,
  (now) => {
    try {
      if (now.length) localStorage.setItem(own(KEY), JSON.stringify(now))
      else localStorage.removeItem(own(KEY))
    } catch {
      // The browser's store is full: the sheets are kept until this page is closed.
    }
  },
  { deep: true },
)

async function take(text: string, file: string): Promise<number> {
  const read = await ask(api.POST('/api/sheets/read', { body: { text } }))
  const first = sheets.value.length
  for (const sheet of read.sheets) {
    const key = Math.max(0, ...sheets.value.map((one) => one.key)) + 1
    sheets.value.push({ ...sheet, key, file, confirmed: [], state: 'open' })
  }
  if (read.sheets.length === 0) problems.value.push(`${file || 'What was pasted'}: there is nothing to read.`)
  else if (current.value?.state !== 'open') at.value = first
  return read.sheets.length
}

const current = computed<PileSheet | undefined>(() => sheets.value[at.value])

/** Printed sheets that were pasted or dropped: read, looked through one by one, kept as dances. */
export function usePile() {
  /** Reads a text that was pasted. */
  async function paste(text: string) {
    problems.value = []
    const first = sheets.value.length
    if (await take(text, '')) at.value = first
  }

  /** Reads files one after the other; those that cannot be read are named, the rest goes on. */
  async function drop(files: File[]) {
    problems.value = []
    stopped = false
    for (const [done, file] of files.entries()) {
      if (stopped) break
      progress.value = { done, all: files.length, name: file.name }
      try {
        await take(await textOf(file), file.name)
      } catch (e) {
        problems.value.push(`${file.name}: ${(e as Error).message}`)
      }
    }
    progress.value = undefined
  }

  function stop() {
    stopped = true
  }

  /** The next sheet that waits; where none does, the last one stays. */
  function next() {
    const waiting = sheets.value.findIndex((one, i) => i > at.value && one.state === 'open')
    const before = sheets.value.findIndex((one) => one.state === 'open')
    at.value = waiting >= 0 ? waiting : before >= 0 ? before : at.value
  }

  /** Keeps a sheet as a dance of the club, with what was printed beside it. */
  async function keep(sheet: PileSheet) {
    const source = sheet.lines.map((line) => line.text).join('\n')
    const dance = await ask(api.POST('/api/dances', { body: { stepText: sheet.stepText, sheet: source } }))
    sheet.state = 'kept'
    sheet.dance = dance.id
    next()
  }

  function leave(sheet: PileSheet) {
    sheet.state = sheet.state === 'left' ? 'open' : 'left'
    if (sheet.state === 'left') next()
  }

  function clear() {
    sheets.value = []
    at.value = 0
    problems.value = []
  }

  return { sheets, at, current, progress, problems, paste, drop, stop, next, keep, leave, clear }
}

async function textOf(file: File): Promise<string> {
  if (file.size > MOST_FILE) throw new Error('it is larger than 4 MB.')
  const answer = await ask(api.POST('/api/sheets/file', asFile(await file.arrayBuffer())))
  return answer.text
}

/** Whether a text looks like more than a line that somebody pastes while writing. */
export function looksLikeSheet(text: string): boolean {
  return text.trim().split('\n').length >= 4
}

/** Whether another sheet of the pile has the same title. */
export function twin(all: PileSheet[], sheet: PileSheet): boolean {
  const title = sheet.title.toLowerCase()
  return all.some((one) => one.key !== sheet.key && one.state !== 'left' && one.title.toLowerCase() === title)
}

/** Lines of a sheet that are still to be looked at. */
export function toLookAt(sheet: PileSheet): Schemas['SheetLineView'][] {
  return sheet.lines.filter((line) => line.remarks.length > 0 && !sheet.confirmed.includes(line.number))
}
