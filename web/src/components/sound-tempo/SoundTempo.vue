<script setup lang="ts">
import { ref, watch } from 'vue'
import { useSoundFile } from '@/composables/sound/useSoundFile'
import { minutesSeconds } from '@/domain/time'

/** A sound file of this machine: its tempo is estimated, first beat and first step are set by ear. */
defineProps<{ introCounts?: number }>()
const emit = defineEmits<{
  take: [bpm: string]
  intro: [counts: number]
  length: [seconds: number]
  marks: [firstBeat: number | undefined, firstStep: number | undefined]
}>()
const sound = useSoundFile()
const { name, seconds, problem, listening, estimate, playing, position } = sound
const beat = ref<number>()
const step = ref<number>()
watch(name, () => (beat.value = step.value = undefined))

function choose(event: Event) {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (file) void sound.open(file)
}
const label = (bpm: number) => String(Math.round(bpm * 10) / 10)
const tenth = (at: number) => `${minutesSeconds(at)}.${Math.floor((at % 1) * 10)}`
watch([beat, step], () => emit('marks', beat.value, step.value))
</script>

<template>
  <section class="sound">
    <label class="file">
      <span>Choose a sound file</span>
      <input type="file" accept="audio/*" name="sound" @change="choose" />
    </label>
    <p class="quiet">It stays on this machine: nothing of it is sent.</p>
    <p v-if="problem" role="alert" class="wrong">{{ problem }}</p>
    <p v-if="listening" role="status">
      Listening to {{ name }}…
      <button class="plain-button" type="button" @click="sound.cancel()">Stop</button>
    </p>
    <template v-if="estimate">
      <p>
        It sounds like <b class="big number" data-testid="estimated">{{ label(estimate.bpm) }}</b>
        <span class="quiet after">
          {{ Math.round(estimate.confidence * 100) }} % of the beats found agree</span
        >
      </p>
      <p v-if="estimate.others.length" class="quiet">
        Also found: {{ estimate.others.map(label).join(', ') }}. Half or double is a common mistake; tap to be
        sure.
      </p>
      <div class="row">
        <el-button size="small" @click="emit('take', label(estimate.bpm / 2))"
          >half: {{ label(estimate.bpm / 2) }}</el-button
        >
        <el-button size="small" type="primary" @click="emit('take', label(estimate.bpm))"
          >take {{ label(estimate.bpm) }}</el-button
        >
        <el-button size="small" @click="emit('take', label(estimate.bpm * 2))"
          >double: {{ label(estimate.bpm * 2) }}</el-button
        >
      </div>
    </template>
    <template v-if="seconds">
      <div class="row">
        <el-button @click="playing ? sound.pause() : sound.play()">{{ playing ? 'Stop' : 'Play' }}</el-button>
        <el-button @click="sound.rewind()">From the start</el-button>
        <span class="number">{{ tenth(position) }} of {{ minutesSeconds(seconds) }}</span>
        <button class="plain-button" type="button" @click="emit('length', Math.round(seconds))">
          take the length
        </button>
      </div>
      <div class="row">
        <el-button :disabled="!playing" @click="beat = sound.now()">First beat now</el-button>
        <el-button :disabled="!playing" @click="step = sound.now()">First step now</el-button>
        <span class="quiet number">
          {{ beat === undefined ? '' : `first beat at ${tenth(beat)}` }}
          {{ step === undefined ? '' : `· first step at ${tenth(step)}` }}
        </span>
      </div>
      <p v-if="introCounts !== undefined">
        That is an intro of <b>{{ introCounts }}</b> counts.
        <el-button size="small" @click="emit('intro', introCounts)">take it</el-button>
      </p>
      <p v-else-if="beat !== undefined && step !== undefined" class="quiet">
        Enter the bpm, and the counts between the two are told.
      </p>
    </template>
  </section>
</template>

<style scoped>
.sound,
.file {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: var(--space-2);
}
.file {
  gap: 4px;
  font-weight: 600;
}
.file input {
  font-weight: 400;
}
.big {
  font: 800 var(--size-10)/1 var(--type-head);
}
.wrong {
  color: var(--wrong);
}
</style>
