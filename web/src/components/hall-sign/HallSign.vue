<script setup lang="ts">
import { computed } from 'vue'
import { useClock } from '@/composables/sound/useClock'

/**
 * A hall from above, its front wall thick, and a dancer's wedge that points where one faces. The
 * facing is on the room clock; it is shown as the page's switch says.
 */
const props = withDefaults(defineProps<{ facing: number; start?: number; size?: number; what?: string }>(), {
  start: 0,
  size: 28,
  what: 'facing',
})
const clock = useClock()
const shown = computed(() => clock.show(props.facing, props.start))
const label = computed(() => `${props.what} ${shown.value.label}`)
</script>

<template>
  <svg class="hall" :width="size" :height="size" viewBox="0 0 40 40" role="img" :aria-label="label">
    <rect class="floor" x="3" y="3" width="34" height="34" rx="2" />
    <rect class="front" x="3" :y="shown.frontBelow ? 33 : 2" width="34" height="5" rx="1.5" />
    <g :transform="`translate(20 ${shown.frontBelow ? 18 : 22}) rotate(${shown.degrees})`">
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
  fill: var(--inset);
  stroke: var(--text-soft);
  stroke-width: 1;
}
.front {
  fill: var(--text);
}
.wedge {
  fill: var(--accent);
  stroke: var(--text);
  stroke-width: 1;
}
</style>
