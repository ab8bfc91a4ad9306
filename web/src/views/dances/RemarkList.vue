<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'

/** What is to be said about the text, each with its place and its mends. */
const props = defineProps<{ remarks: Schemas['Remark'][]; readonly: boolean }>()
defineEmits<{ show: [offset: number]; mend: [change: Schemas['MendView']] }>()

const faults = computed(() => props.remarks.filter((remark) => remark.severity !== 'INFO'))
const notes = computed(() => props.remarks.filter((remark) => remark.severity === 'INFO'))
const WORDS: Record<Schemas['Remark']['severity'], string> = {
  ERROR: 'Mistake',
  WARNING: 'Perhaps',
  INFO: 'Note',
}
</script>

<template>
  <ul class="remarks" aria-live="polite">
    <li v-for="(remark, i) in faults" :key="i" :class="remark.severity.toLowerCase()">
      <button class="where" type="button" @click="$emit('show', remark.start)">
        {{ WORDS[remark.severity] }}, line {{ remark.line }}
      </button>
      <p>{{ remark.message }}</p>
      <div v-if="!readonly && remark.mends.length" class="row">
        <el-button
          v-for="change in remark.mends"
          :key="change.label"
          size="small"
          type="primary"
          @click="$emit('mend', change)"
        >
          {{ change.label }}
        </el-button>
      </div>
    </li>
    <li v-if="notes.length" class="info">
      <details>
        <summary>Good to know ({{ notes.length }})</summary>
        <p v-for="(note, i) in notes" :key="i">
          <button class="where" type="button" @click="$emit('show', note.start)">line {{ note.line }}</button>
          {{ note.message }}
        </p>
      </details>
    </li>
  </ul>
</template>

<style scoped>
.remarks {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: var(--space-2);
  max-height: 340px;
  overflow: auto;
}
li {
  background: var(--notice-wash);
  border-left: 5px solid var(--notice);
  border-radius: var(--radius-small);
  padding: var(--space-2) var(--space-3);
  display: grid;
  gap: 6px;
}
li.error {
  background: var(--wrong-wash);
  border-left-color: var(--wrong);
}
.where {
  justify-self: start;
  background: none;
  border: 0;
  padding: 0;
  font-weight: 700;
  cursor: pointer;
  text-decoration: underline;
}
</style>
