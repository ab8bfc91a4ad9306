<script setup lang="ts">
import { ref } from 'vue'
import type { Schemas } from '@/api/client'
import { scopeParams } from '@/domain/run/scope'

/** What is danced here as files for practice at home. */
const props = defineProps<{ run: Schemas['RunThroughView']; percent: number }>()
const heard = ref<'ALL' | 'CLICK'>('ALL')
const address = (kind: 'sound' | 'notes') => {
  const query = new URLSearchParams({ ...scopeParams(props.run.scope), percent: String(props.percent) })
  if (kind === 'sound') query.set('heard', heard.value)
  return `/api/dances/${props.run.dance}/run-through/${kind}?${query}`
}
</script>

<template>
  <section>
    <h2>To practise at home</h2>
    <p>{{ run.label }} at {{ percent }} %, as a file.</p>
    <el-radio-group v-model="heard" size="small" aria-label="What is heard in it">
      <el-radio-button value="ALL" label="band, click and calls" />
      <el-radio-button value="CLICK" label="click alone" />
    </el-radio-group>
    <p class="row links">
      <a class="plain-button" :href="address('sound')" download>Sound (WAV)</a>
      <a class="plain-button" :href="address('notes')" download>Notes (MIDI)</a>
    </p>
    <p class="quiet">The band is the program’s own; no song is in these files.</p>
  </section>
</template>

<style scoped>
.links {
  margin: var(--space-3) 0;
}
</style>
