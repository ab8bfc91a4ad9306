<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'

/** How effort rises and falls over the class, under the bar of its minutes. */
const props = defineProps<{ lines: Schemas['LineView'][]; minutes: number }>()
const HEIGHT = 46
const all = computed(() =>
  Math.max(
    props.minutes,
    props.lines.reduce((sum, line) => sum + line.minutes, 0),
  ),
)
const points = computed(() =>
  props.lines.map((line) => ({
    x: ((line.start + line.minutes / 2) / all.value) * 100,
    y: HEIGHT - (line.effort / 100) * HEIGHT,
    effort: line.effort,
    title: line.title,
  })),
)
const path = computed(() => {
  const top = points.value.map((one) => `L${one.x.toFixed(2)} ${one.y.toFixed(1)}`).join(' ')
  return `M0 ${HEIGHT} ${top} L100 ${HEIGHT} Z`
})
const most = computed(() => points.value.reduce((best, one) => Math.max(best, one.effort), 0))
const label = computed(() => {
  const peak = points.value.find((one) => one.effort === most.value)
  return peak ? `Effort: the most in ${peak.title}, ${most.value} of 100` : 'Effort'
})
</script>

<template>
  <figure v-if="lines.some((line) => line.dance)">
    <svg :viewBox="`0 0 100 ${HEIGHT}`" preserveAspectRatio="none" role="img" :aria-label="label">
      <path :d="path" />
    </svg>
    <figcaption>effort, from the count rate, the steps and the turns</figcaption>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
}
svg {
  display: block;
  width: 100%;
  height: 46px;
}
path {
  fill: var(--accent-wash);
  stroke: var(--accent);
  stroke-width: 2px;
  vector-effect: non-scaling-stroke;
}
figcaption {
  font-size: 13px;
  color: var(--text-soft);
}
</style>
