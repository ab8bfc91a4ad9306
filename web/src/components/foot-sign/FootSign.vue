<script setup lang="ts">
import { computed } from 'vue'
import { useClock } from '@/composables/sound/useClock'

/**
 * A sole seen from above: the outer edge is round, the inner edge straight, so left and right
 * differ by shape; a full sole carries the weight, a hollow one with a dashed rim does not.
 * In the teacher's mirror it is the teacher's foot.
 */
const props = withDefaults(defineProps<{ foot?: string; weight?: boolean; size?: number }>(), {
  foot: undefined,
  weight: false,
  size: 22,
})
const clock = useClock()
const shown = computed(() => clock.foot(props.foot))
</script>

<template>
  <svg
    class="foot"
    :class="[shown === 'L' ? 'left' : shown === 'R' ? 'right' : 'none', { full: weight }]"
    :width="size"
    :height="size"
    viewBox="0 0 24 24"
    role="img"
    :aria-label="
      shown
        ? `${shown === 'L' ? 'left' : 'right'} foot, ${weight ? 'takes the weight' : 'no weight'}`
        : 'no foot moves'
    "
  >
    <template v-if="shown">
      <path v-if="shown === 'L'" d="M20 2v20h-7C6.5 22 3 17.5 3 12S6.5 2 13 2z" />
      <path v-else d="M4 2v20h7c6.5 0 10-4.5 10-10S17.5 2 11 2z" />
      <text x="12" y="17" text-anchor="middle">{{ shown }}</text>
    </template>
    <circle v-else cx="12" cy="12" r="3" />
  </svg>
</template>

<style scoped>
.foot {
  display: block;
  flex: none;
}
path {
  fill: none;
  stroke: currentColor;
  stroke-width: 2;
  stroke-dasharray: 3.2 2.2;
}
text {
  font: 700 var(--size-3) var(--type);
  fill: currentColor;
}
.left {
  color: var(--left-foot);
}
.right {
  color: var(--right-foot);
}
.none {
  color: var(--text-soft);
}
.none circle {
  fill: currentColor;
}
.full path {
  fill: currentColor;
  stroke-dasharray: none;
}
.full text {
  fill: var(--surface);
}
</style>
