<script setup lang="ts">
import type { Schemas } from '@/api/client'
import SoundTempo from '@/components/sound-tempo/SoundTempo.vue'
import TapTempo from '@/components/tap-tempo/TapTempo.vue'
import { minutesSeconds } from '@/domain/time'
import type { SongEntry } from './useSong'

/** What is marked by ear in a sound file, in seconds. */
export interface Marks {
  beat?: number
  step?: number
}

/** Measures a song by taps, or from a sound file. */
defineProps<{ introCounts?: number }>()
const entry = defineModel<SongEntry>({ required: true })
defineEmits<{ marks: [marks: Marks] }>()
const rate = (of: string) => of as Schemas['CountRate']
</script>

<template>
  <section class="card stack">
    <h2>Measure the tempo</h2>
    <div class="measure">
      <div class="stack">
        <h3>Tapped</h3>
        <TapTempo
          :printed="entry.bpm"
          :count-rate="rate(entry.countRate)"
          @take="entry.bpm = $event"
          @count-rate="entry.countRate = $event"
        />
      </div>
      <div class="stack">
        <h3>From a sound file</h3>
        <SoundTempo
          :intro-counts="introCounts"
          @marks="(beat, step) => $emit('marks', { beat, step })"
          @take="entry.bpm = $event"
          @intro="entry.intro = String($event)"
          @length="entry.length = minutesSeconds($event)"
        />
      </div>
    </div>
  </section>
</template>

<style scoped>
.measure {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(270px, 100%), 1fr));
  gap: var(--space-5);
  align-items: start;
}
.measure .stack {
  gap: var(--space-2);
}
</style>
