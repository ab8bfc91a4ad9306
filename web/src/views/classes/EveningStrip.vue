<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import { KIND_WORDS } from '@/domain/labels'
import { later } from '@/domain/time'

/** The evening as time: each line as long as it lasts, its effort as a curve above, the clock below. */
const props = defineProps<{
  lines: Schemas['LineView'][]
  minutes: number
  startsAt: string
  selected?: number
  kept?: Set<number>
}>()
defineEmits<{ select: [line: number] }>()

const TOP = 56
const TICK = 15
const planned = computed(() => props.lines.reduce((sum, line) => sum + line.minutes, 0))
const all = computed(() => Math.max(planned.value, props.minutes))
const share = (minutes: number) => (minutes / all.value) * 100
const ticks = computed(() =>
  Array.from({ length: Math.floor(all.value / TICK) + 1 }, (_, i) => i * TICK).filter(
    (at) => at === 0 || all.value - at > 4,
  ),
)
/** Most evenings ask less than this; the curve fills its height. */
const USUAL_MOST = 50
const scale = computed(() => Math.max(USUAL_MOST, ...props.lines.map((line) => line.effort)))
const middle = computed(() =>
  props.lines.map((line) => ({
    x: share(line.start + line.minutes / 2),
    y: TOP - 2 - (line.effort / scale.value) * (TOP - 8),
  })),
)
const path = computed(() => {
  const top = middle.value.map((one) => `L${one.x.toFixed(2)} ${one.y.toFixed(1)}`).join(' ')
  return `M0 ${TOP} ${top} L${share(planned.value).toFixed(2)} ${TOP} Z`
})
const label = computed(() => {
  const most = [...props.lines].sort((a, b) => b.effort - a.effort)[0]
  return most ? `Effort over the evening: the most in ${most.title}, ${most.effort} of 100` : 'Effort'
})
const spoken = (line: Schemas['LineView']) =>
  `${later(props.startsAt, line.start)} ${KIND_WORDS[line.kind]}, ${line.title}, ${line.minutes} minutes`
const shown = (line: Schemas['LineView']) => (line.dance ? line.title : KIND_WORDS[line.kind])
const fits = (line: Schemas['LineView']) => share(line.minutes) > 7
</script>

<template>
  <figure class="strip">
    <svg :viewBox="`0 0 100 ${TOP}`" preserveAspectRatio="none" role="img" :aria-label="label">
      <path :d="path" />
    </svg>
    <ol :aria-label="`${planned} of ${minutes} minutes planned`">
      <li v-for="line in lines" :key="line.id" :style="{ width: `${share(line.minutes)}%` }">
        <button
          type="button"
          :class="[`kind-${line.kind.toLowerCase()}`, { on: line.id === selected }]"
          :aria-pressed="line.id === selected"
          :title="`${KIND_WORDS[line.kind]}: ${line.title}`"
          @click="$emit('select', line.id)"
        >
          <b aria-hidden="true">{{ line.minutes }}</b>
          <span class="off-screen">{{ spoken(line) }}</span>
          <span v-if="fits(line)" aria-hidden="true">{{ shown(line) }}</span>
          <i v-if="kept?.has(line.id)" aria-hidden="true" title="stays" />
        </button>
      </li>
    </ol>
    <p class="ticks" aria-hidden="true">
      <span v-for="at in ticks" :key="at" class="number" :style="{ left: `${share(at)}%` }">{{
        later(startsAt, at)
      }}</span>
      <span class="number end">{{ later(startsAt, minutes) }}</span>
    </p>
    <figcaption class="quiet">The curve is effort: count rate, steps and turns.</figcaption>
  </figure>
</template>

<style scoped>
.strip {
  margin: 0;
}
svg {
  display: block;
  width: 100%;
  height: 56px;
}
path {
  fill: var(--accent-wash);
  stroke: var(--accent);
  stroke-width: 2px;
  vector-effect: non-scaling-stroke;
}
ol {
  list-style: none;
  display: flex;
  margin: 0;
  padding: 0;
}
li {
  min-width: 0;
}
button {
  position: relative;
  display: grid;
  place-content: center;
  gap: 2px;
  width: 100%;
  height: 58px;
  padding: 0 2px;
  border: 0;
  border-right: 2px solid var(--ground);
  border-bottom: 5px solid transparent;
  cursor: pointer;
  text-align: center;
  overflow: hidden;
}
button b {
  font: 700 var(--size-6) var(--type-head);
}
button span {
  font-size: var(--size-2);
  line-height: 1.1;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
button i {
  position: absolute;
  top: 6px;
  right: 6px;
  width: 9px;
  height: 9px;
  border-radius: 50%;
  background: currentcolor;
}
button.on {
  border-bottom-color: var(--text);
}
.warm_up,
.ticks {
  position: relative;
  height: 20px;
  font-size: var(--size-2);
  color: var(--text-soft);
}
.ticks span {
  position: absolute;
}
.ticks .end {
  right: 0;
}
</style>
