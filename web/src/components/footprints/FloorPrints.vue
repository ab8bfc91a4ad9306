<script setup lang="ts">
import { useTimeoutFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import type { Schemas } from '@/api/client'
import SolePrint from '@/components/sole-print/SolePrint.vue'
import { clock } from '@/domain/facing'
import { frameOf, printsAfter, trail } from '@/domain/floor'

/** Footprints on the floor, seen from above: step by step, or run at a steady pace. */
const props = defineProps<{
  places: Schemas['PlaceView'][]
  /** The place before the first of them, where there is one. */
  before?: Schemas['PlaceView']
  countsAMinute?: number
  /** Counts of a section: 8, or 6 in a waltz. */
  sectionCounts: number
}>()

const TRAIL = 8
const TICKS = 12
const at = ref(0)
const mirrored = ref(false)
const playing = ref(false)
/** Milliseconds until the next place. */
const pause = ref(0)
const timer = useTimeoutFn(next, pause, { immediate: false })

const place = computed(() => (at.value > 0 ? props.places[at.value - 1] : undefined))
const frame = computed(() => frameOf(props.places, props.before))
const prints = computed(() => printsAfter(place.value ?? props.before))
const fading = computed(() => trail(props.places, at.value - 1, TRAIL))
const viewBox = computed(() => {
  const f = frame.value
  return `${f.left} ${-(f.bottom + f.height)} ${f.width} ${f.height}`
})
const side = computed(() => {
  const centre = 2 * frame.value.left + frame.value.width
  return mirrored.value ? `translate(${centre} 0) scale(-1 1)` : ''
})

watch(
  () => props.places,
  () => {
    stop()
    at.value = Math.min(at.value, props.places.length)
  },
)

function stop() {
  timer.stop()
  playing.value = false
}

function go(to: number) {
  stop()
  at.value = Math.max(0, Math.min(props.places.length, to))
}

function run() {
  if (playing.value) return stop()
  if (at.value >= props.places.length) at.value = 0
  playing.value = true
  next()
}

function absolute(index: number): number {
  let sections = 0
  for (let i = 1; i <= index; i++) if (props.places[i].tick <= props.places[i - 1].tick) sections++
  return props.places[index].tick + sections * props.sectionCounts * TICKS
}

function next() {
  if (at.value >= props.places.length) return stop()
  at.value++
  if (at.value >= props.places.length) return stop()
  const ticks = Math.max(3, absolute(at.value) - absolute(at.value - 1))
  pause.value = (ticks / TICKS) * (60000 / (props.countsAMinute ?? 72))
  timer.start()
}

function onKey(event: KeyboardEvent) {
  if (event.key === 'ArrowRight') go(at.value + 1)
  else if (event.key === 'ArrowLeft') go(at.value - 1)
  else if (event.key === ' ') run()
  else return
  event.preventDefault()
}
</script>

<template>
  <figure class="floor" tabindex="0" aria-label="Footprints; arrow keys step, space runs" @keydown="onKey">
    <svg
      :viewBox="viewBox"
      role="img"
      :aria-label="place ? `after count ${place.count}` : 'before the first step'"
    >
      <g :transform="side">
        <line class="line" x1="-50" x2="50" y1="0" y2="0" />
        <line class="line" x1="0" x2="0" y1="-50" y2="50" />
        <SolePrint
          v-for="(print, i) in fading"
          :key="`t${i}`"
          as="trail"
          :foot="print.foot"
          :transform="`translate(${print.x} ${-print.y}) rotate(${print.angle})`"
          :style="{ opacity: 0.12 + i * 0.05 }"
        />
        <SolePrint
          v-for="print in prints"
          :key="print.foot"
          class="print"
          as="foot"
          :foot="print.foot"
          :full="print.weight"
          :moved="print.moved"
          :style="{ transform: `translate(${print.x}px, ${-print.y}px) rotate(${print.angle}deg)` }"
        >
          <text y="0.06" text-anchor="middle" :transform="mirrored ? 'scale(-1 1)' : ''">
            {{ print.foot }}
          </text>
        </SolePrint>
      </g>
    </svg>
    <figcaption>
      <span class="what">
        <template v-if="place">
          <b class="number">{{ place.count }}</b> {{ place.call }}
          <span class="quiet">{{ place.action }}, facing {{ clock(place.facing) }} wall-relative</span>
        </template>
        <template v-else>Before the first step</template>
      </span>
      <span class="row">
        <button
          class="plain-button"
          type="button"
          :disabled="at === 0"
          aria-label="Step back"
          @click="go(at - 1)"
        >
          ‹
        </button>
        <button class="plain-button" type="button" @click="run">{{ playing ? 'Stop' : 'Run' }}</button>
        <button
          class="plain-button"
          type="button"
          :disabled="at === places.length"
          aria-label="Step on"
          @click="go(at + 1)"
        >
          ›
        </button>
        <button class="plain-button" type="button" :aria-pressed="mirrored" @click="mirrored = !mirrored">
          {{ mirrored ? 'As the class sees it' : 'Mirror' }}
        </button>
      </span>
    </figcaption>
  </figure>
</template>

<style scoped>
.floor {
  margin: 0;
  border: 1px solid var(--line);
  border-top: 7px solid var(--text);
  border-radius: var(--radius);
  background: var(--inset);
}
svg {
  display: block;
  width: 100%;
  height: min(360px, 60vw);
}
.line {
  stroke: var(--line);
  stroke-width: 0.02;
  stroke-dasharray: 0.1 0.1;
}
.print {
  transition: transform 0.16s ease-out;
}
text {
  font: 700 0.17px var(--type);
}
figcaption {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  gap: var(--space-2);
  padding: var(--space-2) var(--space-3);
  background: var(--surface);
  border-radius: 0 0 var(--radius) var(--radius);
}
.what {
  min-height: 1.6em;
}
.row {
  gap: 2px;
}
@media (prefers-reduced-motion: reduce) {
  .print {
    transition: none;
  }
}
</style>
