<script setup lang="ts">
import { computed } from 'vue'
import { clock, degrees } from '@/domain/facing'

/** A hall from above, its front wall thick at the top, and a dancer's wedge that points where one faces. */
const props = withDefaults(defineProps<{ facing: number; size?: number; what?: string }>(), {
  size: 28,
  what: 'facing',
})
const label = computed(() => `${props.what} ${clock(props.facing)}`)
</script>

<template>
  <svg class="hall" :width="size" :height="size" viewBox="0 0 40 40" role="img" :aria-label="label">
    <rect class="floor" x="3" y="5" width="34" height="32" rx="2" />
    <rect class="front" x="3" y="2" width="34" height="5" rx="1.5" />
    <g :transform="`translate(20 22) rotate(${degrees(facing)})`">
      <path class="wedge" d="M0 -12 L9 9 Q0 4 -9 9 Z" />
    </g>
  </svg>
</template>

<style scoped>
.hall {
  display: block;
  flex: none;
}
.floor {
  fill: var(--board);
  stroke: var(--ink-soft);
  stroke-width: 1;
}
.front {
  fill: var(--ink);
}
.wedge {
  fill: var(--plum-bright);
  stroke: var(--ink);
  stroke-width: 1;
}
</style>
