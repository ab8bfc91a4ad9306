import { computed, ref } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import { useDo } from '@/composables/page/useDo'
import { sayFailed } from '@/composables/page/say'

export type Find = Schemas['FindView']
type BroughtFile = Schemas['BroughtFile']

/** Bytes of all files that come at once. */
export const MOST_BYTES = 11_500_000
const PIECE = 0x8000

/** What is in a file, as it travels. */
async function brought(file: File): Promise<BroughtFile> {
  const bytes = new Uint8Array(await file.arrayBuffer())
  let letters = ''
  for (let at = 0; at < bytes.length; at += PIECE) {
    letters += String.fromCharCode(...bytes.subarray(at, at + PIECE))
  }
  return { name: file.name, base64: btoa(letters) }
}

/** What a list says of itself: words to find it by, and how it stands to what the club has. */
export const STATES: Record<Find['state'], string> = {
  NEW: 'new',
  CHANGED: 'filled in',
  SAME: 'known',
  CONFLICT: 'differs',
  UNREADABLE: 'not read',
}

/** Files that are brought: looked at, chosen from, taken in. */
export function useImport() {
  const { busy, run } = useDo()
  const files = ref<BroughtFile[]>([])
  const look = ref<Schemas['LookView']>()
  const chosen = ref(new Set<number>())
  const reading = ref(0)
  const problem = ref('')
  let stop: AbortController | undefined

  const found = computed(() => look.value?.found ?? [])
  const refused = computed(() => (look.value?.files ?? []).filter((one) => one.readAs === 'NOTHING'))

  async function show(wanted: BroughtFile[]) {
    stop = new AbortController()
    const signal = stop.signal
    try {
      const seen = await ask(api.POST('/api/imports/look', { body: { files: wanted }, signal }))
      look.value = seen
      files.value = wanted
      chosen.value = new Set(seen.found.filter((one) => one.wise && one.takes).map((one) => one.number))
    } catch (e) {
      if (!signal.aborted) problem.value = (e as Error).message
    } finally {
      reading.value = 0
    }
  }

  async function read(given: File[]) {
    problem.value = ''
    const bytes = given.reduce((sum, one) => sum + one.size, 0)
    if (bytes > MOST_BYTES) {
      problem.value = `These are ${Math.ceil(bytes / 1_000_000)} MB; up to 11 MB come at once. Bring some of them, then the rest.`
      return
    }
    if (!given.length) return
    reading.value = given.length
    leave()
    try {
      await show(await Promise.all(given.map(brought)))
    } catch {
      reading.value = 0
      problem.value = 'One of these cannot be opened; if it is a folder, pack it as a zip file first.'
    }
  }

  function cancel() {
    stop?.abort()
    reading.value = 0
  }

  function leave() {
    look.value = undefined
    files.value = []
    chosen.value = new Set()
  }

  function choose(numbers: number[], take: boolean) {
    const now = new Set(chosen.value)
    for (const number of numbers) {
      if (take) now.add(number)
      else now.delete(number)
    }
    chosen.value = now
  }

  /** Takes what is chosen; what came, or nothing where it could not be done. */
  async function take(): Promise<Schemas['ImportView'] | undefined> {
    let taken: Schemas['ImportView'] | undefined
    const wanted = found.value
      .filter((one) => chosen.value.has(one.number))
      .map(({ number, title, state }) => ({ number, title, state }))
    const done = await run(async () => {
      taken = await ask(api.POST('/api/imports', { body: { files: files.value, chosen: wanted } }))
    })
    if (done) leave()
    else if (files.value.length) await again()
    return taken
  }

  /** Looks once more, at what the club has by now. */
  async function again() {
    const before = chosen.value
    await show(files.value)
    chosen.value = new Set([...chosen.value].filter((one) => before.has(one)))
    if (problem.value) sayFailed(problem.value)
  }

  return { busy, look, found, refused, chosen, reading, problem, read, cancel, leave, choose, take }
}
