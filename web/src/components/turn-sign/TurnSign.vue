<script setup lang="ts">
import { computed } from 'vue'

/** The turn of one wall as an arc with an arrow; nothing turns: a straight bar. Eighths, right positive. */
const props = withDefaults(defineProps<{ eighths: number; size?: number }>(), { size: 26 })

const NAMES: Record<number, string> = { 1: '1/8', 2: '1/4', 3: '3/8', 4: '1/2' }
const label = computed(() =>
  props.eighths === 0
    ? 'no turn'
    : `${NAMES[Math.abs(props.eighths)]} ${props.eighths === 4 ? 'turn' : props.eighths > 0 ? 'right' : 'left'}`,
)
const arc = computed(() => {
  const angle = (props.eighths * Math.PI) / 4
  const x = Math.sin(angle) * 11
  const y = -Math.cos(angle) * 11
  return { path: `M0 -11 A11 11 0 0 ${props.eighths > 0 ? 1 : 0} ${x} ${y}`, x, y }
})
</script>

<template>
  <span class="turn" :title="label">
    <svg :width="size" :height="size" viewBox="-16 -16 32 32" aria-hidden="true">
      <circle class="ring" r="11" />
      <template v-if="eighths !== 0">
        <path class="arc" :d="arc.path" />
        <g :transform="`translate(${arc.x} ${arc.y}) rotate(${eighths * 45 + (eighths > 0 ? 90 : -90)})`">
          <path class="tip" d="M0 -6 L5 4 L-5 4 Z" />
        </g>
      </template>
      <circle v-else class="still" r="4" cy="-11" />
    </svg>
    <span class="number">{{ label }}</span>
  </span>
</template>

<style scoped>
.turn {
  display: inline-flex;
  align-items: center;
  gap: 6px;
  white-space: nowrap;
}
.ring {
  fill: none;
  stroke: var(--line);
  stroke-width: 2;
}
.arc {
  fill: none;
  stroke: var(--accent);
  stroke-width: 4;
}
.tip,
.still {
  fill: var(--accent);
}
</style>
