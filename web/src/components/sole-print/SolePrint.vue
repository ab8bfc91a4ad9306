<script setup lang="ts">
/** One sole on the floor, seen from above: full where it carries the weight, hollow and dashed where not. */
defineProps<{
  foot: 'L' | 'R'
  /** How it is shown: where a foot stands, where one stood, or where one is going to. */
  as: 'foot' | 'trail' | 'ghost'
  full?: boolean
  /** The foot that has just moved. */
  moved?: boolean
}>()
</script>

<template>
  <g class="sole" :class="[as, foot === 'L' ? 'left' : 'right', { full, moved }]">
    <path
      :transform="`scale(${foot === 'L' ? -1 : 1} 1)`"
      d="M-0.08 -0.3 Q0.13 -0.33 0.13 -0.1 Q0.13 0.05 0.09 0.19 Q0.06 0.31 -0.03 0.3 Q-0.12 0.28 -0.1 0.12 Z"
    />
    <slot />
  </g>
</template>

<style scoped>
.foot path {
  fill: var(--surface);
  stroke: currentColor;
  stroke-width: 0.033;
  stroke-dasharray: 0.065 0.043;
}
.foot.full path {
  fill: currentColor;
  stroke-dasharray: none;
}
.foot.moved path {
  stroke: var(--notice);
  stroke-width: 0.055;
}
.trail path {
  fill: var(--text-soft);
}
.ghost path {
  fill: none;
  stroke: currentColor;
  stroke-width: 0.025;
  stroke-dasharray: 0.06 0.06;
  opacity: 0.75;
}
.foot :slotted(text) {
  fill: currentColor;
}
.full :slotted(text) {
  fill: var(--surface);
}
.left {
  color: var(--left-foot);
}
.right {
  color: var(--right-foot);
}
</style>
