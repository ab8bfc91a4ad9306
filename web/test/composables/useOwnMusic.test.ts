import { flushPromises } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { ref } from 'vue'
import { useOwnMusic } from '@/composables/sound/useOwnMusic'
import type { Sound } from '@/composables/sound/useSound'
import { within } from '../scope'

const device = vi.hoisted(() => ({
  kept: new Map<string, unknown>(),
  writes: 0,
  decoding: [] as (() => void)[],
}))
vi.mock('idb-keyval', () => ({
  get: async (key: unknown) => device.kept.get(String(key)),
  set: async (key: unknown, value: unknown) => {
    device.writes++
    device.kept.set(String(key), value)
  },
  del: async (key: unknown) => void device.kept.delete(String(key)),
}))

/** Decodes a file when the test says so; what does not begin with "sound" is none. */
class Decoder {
  decodeAudioData(bytes: ArrayBuffer): Promise<{ words: string }> {
    const words = new TextDecoder().decode(bytes)
    return new Promise((done, fail) =>
      device.decoding.push(() => (words.startsWith('sound') ? done({ words }) : fail(new Error(words)))),
    )
  }
}
vi.stubGlobal('OfflineAudioContext', Decoder)

const SILENT = { plug: () => undefined, musicInput: () => undefined } as unknown as Sound
const file = (name: string, words = `sound of ${name}`) => new File([words], name)
const song = (name: string, second: number) => ({
  name,
  file: file(name),
  marks: [{ count: 0, second }],
  countsAMinute: 112,
})

beforeEach(() => {
  device.kept.clear()
  device.writes = 0
  device.decoding.length = 0
})

async function opened(dance: number) {
  const at = ref(dance)
  const music = within(() => useOwnMusic(at, ref(120), SILENT))
  await flushPromises()
  return { at, music }
}

async function decoded(which = 0) {
  device.decoding.splice(which, 1)[0]()
  await flushPromises()
}

describe('a song of one’s own', () => {
  it('is remembered for its dance with its marks', async () => {
    device.kept.set('own,,0,song,1', song('kettle.wav', 2.5))
    const { music } = await opened(1)
    expect(music.busy.value).toBe(true)
    await decoded()
    expect([music.name.value, music.tempo.value, music.ready.value]).toEqual(['kettle.wav', 112, true])
    expect(music.marks.value).toEqual([{ count: 0, second: 2.5 }])
    expect(device.writes, 'it is kept already').toBe(0)
  })

  it('of a dance that was left is not the next one’s, however long it takes to read', async () => {
    device.kept.set('own,,0,song,1', song('kettle.wav', 2.5))
    const { at, music } = await opened(1)
    at.value = 2
    await flushPromises()
    await decoded()
    expect([music.name.value, music.ready.value, music.busy.value]).toEqual(['', false, false])
    expect(device.kept.has('own,,0,song,2')).toBe(false)
  })

  it('stays as it was where another file is no sound', async () => {
    device.kept.set('own,,0,song,1', song('kettle.wav', 2.5))
    const { music } = await opened(1)
    await decoded()
    void music.choose(file('sheet.pdf', 'no sound'))
    await flushPromises()
    await decoded()
    expect(music.problem.value).toContain('cannot be read as sound')
    expect([music.name.value, music.marks.value.length]).toEqual(['kettle.wav', 1])
    expect(device.kept.get('own,,0,song,1')).toMatchObject({ name: 'kettle.wav', marks: [{ second: 2.5 }] })
  })

  it('that is chosen begins without marks, and each mark is kept', async () => {
    const { music } = await opened(1)
    void music.choose(file('tin.wav'))
    await flushPromises()
    await decoded()
    expect(device.kept.get('own,,0,song,1')).toMatchObject({ name: 'tin.wav', marks: [] })
    expect(music.ready.value, 'nobody knows where the dance begins').toBe(false)
    expect(device.writes, 'a large file is written once').toBe(1)
    music.mark(0, 3)
    music.mark(0, -1)
    await flushPromises()
    expect(device.kept.get('own,,0,song,1')).toMatchObject({ marks: [{ count: 0, second: 0 }] })
    expect(music.ready.value).toBe(true)
  })
})
