import { tryOnBeforeUnmount, useIntervalFn, useLocalStorage, useRafFn, useTimeoutFn } from '@vueuse/core'
import { computed, ref, shallowRef, watch, type Ref } from 'vue'
import type { Schemas } from '@/api/client'
import { answered, begin, rungOf, type Answer, type OnLadder } from '@/domain/run/ladder'
import { momentAt } from '@/domain/run/moment'
import { Player } from '@/domain/run/player'
import { rungFor, scoreOf, type ScoreEvent } from '@/domain/run/score'
import { steady, TICKS } from '@/domain/run/tempo-map'
import type { OwnMusic } from '@/composables/sound/useOwnMusic'
import type { Sound } from '@/composables/sound/useSound'

type Run = Schemas['RunThroughView']

const PUMP_MS = 25
/** How far ahead sounds are handed over: a hidden page is woken up once a second only. */
const AHEAD = 0.2
const AHEAD_HIDDEN = 1.6
/** Percent that a nudge changes. */
const NUDGE = 2

/** What one is told of a pass: how it was, at which speed, and the fastest clean one by then. */
export type Told = (how: Answer, percent: number, clean: number | undefined) => void

/**
 * A run-through that is being danced: the place on the ladder, the speed, the beat, and the answers of the
 * class. The ladder's rule is a table that came with the run, so that no answer of a server is needed.
 *
 * @param music a song of one's own, where there is one
 */
export function useRunThrough(
  run: Ref<Run | undefined>,
  sound: Sound,
  music: Pick<OwnMusic, 'map' | 'wake' | 'stop'>,
  told: Told,
) {
  const player = new Player(sound.stage)
  const ladder = shallowRef<OnLadder>()
  const nudged = ref(0)
  const looping = ref(false)
  let begun = 0
  const asking = ref(false)
  const playing = ref(false)
  const tick = ref(0)
  /** Seconds until the next pass begins by itself. */
  const resting = ref(0)
  /** Seconds between two passes; less than 0: a key begins the next one. */
  const rest = useLocalStorage('ulna-run-rest', 4)
  const clean = ref<number>()
  /** Passes that were begun, again and again ones too. */
  const passes = ref(0)
  /** The moment of the audio clock that is heard now, the way to the loudspeaker allowed for. */
  const heard = () => sound.stage.now() - sound.latency()

  const rung = computed(() => (run.value && ladder.value ? rungOf(run.value.ladder, ladder.value) : 0))
  const percent = computed(() => {
    const of = run.value?.ladder
    if (!of) return 100
    return Math.max(of.slowest, Math.min(of.fastest, of.rungs[rung.value].percent + nudged.value))
  })
  const moment = computed(() => run.value && momentAt(run.value, tick.value))
  const done = computed(() => ladder.value?.done ?? false)
  const enough = computed(() => ladder.value?.enough ?? '')

  /** Another scope of the same dance keeps the place on the ladder. */
  watch(run, (now, before) => {
    halt()
    if (!now) return
    tick.value = -now.countIn * TICKS
    clean.value = undefined
    const same = before?.dance === now.dance && before.ladder.rungs.length === now.ladder.rungs.length
    if (!same) ladder.value = begin(now.ladder, 0)
  })

  function events(of: Run, from: number): ScoreEvent[] {
    const score = scoreOf(of, rungFor(of.ladder, percent.value))
    // Before a section one is counted in to, only what leads into it is heard.
    return score.filter(
      (event) =>
        event.tick >= from ||
        event.kind === 'click' ||
        (event.kind === 'say' && (event.count || event.endTick > from - TICKS / 2)),
    )
  }

  const pump = useIntervalFn(
    () => {
      const plays = player.pump(document.hidden ? AHEAD_HIDDEN : AHEAD)
      passes.value = player.passes
      if (!plays) ended()
    },
    PUMP_MS,
    { immediate: false },
  )
  const draw = useRafFn(() => (tick.value = player.tickAt(heard())), { immediate: false })
  const countdown = useIntervalFn(
    () => {
      resting.value -= 1
      if (resting.value <= 0) void play()
    },
    1000,
    { immediate: false },
  )
  const keepDrawn = useTimeoutFn(() => draw.pause(), 300, { immediate: false })

  /** Counts in and goes, from a section on or from the start. */
  async function play(from = 0): Promise<void> {
    const of = run.value
    if (!of) return
    calm()
    const mine = ++begun
    const audio = await sound.wake()
    if (!sound.mute.value) await music.wake(audio)
    // Stopped, left, begun again or another run while the loudspeaker woke up.
    if (mine !== begun) return
    const map = music.map(of.track.songStart) ?? steady(of.fullRate)
    const start = from - of.countIn * TICKS
    player.loop = looping.value
    player.start(
      { events: events(of, from), map, from: -of.countIn * TICKS, to: of.track.counts * TICKS },
      start,
      percent.value / 100,
    )
    playing.value = true
    passes.value = player.passes
    pump.resume()
    draw.resume()
    player.pump(AHEAD)
  }

  function ended() {
    // The band rings out; a song would go on.
    music.stop()
    pump.pause()
    playing.value = false
    asking.value = true
    keepDrawn.start()
  }

  /** No question, no countdown. */
  function calm() {
    countdown.pause()
    resting.value = 0
    asking.value = false
  }

  /** Stops, and asks nothing. */
  function halt() {
    begun++
    calm()
    player.stop()
    pump.pause()
    draw.pause()
    playing.value = false
  }

  /** Stops in the middle and asks how it was. */
  function enoughNow() {
    player.stop()
    draw.pause()
    ended()
  }

  /** Stands on a rung that was chosen by hand: what was answered before counts no more. */
  function go(to: number) {
    if (!run.value) return
    const last = run.value.ladder.rungs.length - 1
    ladder.value = begin(run.value.ladder, Math.max(0, Math.min(last, to)))
    nudged.value = 0
    asking.value = false
    follow()
  }

  /** A little faster or slower than the rung. */
  function nudge(by: -1 | 1) {
    nudged.value += by * NUDGE
    follow()
  }

  /** What plays goes on at the speed that is chosen now. */
  function follow() {
    if (!playing.value || !run.value) return
    player.bend(percent.value / 100)
    player.swap(events(run.value, 0))
  }

  /** How a pass was: the table says where that leads; the next pass begins by itself, or on a key. */
  function answer(how: Answer) {
    if (!run.value || !ladder.value) return
    const danced = percent.value
    if (how === 'CLEAN') clean.value = Math.max(clean.value ?? 0, Math.min(100, danced))
    told(how, Math.min(100, danced), clean.value)
    ladder.value = answered(run.value.ladder, ladder.value, how)
    nudged.value = 0
    if (looping.value && playing.value) return follow()
    calm()
    tick.value = -run.value.countIn * TICKS
    if (done.value || enough.value || rest.value < 0) return
    resting.value = rest.value
    if (rest.value === 0) void play()
    else countdown.resume()
  }

  watch(looping, (now) => (player.loop = now))
  tryOnBeforeUnmount(halt)

  return {
    player,
    ladder,
    rung,
    percent,
    looping,
    asking,
    playing,
    resting,
    rest,
    passes,
    heard,
    tick,
    moment,
    done,
    enough,
    play,
    halt,
    enoughNow,
    go,
    nudge,
    answer,
  }
}

export type RunThrough = ReturnType<typeof useRunThrough>
