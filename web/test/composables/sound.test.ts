import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { useSoundFile } from '@/composables/sound/useSoundFile'
import { useTaps } from '@/composables/sound/useTaps'
import { FakeAudio, pass, useFakeAudio } from '../audio'
import { within } from '../scope'
import { asked, offline, serve } from '../server'

const heard = vi.hoisted(() => ({ tempos: [] as { tempo: number; count: number }[] }))
vi.mock('realtime-bpm-analyzer', () => ({ analyzeFullBuffer: async () => heard.tempos }))

let audio: () => FakeAudio
beforeEach(() => {
  vi.useFakeTimers()
  audio = useFakeAudio()
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

describe('a sound file', () => {
  const file = (name = 'song.mp3', size = 1000) => {
    const made = new File(['x'], name)
    Object.defineProperty(made, 'size', { value: size })
    return made
  }

  it('is listened to here: the likeliest tempo, how sure, and what else it may be', async () => {
    heard.tempos = [
      { tempo: 120, count: 10 },
      { tempo: 60, count: 30 },
      { tempo: 90, count: 5 },
      { tempo: 180, count: 3 },
      { tempo: 45, count: 2 },
    ]
    const sound = within(useSoundFile)
    await sound.open(file())
    expect(sound.estimate.value).toEqual({ bpm: 60, confidence: 0.6, others: [120, 90, 180] })
    expect(sound.seconds.value).toBe(180)
    expect(sound.listening.value).toBe(false)
    expect(asked).toHaveLength(0)
  })

  it('without a steady beat, that is no sound, or too large says so in words', async () => {
    heard.tempos = []
    const sound = within(useSoundFile)
    await sound.open(file())
    expect(sound.problem.value).toBe('No steady beat was found in it; tap along instead.')
    FakeAudio.file = new Error('no sound')
    await sound.open(file('text.txt'))
    expect(sound.problem.value).toContain('cannot be read as sound')
    await sound.open(file('huge.wav', 81 * 1024 * 1024))
    expect(sound.problem.value).toContain('larger than 80 MB')
    expect(sound.seconds.value).toBe(0)
  })

  it('that was overtaken by another one tells nothing any more', async () => {
    heard.tempos = [{ tempo: 100, count: 1 }]
    const sound = within(useSoundFile)
    const first = sound.open(file('first.mp3'))
    FakeAudio.file = { duration: 42 }
    const second = sound.open(file('second.mp3'))
    await Promise.all([first, second])
    expect(sound.name.value).toBe('second.mp3')
    expect(sound.seconds.value).toBe(42)
  })

  it('plays from where it was held, and its place is what one hears', async () => {
    heard.tempos = [{ tempo: 100, count: 1 }]
    const sound = within(useSoundFile)
    await sound.open(file())
    audio().outputLatency = 0.2
    await sound.play()
    await pass(audio(), 5)
    expect(sound.now()).toBeCloseTo(4.8, 2)
    sound.pause()
    expect(sound.playing.value).toBe(false)
    expect(audio().sources[0].stopped).toBe(true)
    const held = sound.position.value
    await pass(audio(), 3)
    expect(sound.position.value).toBe(held)
    await sound.play()
    expect(audio().sources[1].startedAt).toBeCloseTo(held, 6)
    sound.rewind()
    expect(sound.position.value).toBe(0)
    expect(sound.playing.value).toBe(false)
  })

  it('that is begun twice sounds once', async () => {
    heard.tempos = [{ tempo: 100, count: 1 }]
    const sound = within(useSoundFile)
    await sound.open(file())
    await Promise.all([sound.play(), sound.play()])
    expect(audio().sources).toHaveLength(1)
  })
})

describe('taps', () => {
  it('are read one question at a time, and the last answer is of the newest taps', async () => {
    const waiting: (() => void)[] = []
    serve({
      'POST /api/songs/taps': ({ body }) =>
        new Promise((give) => waiting.push(() => give({ used: body.millis.length }))),
    })
    const taps = within(() => useTaps(() => '112'))
    for (let i = 0; i < 5; i++) taps.tap(i * 500.4)
    await flushPromises()
    expect(asked).toHaveLength(1)
    waiting[0]()
    await flushPromises()
    expect(asked).toHaveLength(2)
    expect(asked[1].body).toEqual({ millis: [0, 500, 1001, 1501, 2002], printed: '112' })
    waiting[1]()
    await flushPromises()
    expect(taps.reading.value).toEqual({ used: 5 })
  })

  it('go on after a refusal, and begin anew when they are cleared', async () => {
    const taps = within(() => useTaps(() => ''))
    offline(true)
    taps.tap(0)
    await flushPromises()
    expect(taps.problem.value).toContain('does not answer')
    serve({ 'POST /api/songs/taps': ({ body }) => ({ used: body.millis.length }) })
    taps.tap(500)
    await flushPromises()
    expect(taps.problem.value).toBe('')
    expect(asked[0].body).toEqual({ millis: [0, 500] })
    taps.clear()
    expect(taps.reading.value).toBeUndefined()
    taps.tap(9_000)
    await flushPromises()
    expect(asked[1].body.millis).toEqual([9_000])
  })

  it('are never more than the newest two hundred', async () => {
    serve({ 'POST /api/songs/taps': () => ({}) })
    const taps = within(() => useTaps(() => ''))
    for (let i = 0; i < 250; i++) taps.tap(i)
    await flushPromises()
    expect(taps.millis.value).toHaveLength(200)
    expect(taps.millis.value[0]).toBe(50)
  })
})
