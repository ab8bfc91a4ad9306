<script setup lang="ts">
/** A field of a form: its name, whatever is typed or chosen, and what cannot be read in it. */
defineProps<{ label: string; hint?: string; fault?: string }>()
</script>

<template>
  <label>
    <span
      >{{ label }} <span v-if="hint" class="quiet">({{ hint }})</span></span
    >
    <slot />
    <span v-if="fault" class="fault">{{ fault }}</span>
  </label>
</template>

<style scoped>
label {
  display: grid;
  align-content: start;
  gap: 4px;
  min-width: 0;
  max-width: 100%;
  font-weight: 600;
}
.fault {
  color: var(--wrong);
  font-size: var(--size-3);
  font-weight: 400;
}
</style>
