<script setup lang="ts">
import { useClock } from '@/composables/sound/useClock'
import { onCircle } from '@/domain/facing'
import { minutesSeconds } from '@/domain/time'

/** Every wall as a small hall from above: where it starts, where it leads, what is special. */
export interface MapWall {
  number: number
  part: string
  startFacing: number
  endFacing: number
  counts: number
  startMillis?: number
  late?: number
  events: { text: string; from: number; to: number }[]
}

defineProps<{
  walls: MapWall[]
  songEnd?: { wall: number; count: number; facing: number }
  parts?: boolean
  openable?: boolean
}>()
defineEmits<{ open: [wall: number] }>()

const { label, show } = useClock()

/** Degrees are for the drawing, whose front may be below. */
function at(wall: MapWall, facing: number, radius: number) {
  return onCircle(show(facing, wall.startFacing).degrees / 45, radius)
}
function turned(wall: MapWall, event: { from: number; to: number }): string {
  const from = label(event.from, wall.startFacing)
  return event.from === event.to ? `facing ${from}` : `${from} to ${label(event.to, wall.startFacing)}`
}
</script>

<template>
  <ol class="map">
    <li v-for="wall in walls" :key="wall.number" class="wall" :class="{ special: wall.events.length > 0 }">
      <div class="head">
        <button
          v-if="openable"
          class="plain-button nr"
          type="button"
          :aria-label="`Wall ${wall.number} in detail`"
          @click="$emit('open', wall.number)"
        >
          {{ wall.number }}
        </button>
        <strong v-else class="nr">{{ wall.number }}</strong>
        <span v-if="parts" class="quiet">part {{ wall.part }}</span>
        <span v-if="wall.startMillis != null" class="quiet number">{{
          minutesSeconds(wall.startMillis / 1000)
        }}</span>
      </div>
      <svg
        viewBox="-40 -42 80 84"
        role="img"
        :aria-label="`wall ${wall.number} starts facing ${label(wall.startFacing, wall.startFacing)} and ends facing ${label(wall.endFacing, wall.startFacing)}`"
      >
        <rect class="floor" x="-36" y="-36" width="72" height="72" rx="3" />
        <rect
          class="front"
          x="-36"
          :y="show(wall.startFacing).frontBelow ? 33 : -40"
          width="72"
          height="7"
          rx="2"
        />
        <line
          class="lead"
          x1="0"
          y1="0"
          :x2="at(wall, wall.endFacing, 25).x"
          :y2="at(wall, wall.endFacing, 25).y"
        />
        <circle
          class="end"
          r="4.5"
          :cx="at(wall, wall.endFacing, 27).x"
          :cy="at(wall, wall.endFacing, 27).y"
        />
        <g :transform="`rotate(${show(wall.startFacing, wall.startFacing).degrees})`">
          <path class="wedge" d="M0 -19 L11 11 Q0 5 -11 11 Z" />
        </g>
      </svg>
      <div class="facing number">
        {{ label(wall.startFacing, wall.startFacing) }} → {{ label(wall.endFacing, wall.startFacing) }}
      </div>
      <div class="quiet number">{{ wall.counts }} counts</div>
      <div v-if="wall.late" class="event late">{{ wall.late }} counts into a phrase</div>
      <div v-for="event in wall.events" :key="event.text" class="event">
        {{ event.text }}, {{ turned(wall, event) }}
      </div>
      <div v-if="songEnd?.wall === wall.number" class="event stop">
        song stops after {{ songEnd.count }}, facing {{ label(songEnd.facing, wall.startFacing) }}
      </div>
    </li>
  </ol>
</template>

<style scoped>
.map {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(122px, 1fr));
  gap: var(--space-3);
}
.wall {
  border: 1px solid var(--line);
  border-radius: var(--radius);
  padding: var(--space-2);
  background: var(--surface);
}
.wall.special {
  border: 2px solid var(--notice);
}
.head {
  display: flex;
  align-items: baseline;
  justify-content: space-between;
  gap: 4px;
}
.nr {
  font: 700 var(--size-7) var(--type-head);
}
button.nr {
  min-width: 44px;
  min-height: 32px;
  margin: -4px 0 0 -4px;
  text-align: left;
  text-decoration: underline dotted;
}
svg {
  width: 100%;
  max-width: 104px;
  display: block;
  margin: 2px auto;
}
.floor {
  fill: var(--inset);
  stroke: var(--text-soft);
}
.front {
  fill: var(--text);
}
.wedge {
  fill: var(--accent);
  stroke: var(--surface);
}
.lead {
  stroke: var(--text);
  stroke-width: 2;
  stroke-dasharray: 3 3;
}
.end {
  fill: var(--surface);
  stroke: var(--text);
  stroke-width: 2.5;
}
.facing {
  font-weight: 700;
  text-align: center;
}
.facing + .quiet {
  text-align: center;
}
.event {
  margin-top: 4px;
  font-size: var(--size-2);
  line-height: 1.3;
  font-weight: 600;
  background: var(--notice-wash);
  color: var(--notice-text);
  border-radius: 4px;
  padding: 2px 5px;
}
.event.stop {
  background: var(--inset);
  color: var(--text-soft);
}
.event.late {
  background: var(--wrong-wash);
  color: var(--wrong);
}
</style>
