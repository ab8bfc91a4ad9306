<script setup lang="ts">
import { toLookAt, type PileSheet } from '@/composables/sheets/usePile'

/** The pile: every sheet with what is still to be done. */
defineProps<{ sheets: PileSheet[] }>()
const at = defineModel<number>({ required: true })

function says(sheet: PileSheet): string {
  if (sheet.state === 'kept') return 'kept'
  if (sheet.state === 'left') return 'left out'
  const left = toLookAt(sheet).length
  return left ? `${left} to look at` : 'ready'
}
</script>

<template>
  <ol class="pile" aria-label="Sheets">
    <li v-for="(sheet, i) in sheets" :key="sheet.key">
      <button type="button" :class="sheet.state" :aria-current="i === at" @click="at = i">
        <b>{{ sheet.title }}</b>
        <span>{{ says(sheet) }}</span>
      </button>
    </li>
  </ol>
</template>

<style scoped>
.pile {
  display: flex;
  gap: var(--space-2);
  overflow-x: auto;
  list-style: none;
  margin: 0;
  padding: 2px;
}
button {
  display: grid;
  text-align: left;
  min-width: 150px;
  max-width: 220px;
  background: var(--surface);
  border: 1px solid var(--line);
  border-bottom-width: 4px;
  border-radius: var(--radius-small);
  padding: var(--space-2) var(--space-3);
  cursor: pointer;
}
button b {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
button span {
  font-size: var(--size-2);
  color: var(--text-soft);
}
button[aria-current='true'] {
  border-color: var(--accent);
  background: var(--accent-wash);
}
button.kept {
  border-bottom-color: var(--good);
}
button.left b {
  text-decoration: line-through;
}
</style>
