import { watchIgnorable } from '@vueuse/core'
import { del, get, set } from 'idb-keyval'
import { computed, ref, shallowRef, watch, type Ref } from 'vue'
import { runSong, type StretchNode } from '@/domain/run/song-run'
import { alongMarks, wrongMarks, type Mark, type TempoMap } from '@/domain/run/tempo-map'
import { ownPath } from '@/composables/device/own'
import type { Sound } from '@/composables/sound/useSound'

/** What this device keeps of a song for a dance; nothing of it is ever sent. */
interface Kept {
  name: string
  file: Blob
  marks: Mark[]
  countsAMinute: number
}

const MOST_BYTES = 80 * 1024 * 1024
const keyOf = (dance: number) => ownPath('song', dance)
/** Before songs had an owner. */
const EARLIER = (dance: number): IDBValidKey => ['own-song', dance]

/**
 * A song of one's own for a dance: a file that stays on this device, lined up by its tempo and its first
 * step, or by more marks where its tempo wanders; played at any speed with its pitch kept.
 *
 * @param dance which dance
 * @param usual counts a minute of the dance's song, where known
 */
export function useOwnMusic(dance: Ref<number>, usual: Ref<number | undefined>, sound: Sound) {
  const name = ref('')
  const problem = ref('')
  const busy = ref(false)
  const marks = ref<Mark[]>([])
  const countsAMinute = ref(0)
  /** Whether it is played in the run-through. */
  const on = ref(true)
  const file = shallowRef<Blob>()
  const song = shallowRef<AudioBuffer>()
  let node: StretchNode | undefined

  const wrong = computed(() => wrongMarks(marks.value))
  const tempo = computed(() => countsAMinute.value || usual.value || 0)
  const linedUp = computed(
    () => marks.value.length > 0 && !wrong.value && (marks.value.length > 1 || tempo.value > 0),
  )
  const ready = computed(() => on.value && song.value !== undefined && linedUp.value)

  watch(dance, recall, { immediate: true })
  const { ignoreUpdates } = watchIgnorable([marks, countsAMinute], keep, { deep: true })

  async function recall(): Promise<void> {
    forgetSound()
    const of = dance.value
    const kept = await remembered(of)
    if (kept && of === dance.value) await take(kept)
  }

  /** What is kept; nothing where the browser keeps nothing. */
  async function remembered(of: number): Promise<Kept | undefined> {
    try {
      return (await get<Kept>(keyOf(of))) ?? (await takenOver(of))
    } catch {
      return undefined
    }
  }

  /** A song that was kept before it had an owner is of whoever dances to it first. */
  async function takenOver(of: number): Promise<Kept | undefined> {
    const kept = await get<Kept>(EARLIER(of))
    if (!kept) return undefined
    await set(keyOf(of), kept)
    await del(EARLIER(of))
    return kept
  }

  /** A file that was chosen now begins with no marks; where it is no sound, the one before stays. */
  async function choose(chosen: File): Promise<void> {
    if (await take({ name: chosen.name, file: chosen, marks: [], countsAMinute: 0 })) await keep()
  }

  /** Whether it is the dance's song from now on; one may have gone to another dance meanwhile. */
  async function take(one: Kept): Promise<boolean> {
    problem.value = ''
    if (one.file.size > MOST_BYTES) {
      problem.value = 'This file is larger than 80 MB; choose a song as MP3, Ogg or the like.'
      return false
    }
    const of = dance.value
    const here = () => of === dance.value
    busy.value = true
    try {
      // Decoding needs no loudspeaker, and no touch first.
      const decoder = new OfflineAudioContext(2, 1, 44100)
      const decoded = await decoder.decodeAudioData(await one.file.arrayBuffer())
      if (!here()) return false
      song.value = decoded
      file.value = one.file
      name.value = one.name
      ignoreUpdates(() => {
        marks.value = one.marks
        countsAMinute.value = one.countsAMinute
      })
      node?.disconnect()
      node = undefined
      return true
    } catch {
      if (here()) problem.value = 'This file cannot be read as sound; choose an MP3, Ogg, WAV or the like.'
      return false
    } finally {
      if (here()) busy.value = false
    }
  }

  async function keep(): Promise<void> {
    if (!file.value) return
    const kept: Kept = {
      name: name.value,
      file: file.value,
      marks: marks.value.map((mark) => ({ ...mark })),
      countsAMinute: countsAMinute.value,
    }
    try {
      await set(keyOf(dance.value), kept)
    } catch {
      problem.value = 'There is no room on this device to remember the song; it is there until you leave.'
    }
  }

  function forgetSound() {
    node?.disconnect()
    node = undefined
    song.value = undefined
    file.value = undefined
    name.value = ''
    marks.value = []
    countsAMinute.value = 0
    busy.value = false
  }

  async function forget(): Promise<void> {
    forgetSound()
    await del(keyOf(dance.value))
  }

  /** Makes it ready to sound; the loudspeaker is awake by then. */
  async function wake(audio: AudioContext): Promise<void> {
    if (!ready.value || node || !song.value) return
    const { stretcher } = await import('@/domain/run/stretcher')
    node = await stretcher(audio, song.value)
    const input = sound.musicInput()
    if (input) node.connect(input)
  }

  const stop = () => void node?.stop()
  sound.plug((at, second, speed) => {
    if (ready.value && node) runSong(node, at, second, speed)
  }, stop)

  /** A count of the song that begins at a second of the file; one that is marked already is moved. */
  function mark(count: number, second: number) {
    const others = marks.value.filter((one) => one.count !== count)
    marks.value = [...others, { count, second: Math.max(0, second) }].sort((a, b) => a.count - b.count)
  }

  function unmark(count: number) {
    marks.value = marks.value.filter((one) => one.count !== count)
  }

  /** The beat of the song for a track that begins after so many counts of it; nothing where it is not played. */
  const map = (songStart: number): TempoMap | undefined =>
    ready.value ? alongMarks(marks.value, tempo.value, songStart) : undefined

  return {
    name,
    problem,
    busy,
    marks,
    countsAMinute,
    tempo,
    on,
    file,
    song,
    wrong,
    ready,
    choose,
    forget,
    wake,
    stop,
    mark,
    unmark,
    map,
  }
}

export type OwnMusic = ReturnType<typeof useOwnMusic>
