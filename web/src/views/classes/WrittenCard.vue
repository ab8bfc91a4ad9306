<script setup lang="ts">
import type { Schemas } from '@/api/client'
import { HAPPENED_WORDS, OUTCOME_WORDS } from '@/domain/labels'
import { sectionWords } from '@/domain/sections'

/** What was written down of a class. */
defineProps<{ sheet: Schemas['ClassSheet']; busy: boolean; may: boolean }>()
defineEmits<{ takeBack: [] }>()

function words(one: Schemas['EntryOfClass']): string {
  return one.happened === 'INTRODUCED' && one.shown?.length
    ? `taught ${sectionWords(one.shown)}`
    : HAPPENED_WORDS[one.happened]
}
function more(one: Schemas['EntryOfClass']): string {
  const { percent, minutes, spots, options } = one.more
  return [
    percent && percent < 100 ? `at ${percent} %` : '',
    minutes ? `${minutes} minutes` : '',
    ...spots.map((spot) => `section ${spot.section} ${OUTCOME_WORDS[spot.outcome]}`),
    options,
  ]
    .filter(Boolean)
    .join(', ')
}
</script>

<template>
  <section class="card stack" aria-label="What happened">
    <div class="row spread">
      <h2>What happened</h2>
      <el-button v-if="may" size="small" :loading="busy" class="no-print" @click="$emit('takeBack')"
        >Take the record back</el-button
      >
    </div>
    <p v-if="sheet.note">“{{ sheet.note }}”</p>
    <ul>
      <li v-for="(one, i) in sheet.written" :key="i">
        {{ one.title }}: {{ words(one) }}, <strong>{{ OUTCOME_WORDS[one.outcome] }}</strong>{{
          more(one) ? ` (${more(one)})` : ''
        }}{{ one.note ? `: “${one.note}”` : '' }}
      </li>
      <li v-if="sheet.written.length === 0">No dance was danced.</li>
    </ul>
    <p class="quiet">Written down by {{ sheet.recordedBy?.name }}.</p>
  </section>
</template>

<style scoped>
ul {
  margin: 0;
  padding-left: 20px;
}
</style>
