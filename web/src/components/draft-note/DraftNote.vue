<script setup lang="ts">
/** Says that what was written here, but not saved, is on the page again. */
defineProps<{ restored: boolean }>()
defineEmits<{ discard: [] }>()
</script>

<template>
  <p v-if="restored" class="draft">
    This was written here but not saved.
    <button class="plain-button" type="button" @click="$emit('discard')">Go back to the saved one</button>
  </p>
</template>

<style scoped>
.draft {
  background: var(--notice-wash);
  padding: var(--space-2) var(--space-3);
  border-radius: var(--radius-small);
}
</style>
