<script setup lang="ts">
import type { Happened, Outcome } from '@/domain/labels'

/** What happened with a dance, as one sign: its shape says what, its filling how it went. */
defineProps<{ happened: Happened; outcome: Outcome; label: string }>()
const SHAPES: Record<Happened, string> = {
  INTRODUCED: 'M2 13 L8 13 L8 3 Z',
  TAUGHT: 'M1 13 L15 13 L8 2 Z',
  WALKED: 'M2 5 H14 V11 H2 Z',
  DANCED_CALLED: 'M8 2 L14 8 L8 14 L2 8 Z',
  DANCED: 'M8 2 A6 6 0 1 1 7.99 2 Z',
}
</script>

<template>
  <svg
    viewBox="0 0 16 16"
    width="16"
    height="16"
    :class="outcome.toLowerCase()"
    :role="label ? 'img' : 'presentation'"
    :aria-label="label || undefined"
  >
    <title v-if="label">{{ label }}</title>
    <path :d="SHAPES[happened]" />
    <path v-if="outcome === 'LOST'" d="M3 3 L13 13 M13 3 L3 13" class="cross" />
  </svg>
</template>

<style scoped>
path {
  stroke: var(--accent);
  stroke-width: 1.6;
  stroke-linejoin: round;
}
.solid path {
  fill: var(--accent);
}
.shaky path {
  fill: var(--accent-wash);
}
.lost path {
  fill: none;
  stroke: var(--wrong);
}
</style>
