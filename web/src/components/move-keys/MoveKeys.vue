<script setup lang="ts">
/** Moves a line of a list up or down, or takes it out; each key says of what. */
defineProps<{ up: string; down: string; out: string; first: boolean; last: boolean; busy?: boolean }>()
defineEmits<{ move: [by: number]; drop: [] }>()
</script>

<template>
  <span class="keys">
    <button
      class="plain-button"
      type="button"
      :disabled="first || busy"
      :aria-label="up"
      @click="$emit('move', -1)"
    >
      ↑
    </button>
    <button
      class="plain-button"
      type="button"
      :disabled="last || busy"
      :aria-label="down"
      @click="$emit('move', 1)"
    >
      ↓
    </button>
    <button class="plain-button" type="button" :disabled="busy" :aria-label="out" @click="$emit('drop')">
      ✕
    </button>
  </span>
</template>

<style scoped>
.keys {
  white-space: nowrap;
}
</style>
