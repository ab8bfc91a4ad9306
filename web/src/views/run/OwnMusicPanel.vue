<script setup lang="ts">
import { ref, watch } from 'vue'
import type { Schemas } from '@/api/client'
import type { OwnMusic } from '@/composables/sound/useOwnMusic'
import { useSoundFile } from '@/composables/sound/useSoundFile'
import { minutesSeconds } from '@/domain/time'

/** A song of one's own: chosen here, kept here, lined up by ear. */
const props = defineProps<{ music: OwnMusic; run: Schemas['RunThroughView'] }>()
const { name, problem, busy, marks, countsAMinute, tempo, on, wrong, ready } = props.music
const heard = useSoundFile()
const { playing, position, estimate, listening } = heard
const wall = ref(1)

watch(
  () => props.music.file.value,
  (file) => {
    if (file) void heard.open(new File([file], name.value))
  },
  { immediate: true },
)
function choose(event: Event) {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (file) void props.music.choose(file)
}
const hundredth = (at: number) =>
  `${minutesSeconds(at)}.${String(Math.floor((at % 1) * 100)).padStart(2, '0')}`
const rounded = (bpm: number) => Math.round(bpm * 10) / 10
const countOf = (number: number) => (props.run.wallStarts[number - 1] ?? 0) + 1
/** Marks stand for walls where they begin one; the first step is wall 1. */
const called = (count: number) => {
  const at = props.run.wallStarts.indexOf(count - 1)
  return at === 0 ? 'first step' : at > 0 ? `wall ${at + 1}` : `count ${count}`
}
function markNow() {
  props.music.mark(countOf(wall.value), heard.now())
  if (wall.value < props.run.wallStarts.length) wall.value += 1
}
</script>

<template>
  <section>
    <h2>Your own song</h2>
    <p class="quiet">
      A sound file of this device. It is never sent anywhere; it is remembered here for this dance. Playing
      music in public follows the hall’s and the country’s licences.
    </p>
    <label class="file">
      <span>{{ name ? 'Choose another file' : 'Choose a sound file' }}</span>
      <input type="file" accept="audio/*" name="own-song" @change="choose" />
    </label>
    <p v-if="problem" role="alert" class="wrong">{{ problem }}</p>
    <p v-if="busy" role="status">Opening it…</p>
    <template v-if="name">
      <p>
        <b>{{ name }}</b>
      </p>
      <el-switch
        v-model="on"
        active-text="played in the run-through"
        aria-label="Played in the run-through"
      />
      <div class="row line">
        <label>
          counts a minute
          <el-input-number
            v-model="countsAMinute"
            :min="0"
            :max="400"
            :step="0.1"
            :precision="1"
            size="small"
            style="width: 120px"
            aria-label="Counts a minute of this file"
          />
        </label>
        <span class="quiet">
          {{ countsAMinute ? '' : tempo ? `${tempo} of the dance’s song is taken` : 'not known yet' }}
        </span>
      </div>
      <p v-if="listening" class="quiet">Listening for its tempo…</p>
      <p v-else-if="estimate" class="row">
        <span class="quiet">It sounds like {{ rounded(estimate.bpm) }} beats a minute.</span>
        <button type="button" class="plain-button" @click="countsAMinute = rounded(estimate.bpm)">
          Take it
        </button>
      </p>
      <ol class="marks">
        <li v-for="one in marks" :key="one.count">
          <b>{{ called(one.count) }}</b> at <span class="number">{{ hundredth(one.second) }}</span>
          <button
            v-for="by in [-0.05, -0.01, 0.01, 0.05]"
            :key="by"
            type="button"
            class="plain-button"
            :aria-label="`${called(one.count)} ${Math.abs(by)} seconds ${by < 0 ? 'earlier' : 'later'}`"
            @click="music.mark(one.count, one.second + by)"
          >
            {{ by < 0 ? '−' : '+' }}{{ Math.abs(by) }}
          </button>
          <button type="button" class="plain-button" @click="music.unmark(one.count)">Take out</button>
        </li>
      </ol>
      <p v-if="wrong" role="alert" class="wrong">{{ wrong }}</p>
      <div class="row line">
        <el-button size="small" @click="playing ? heard.pause() : heard.play()">{{
          playing ? 'Stop' : 'Play'
        }}</el-button>
        <el-button size="small" @click="heard.rewind()">From the start</el-button>
        <span class="number">{{ hundredth(position) }}</span>
      </div>
      <div class="row line">
        <el-button size="small" type="primary" :disabled="!playing" @click="markNow">
          {{ wall === 1 ? 'The first step is now' : `Wall ${wall} begins now` }}
        </el-button>
        <label>
          wall
          <el-input-number
            v-model="wall"
            :min="1"
            :max="run.wallStarts.length"
            size="small"
            style="width: 96px"
            aria-label="Wall that begins"
          />
        </label>
      </div>
      <p class="quiet">
        {{
          ready
            ? marks.length > 1
              ? 'Lined up by more than one mark: count and calls follow its tempo where it wanders.'
              : 'Lined up. Where the count runs away from a song whose tempo wanders, mark a later wall too.'
            : 'Play it, and press when the first step falls.'
        }}
      </p>
      <button type="button" class="plain-button" @click="music.forget()">Forget this file</button>
    </template>
  </section>
</template>

<style scoped>
.file {
  display: grid;
  gap: 4px;
  margin: var(--space-2) 0;
}
.line {
  margin: var(--space-2) 0;
}
.line label {
  display: flex;
  gap: 8px;
  align-items: center;
}
.marks {
  list-style: none;
  padding: 0;
}
.marks li {
  display: flex;
  flex-wrap: wrap;
  gap: 2px var(--space-2);
  align-items: center;
}
</style>
