<script setup lang="ts">
import type { Schemas } from '@/api/client'
import { moment } from '@/domain/time'

/** Whether a teach that was changed by hand is safe, and by whom it was changed last. */
defineProps<{
  saved?: Schemas['SavedTeach']
  /** The page shows the saved one, not a school's. */
  own: boolean
  /** Why the last change is not saved. */
  unsaved: string
}>()
defineEmits<{ again: [] }>()
</script>

<template>
  <p v-if="own && saved" class="quiet no-print" role="status">
    <template v-if="unsaved">Not saved: {{ unsaved }} </template>
    <template v-else
      >Saved for every colleague, last by {{ saved.updatedBy.name }}, {{ moment(saved.updatedAt) }}.</template
    >
    {{
      saved.gone
        ? `${saved.gone} ${saved.gone === 1 ? 'drill is' : 'drills are'} left out: the dance has changed and the sections are gone.`
        : ''
    }}
  </p>
  <p v-else-if="unsaved" class="unsaved" role="alert">Not saved: {{ unsaved }}</p>
  <el-button v-if="unsaved" class="no-print" @click="$emit('again')">Save again</el-button>
</template>

<style scoped>
.unsaved {
  background: var(--wrong-wash);
  color: var(--wrong);
  padding: var(--space-2) var(--space-3);
  border-radius: var(--radius-small);
}
</style>
