import { tryOnScopeDispose, useLocalStorage } from '@vueuse/core'
import { ref, shallowRef, watch } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import { awake } from '@/domain/run/awake'
import { Desk, USUAL_VOLUMES, type Volumes } from '@/domain/run/desk'
import type { Stage } from '@/domain/run/player'
import type { ScoreEvent } from '@/domain/run/score'

const VOICE = '/api/sound/voice'
const TEST_TONES = 3

/** What each sound does when it is handed over, for whoever measures it. */
export const SOUNDED = 'ulna-sounded'

/** Sounds of a run-through on this device: click, band, voice, and room for music of its own. */
export function useSound() {
  const volumes = useLocalStorage<Volumes>('ulna-volumes', { ...USUAL_VOLUMES }, { mergeDefaults: true })
  const sound = shallowRef<Schemas['SoundView']>()
  /** Calls that no clip was there for, said by the browser's own voice. */
  const byBrowser = ref(false)
  /** Whether the loudspeaker did not wake up: the count goes on by the page's own clock, and is seen. */
  const mute = ref(false)
  let voice = new Uint8Array()
  let audio: AudioContext | undefined
  let desk: Desk | undefined
  let timers: number[] = []
  let music: Stage['music'] = () => undefined
  let musicOff: () => void = () => undefined

  async function load(): Promise<void> {
    const [table, clips] = await Promise.all([ask(api.GET('/api/sound')), fetch(VOICE)])
    sound.value = table
    if (clips.ok) voice = new Uint8Array(await clips.arrayBuffer())
  }

  /** Wakes the loudspeaker up, if there is one; browsers want a key or a touch for that. */
  async function wake(): Promise<AudioContext> {
    audio = audio ?? new AudioContext()
    mute.value = !(await awake(audio))
    if (!desk && sound.value) {
      desk = new Desk(audio, sound.value, voice)
      desk.mix(volumes.value)
    }
    return audio
  }
  watch(volumes, (now) => desk?.mix(now), { deep: true })

  const now = () => (mute.value ? performance.now() / 1000 : (audio?.currentTime ?? 0))

  function play(event: ScoreEvent, at: number): void {
    window.dispatchEvent(new CustomEvent(SOUNDED, { detail: { kind: event.kind, tick: event.tick, at } }))
    if (mute.value) return
    if (event.kind === 'say' && desk && !desk.canSay(event)) sayByBrowser(event.text, at)
    else desk?.play(event, at)
  }

  function sayByBrowser(text: string, at: number): void {
    if (!('speechSynthesis' in window) || volumes.value.voice === 0) return
    byBrowser.value = true
    const speak = () => {
      const words = new SpeechSynthesisUtterance(text)
      words.volume = volumes.value.voice
      words.rate = 1.4
      window.speechSynthesis.speak(words)
    }
    timers.push(window.setTimeout(speak, Math.max(0, (at - now()) * 1000)))
  }

  function hush(): void {
    timers.forEach((timer) => window.clearTimeout(timer))
    timers = []
    if ('speechSynthesis' in window) window.speechSynthesis.cancel()
    desk?.hush()
    musicOff()
  }

  /** Three clicks, a drum and a number, to set the loudspeaker by. */
  async function test(): Promise<void> {
    await wake()
    const at = now() + 0.1
    for (let i = 0; i < TEST_TONES; i++) play({ tick: 0, kind: 'click', strong: i === 0 }, at + i * 0.5)
    play({ tick: 0, kind: 'hit', instrument: 'KICK', strength: 100, semitones: 0 }, at + 1.5)
    play({ tick: 0, kind: 'hit', instrument: 'BASS', strength: 90, semitones: 0 }, at + 1.5)
    play({ tick: 0, kind: 'say', endTick: 6, text: '5', keys: ['count 5'], count: true }, at + 2)
  }

  const stage: Stage = {
    now,
    sound: play,
    music: (at, second, speed) => music(at, second, speed),
    hush,
  }

  tryOnScopeDispose(() => {
    hush()
    void audio?.close()
  })

  return {
    volumes,
    sound,
    byBrowser,
    mute,
    stage,
    load,
    wake,
    test,
    /** Seconds between a moment of the clock and when one hears it. */
    latency: () => (mute.value ? 0 : audio?.outputLatency || 0),
    /** Music of a file, which plays as the stage is told. */
    plug(play: Stage['music'], off: () => void) {
      music = play
      musicOff = off
    },
    musicInput: () => desk?.music,
  }
}

export type Sound = ReturnType<typeof useSound>
