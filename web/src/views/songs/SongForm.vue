<script setup lang="ts">
import type { Schemas } from '@/api/client'
import FormField from '@/components/form-field/FormField.vue'
import PhraseBar from '@/components/phrase-bar/PhraseBar.vue'
import SongField from './SongField.vue'
import type { SongEntry } from './useSong'

/** The fields of a song. */
const props = defineProps<{ reading?: Schemas['SongReading']; disabled: boolean }>()
const entry = defineModel<SongEntry>({ required: true })
const fault = (field: Schemas['FieldFault']['field']) =>
  props.reading?.faults.find((one) => one.field === field)?.message
const RATES: { value: Schemas['CountRate']; label: string }[] = [
  { value: '1/2', label: '1/2: a count to two beats' },
  { value: '1', label: '1: a count to a beat' },
  { value: '2', label: '2: two counts to a beat' },
]
</script>

<template>
  <fieldset :disabled>
    <SongField v-model="entry.title" label="title" name="title" :longest="200" :fault="fault('TITLE')" />
    <SongField v-model="entry.artist" label="artist" name="artist" :longest="200" :fault="fault('ARTIST')" />
    <div class="pair">
      <SongField v-model="entry.bpm" label="bpm, as printed" name="bpm" :fault="fault('BPM')" />
      <FormField label="count rate">
        <el-select v-model="entry.countRate" aria-label="Count rate">
          <el-option v-for="one in RATES" :key="one.value" v-bind="one" />
        </el-select>
      </FormField>
      <SongField
        v-model="entry.length"
        label="length"
        name="length"
        placeholder="3:10"
        :fault="fault('LENGTH')"
      />
      <SongField v-model="entry.intro" label="intro, in counts" name="intro" :fault="fault('INTRO')" />
      <FormField label="meter">
        <el-select v-model="entry.meter" aria-label="Meter">
          <el-option value="4/4" label="4/4" />
          <el-option value="3/4" label="3/4, waltz" />
        </el-select>
      </FormField>
      <SongField v-model="entry.style" label="style" name="style" :longest="60" :fault="fault('STYLE')" />
    </div>
    <SongField
      v-model="entry.phrases"
      label="phrases: counts per phrase, after the intro"
      name="phrases"
      placeholder="32 32 16 32, or 32x4"
      :fault="fault('PHRASES')"
    />
    <template v-if="reading?.phrases.length">
      <PhraseBar :counts="reading.phrases" />
      <p class="quiet number">{{ reading.phrases.length }} phrases, {{ reading.phraseCounts }} counts</p>
    </template>
    <SongField
      v-model="entry.location"
      label="where the club has it"
      name="location"
      :longest="200"
      :fault="fault('LOCATION')"
    />
    <el-checkbox v-model="entry.explicitWords" label="explicit words: not for every hall" />
  </fieldset>
</template>

<style scoped>
fieldset {
  display: grid;
  gap: var(--space-3);
}
label:not(.el-checkbox) {
  display: grid;
  align-content: start;
  gap: 2px;
  font-weight: 600;
}
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: var(--space-3);
}
</style>
