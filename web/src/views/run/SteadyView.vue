<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, ask } from '@/api/client'
import { awake, NO_SOUND } from '@/domain/run/awake'
import { Desk } from '@/domain/run/desk'
import PageHead from '@/components/page-head/PageHead.vue'
import { clicks, renderedBeat, songDrift, steadiness, type Steadiness } from '@/domain/run/measure'
import { Player } from '@/domain/run/player'
import { steady, TICKS } from '@/domain/run/tempo-map'
import onsetsAddress from '@/worklets/onsets.js?url&no-inline'

/** How steady this device is: its beat, and a song of one's own at another speed, measured here. */
interface Line {
  what: string
  found: Steadiness
  /** The furthest that it may drift and be off, in milliseconds. */
  most: Limits
}
interface Limits {
  drift: number
  jitter: number
}
const CLICKS: Limits = { drift: 5, jitter: 2 }
const SONG: Limits = { drift: 20, jitter: 20 }
const LENGTHS = [
  { value: 0.2, label: '12 seconds' },
  { value: 1, label: '1 minute' },
  { value: 10, label: '10 minutes' },
]
const lines = ref<Line[]>([])
const busy = ref('')
const problem = ref('')
const minutes = ref(1)
let stop = false

const COUNTS_A_MINUTE = 118

async function measure(what: string, most: Limits, how: () => Promise<Steadiness>) {
  busy.value = what
  problem.value = ''
  try {
    lines.value = [...lines.value.filter((one) => one.what !== what), { what, most, found: await how() }]
  } catch (e) {
    problem.value = `${what}: ${(e as Error).message}`
  }
  busy.value = ''
}

/** Clicks on the real audio clock, heard back by the page before they reach the loudspeaker. */
async function live(): Promise<Steadiness> {
  const sound = await ask(api.GET('/api/sound'))
  const audio = new AudioContext()
  if (!(await awake(audio))) {
    void audio.close()
    throw new Error(NO_SOUND)
  }
  await audio.audioWorklet.addModule(onsetsAddress)
  const ear = new AudioWorkletNode(audio, 'onsets')
  const heard: number[] = []
  ear.port.onmessage = (event: MessageEvent<number>) => heard.push(event.data)
  const desk = new Desk(audio, sound, new Uint8Array(), ear)
  desk.mix({ click: 1, band: 0, voice: 0, music: 0 })
  const due: number[] = []
  const player = new Player({
    now: () => audio.currentTime,
    sound: (event, at) => {
      due.push(at)
      desk.play(event, at)
    },
    music: () => undefined,
    hush: () => desk.hush(),
  })
  const counts = Math.round(COUNTS_A_MINUTE * minutes.value)
  player.start({ events: clicks(counts), map: steady(COUNTS_A_MINUTE), from: 0, to: counts * TICKS }, 0, 1)
  stop = false
  await new Promise<void>((done) => {
    const timer = window.setInterval(() => {
      if (player.pump(0.2) && !stop) return
      window.clearInterval(timer)
      player.stop()
      window.setTimeout(done, 400)
    }, 25)
  })
  await audio.close()
  return steadiness(heard, due)
}

async function all() {
  const sound = await ask(api.GET('/api/sound'))
  await measure('Ten minutes of clicks, rendered', CLICKS, () => renderedBeat(sound, COUNTS_A_MINUTE, 10))
  await measure('A steady song at 70 %', SONG, () => songDrift(360, 0.7, 0))
  await measure('A steady song at 110 %', SONG, () => songDrift(360, 1.1, 0))
  await measure('A song that wanders, at 85 %', SONG, () => songDrift(240, 0.85, 0.03))
  await measure(`Clicks on this device, ${length()}`, CLICKS, live)
}
const length = () => LENGTHS.find((one) => one.value === minutes.value)?.label
const isGood = ({ found, most }: Line) =>
  Math.abs(found.drift) <= most.drift && found.jitter <= most.jitter && Math.abs(found.late) <= most.jitter
const number = (millis: number) => `${millis.toFixed(2)} ms`
const done = computed(() => !busy.value && lines.value.length >= 5)
</script>

<template>
  <div class="stack">
    <PageHead title="How steady is this device?">
      <p>
        A beat should not drift by more than 5 ms in ten minutes, nor a click be off by more than 2 ms; a song
        that is played slower or faster should stay within 20 ms of the count.
      </p>
    </PageHead>
    <section class="card stack">
      <div class="row">
        <el-button type="primary" :disabled="!!busy" @click="all">Measure</el-button>
        <label class="row">
          clicks for
          <el-select v-model="minutes" style="width: 120px" aria-label="Minutes">
            <el-option v-for="one in LENGTHS" :key="one.value" v-bind="one" />
          </el-select>
        </label>
        <span v-if="busy" role="status">
          {{ busy }}…
          <button type="button" class="plain-button" @click="stop = true">Stop</button>
        </span>
      </div>
      <p v-if="problem" role="alert" class="wrong">{{ problem }}</p>
      <table v-if="lines.length" :data-done="done">
        <thead>
          <tr>
            <th>What</th>
            <th>Sounds</th>
            <th>Drift</th>
            <th>Furthest off</th>
            <th>Late in the middle</th>
            <th>As it should be</th>
          </tr>
        </thead>
        <tbody>
          <tr
            v-for="line in lines"
            :key="line.what"
            :data-drift="line.found.drift"
            :data-jitter="line.found.jitter"
            :data-late="line.found.late"
            :data-sounds="line.found.sounds"
          >
            <td>{{ line.what }}</td>
            <td class="number">{{ line.found.sounds }}</td>
            <td class="number">{{ number(line.found.drift) }}</td>
            <td class="number">{{ number(line.found.jitter) }}</td>
            <td class="number">{{ number(line.found.late) }}</td>
            <td>
              <b>{{ isGood(line) ? 'yes' : 'no' }}</b>
            </td>
          </tr>
        </tbody>
      </table>
    </section>
  </div>
</template>

<style scoped>
td,
th {
  padding: var(--space-2) var(--space-4) var(--space-2) 0;
  text-align: left;
}
</style>
