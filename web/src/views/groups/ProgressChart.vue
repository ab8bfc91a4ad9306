<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import type { Schemas } from '@/api/client'
import { drawProgress, nearestWeek, STAGES, weekInWords } from '@/domain/progress'
import { day } from '@/domain/time'

/** Dances by their stage, piled up, and the figures that were met, week by week; a week is read off below. */
const props = defineProps<{ weeks: Schemas['WeekView'][] }>()
const LEFT = 34
const RIGHT = 38
const TOP = 22
const BOTTOM = 26
const HEIGHT = 260
const USUAL_WIDTH = 640

const place = ref<HTMLElement>()
const size = useElementSize(place)
const width = computed(() => size.width.value || USUAL_WIDTH)
const inner = computed(() => Math.max(1, width.value - LEFT - RIGHT))
const drawing = computed(() => drawProgress(props.weeks, inner.value, HEIGHT - TOP - BOTTOM))
const last = computed(() => props.weeks.length - 1)
const chosen = ref(last.value)
watch(last, (now) => (chosen.value = now))
const words = computed(() => {
  const week = props.weeks[chosen.value]
  return week ? weekInWords(week, day) : ''
})
const x = computed(() => drawing.value.xs[chosen.value] ?? 0)

function point(event: PointerEvent) {
  const left = (event.currentTarget as Element).getBoundingClientRect().left
  chosen.value = nearestWeek(drawing.value.xs, event.clientX - left - LEFT)
}
function key(event: KeyboardEvent) {
  const to = {
    ArrowLeft: chosen.value - 1,
    ArrowRight: chosen.value + 1,
    Home: 0,
    End: last.value,
  }[event.key]
  if (to === undefined) return
  event.preventDefault()
  chosen.value = Math.min(last.value, Math.max(0, to))
}
</script>

<template>
  <div class="progress">
    <ul class="legend">
      <li v-for="stage in STAGES" :key="stage">
        <svg width="26" height="12" aria-hidden="true">
          <line :class="['edge', stage]" x1="1" x2="25" y1="6" y2="6" />
        </svg>
        {{ stage }}
      </li>
      <li>
        <svg width="26" height="12" aria-hidden="true">
          <line class="met" x1="1" x2="25" y1="6" y2="6" />
          <circle class="point" cx="13" cy="6" r="3" />
        </svg>
        figures met
      </li>
    </ul>
    <div
      ref="place"
      class="chart"
      role="slider"
      tabindex="0"
      aria-label="Dances by stage and figures met, week by week"
      :aria-valuemin="1"
      :aria-valuemax="weeks.length"
      :aria-valuenow="chosen + 1"
      :aria-valuetext="words"
      @pointermove="point"
      @pointerdown="point"
      @keydown="key"
    >
      <svg :width="width" :height="HEIGHT" aria-hidden="true">
        <text class="axis" x="0" y="12">dances</text>
        <text class="axis" :x="width" y="12" text-anchor="end">figures</text>
        <g :transform="`translate(${LEFT} ${TOP})`">
          <g v-for="mark in drawing.dances" :key="mark.value">
            <line class="rule" x1="0" :x2="inner" :y1="mark.y" :y2="mark.y" />
            <text class="axis" x="-6" :y="mark.y + 4" text-anchor="end">{{ mark.value }}</text>
          </g>
          <text
            v-for="mark in drawing.figuresMarks"
            :key="mark.value"
            class="axis"
            :x="inner + 6"
            :y="mark.y + 4"
          >
            {{ mark.value }}
          </text>
          <g v-for="layer in drawing.layers" :key="layer.stage">
            <path :class="['area', layer.stage]" :d="layer.area" />
            <path :class="['edge', layer.stage]" :d="layer.edge" />
          </g>
          <path class="met" :d="drawing.figures.line" />
          <circle
            v-for="(one, i) in drawing.figures.points"
            :key="i"
            class="point"
            :cx="one.x"
            :cy="one.y"
            r="2.5"
          />
          <line class="chosen" :x1="x" :x2="x" y1="0" :y2="HEIGHT - TOP - BOTTOM" />
          <text
            v-for="i in drawing.labelled"
            :key="i"
            class="axis"
            :x="drawing.xs[i]"
            :y="HEIGHT - TOP - 8"
            :text-anchor="i === 0 ? 'start' : i === last ? 'end' : 'middle'"
          >
            {{ day(weeks[i]?.end ?? '') }}
          </text>
        </g>
      </svg>
    </div>
    <p class="quiet read">{{ words }}</p>
  </div>
</template>

<style scoped>
.progress {
  min-width: 0;
}
.legend {
  display: flex;
  flex-wrap: wrap;
  gap: 2px var(--space-4);
  list-style: none;
  margin: 0 0 var(--space-2);
  padding: 0;
  font-size: var(--size-2);
  color: var(--text-soft);
}
.legend li {
  display: inline-flex;
  align-items: center;
  gap: 6px;
}
/* As wide as it has room for, also while it still has the width from before. */
.chart {
  min-width: 0;
  overflow: hidden;
  border-radius: var(--radius-small);
  touch-action: pan-y;
}
svg {
  display: block;
}
.axis {
  font-size: var(--size-2);
  fill: var(--text-soft);
}
.rule {
  stroke: var(--line);
}
.chosen {
  stroke: var(--text);
  stroke-dasharray: 2 3;
}
.area {
  opacity: 0.28;
}
.edge {
  fill: none;
  stroke-width: 2;
}
.area.known {
  fill: var(--left-foot);
}
.edge.known {
  stroke: var(--left-foot);
}
.area.practised {
  fill: var(--accent);
}
.edge.practised {
  stroke: var(--accent);
}
.area.taught {
  fill: var(--notice);
}
.edge.taught {
  stroke: var(--notice);
}
.area.started {
  fill: var(--text-soft);
}
.edge.started {
  stroke: var(--text-soft);
  stroke-dasharray: 7 4;
}
.area.rusty {
  fill: var(--right-foot);
}
.edge.rusty {
  stroke: var(--right-foot);
  stroke-dasharray: 2 3;
}
.met {
  fill: none;
  stroke: var(--text);
  stroke-width: 2;
}
.point {
  fill: var(--text);
}
.read {
  min-height: 1.5em;
  margin-top: var(--space-1);
}
</style>
