<script setup lang="ts">
import { usePreferredReducedMotion, useTransition } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import type { Schemas } from '@/api/client'
import SolePrint from '@/components/sole-print/SolePrint.vue'
import { degrees } from '@/domain/facing'
import type { ClockView } from '@/domain/clock-view'

/**
 * The feet on the floor from above while one dances: where they are, which carries the weight, where the
 * next step goes. The floor moves under the dancer, so that the feet stay in the middle.
 */
const props = defineProps<{
  track: Schemas['TrackView']
  /** The last place that was danced; -1 before the first. */
  step: number
  /** Where its wall starts, on the room clock. */
  start: number
  view: ClockView
}>()

const HALF = 1.9
const TRAIL = 6

interface Print {
  foot: 'L' | 'R'
  x: number
  y: number
  angle: number
}

const place = computed(() => props.track.steps[props.step])
const next = computed(() => props.track.steps[props.step + 1])
const feet = computed(() => place.value?.feet ?? props.track.startFeet)
const facing = computed(() => place.value?.facing ?? props.track.startFacing)
const weight = computed(() => place.value?.weight ?? props.track.startWeight)

function printOf(foot: 'L' | 'R', at: Schemas['FeetView'], angle: number): Print {
  const [x, y] = foot === 'L' ? [at.leftX, at.leftY] : [at.rightX, at.rightY]
  return { foot, x, y, angle }
}

/** Degrees that go on past a full turn, so that the feet turn the short way. */
const angle = ref(degrees(facing.value))
watch(facing, (now) => {
  angle.value += ((((degrees(now) - angle.value) % 360) + 540) % 360) - 180
})

const prints = computed(() =>
  (['L', 'R'] as const).map((foot) => ({
    ...printOf(foot, feet.value, angle.value),
    full: weight.value === foot || weight.value === 'both',
    moved: place.value?.foot === foot,
  })),
)
const trail = computed(() =>
  props.track.steps
    .slice(Math.max(0, props.step - TRAIL), Math.max(0, props.step))
    .filter((one) => one.foot && one.takesWeight)
    .map((one) => printOf(one.foot as 'L' | 'R', one.feet, degrees(one.facing))),
)
const ghost = computed(() => {
  const to = next.value
  if (!to?.foot) return undefined
  return printOf(to.foot as 'L' | 'R', to.feet, degrees(to.facing))
})
const middle = computed(() => ({
  x: (feet.value.leftX + feet.value.rightX) / 2,
  y: (feet.value.leftY + feet.value.rightY) / 2,
}))
/** The floor glides under the dancer; whoever wants less motion sees it jump. */
const still = usePreferredReducedMotion()
const shift = useTransition(() => [middle.value.x, middle.value.y], {
  duration: 180,
  disabled: computed(() => still.value === 'reduce'),
})
/** The whole floor turned for who looks: as the room is, from the wall's own 12, or in the mirror. */
const look = computed(() => {
  if (props.view === 'wall') return `rotate(${-degrees(props.start)}deg)`
  // Who faces the class sees its right foot on the left, and its front below.
  return props.view === 'mirror' ? 'scale(1, -1)' : 'none'
})
const at = (print: Print) => ({
  transform: `translate(${print.x}px, ${-print.y}px) rotate(${print.angle}deg)`,
})
const letter = (foot: 'L' | 'R') => (props.view === 'mirror' ? (foot === 'L' ? 'R' : 'L') : foot)
const upright = (print: Print) => {
  const back = -print.angle + (props.view === 'wall' ? degrees(props.start) : 0)
  return props.view === 'mirror' ? `rotate(${-print.angle}) scale(1 -1)` : `rotate(${back})`
}
</script>

<template>
  <svg
    class="live"
    :class="{ below: view === 'mirror' }"
    preserveAspectRatio="xMidYMid slice"
    :viewBox="`${-HALF} ${-HALF} ${2 * HALF} ${2 * HALF}`"
    role="img"
    :aria-label="place ? `feet after count ${place.count}` : 'feet before the first step'"
  >
    <defs>
      <pattern id="boards" width="1" height="1" patternUnits="userSpaceOnUse">
        <path d="M0 0H1M0 0V1" class="board" />
      </pattern>
    </defs>
    <g class="look" :style="{ transform: look }">
      <g :transform="`translate(${-shift[0]} ${shift[1]})`">
        <rect x="-40" y="-40" width="80" height="80" fill="url(#boards)" />
        <circle r="0.06" class="start" />
        <SolePrint
          v-for="(print, i) in trail"
          :key="i"
          as="trail"
          :foot="print.foot"
          :style="{ ...at(print), opacity: 0.1 + i * 0.05 }"
        />
        <SolePrint
          v-if="ghost"
          as="ghost"
          :foot="ghost.foot"
          :class="{ mirrored: view === 'mirror' }"
          :style="at(ghost)"
        />
        <path
          class="heading"
          d="M0 -0.24 L0.16 0.06 Q0 -0.02 -0.16 0.06 Z"
          :style="{
            transform: `translate(${middle.x}px, ${-middle.y}px) rotate(${angle}deg) translate(0, -0.72px)`,
          }"
        />
        <SolePrint
          v-for="print in prints"
          :key="print.foot"
          class="print"
          as="foot"
          :foot="print.foot"
          :full="print.full"
          :moved="print.moved"
          :class="{ mirrored: view === 'mirror' }"
          :style="at(print)"
        >
          <text y="0.075" text-anchor="middle" :transform="upright(print)">{{ letter(print.foot) }}</text>
        </SolePrint>
      </g>
    </g>
  </svg>
</template>

<style scoped>
.live {
  display: block;
  width: 100%;
  height: 100%;
  background: var(--inset);
  border-radius: var(--radius);
  border-top: 10px solid var(--text);
}
.live.below {
  border-top: 0;
  border-bottom: 10px solid var(--text);
}
.board {
  fill: none;
  stroke: var(--line);
  stroke-width: 0.02;
}
.print {
  transition: transform 0.18s ease-out;
}
.start {
  fill: var(--text-soft);
  opacity: 0.5;
}
text {
  font: 800 0.22px var(--type);
}
/* Who faces the class uses the other foot: its colour goes with its letter. */
.mirrored.left {
  color: var(--right-foot);
}
.mirrored.right {
  color: var(--left-foot);
}
.heading {
  fill: var(--accent);
  transition: transform 0.18s ease-out;
}
@media (prefers-reduced-motion: reduce) {
  .heading,
  .print {
    transition: none;
  }
}
</style>
