<script setup lang="ts">
import type { Schemas } from '@/api/client'
import { clock, degrees, onCircle } from '@/domain/facing'
import { minutesSeconds } from '@/domain/time'

/** Every wall as a small hall from above, front at the top: where it starts, where it leads. */
defineProps<{ walls: Schemas['WallView'][]; songEnd?: Schemas['SongEndView'] }>()

type Wall = Schemas['WallView']

function path(wall: Wall): string {
  const end = onCircle(wall.endFacing, 25)
  return `M0 0 L${end.x} ${end.y}`
}

function special(wall: Wall) {
  return wall.events.filter((event) => event.kind !== 'repeat' || event.counts > 0)
}
</script>

<template>
  <ol class="map">
    <li v-for="wall in walls" :key="wall.number" class="wall" :class="{ special: wall.events.length > 0 }">
      <div class="head">
        <strong>{{ wall.number }}</strong>
        <span v-if="wall.part !== 'A'" class="quiet">part {{ wall.part }}</span>
        <span v-if="wall.startMillis != null" class="quiet number">{{
          minutesSeconds(wall.startMillis / 1000)
        }}</span>
      </div>
      <svg
        viewBox="-40 -42 80 82"
        role="img"
        :aria-label="`wall ${wall.number} starts facing ${clock(wall.startFacing)} and ends facing ${clock(wall.endFacing)}`"
      >
        <rect class="floor" x="-36" y="-34" width="72" height="70" rx="3" />
        <rect class="front" x="-36" y="-40" width="72" height="7" rx="2" />
        <path class="lead" :d="path(wall)" />
        <circle
          class="end"
          r="4.5"
          :cx="onCircle(wall.endFacing, 27).x"
          :cy="onCircle(wall.endFacing, 27).y"
        />
        <g :transform="`rotate(${degrees(wall.startFacing)})`">
          <path class="wedge" d="M0 -19 L11 11 Q0 5 -11 11 Z" />
        </g>
      </svg>
      <div class="facing number">{{ clock(wall.startFacing) }} → {{ clock(wall.endFacing) }}</div>
      <div class="quiet number">{{ wall.counts }} counts</div>
      <div v-for="event in special(wall)" :key="event.label" class="event">
        {{ event.label }},
        {{
          event.from === event.to
            ? `facing ${clock(event.from)}`
            : `${clock(event.from)} to ${clock(event.to)}`
        }}
      </div>
      <div v-if="songEnd?.wall === wall.number" class="event stop">
        song stops after {{ songEnd.count }}, facing {{ clock(songEnd.facing) }}
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
  border: 1px solid var(--rule);
  border-radius: var(--radius);
  padding: var(--space-2);
  background: var(--chalk);
}
.wall.special {
  border: 2px solid var(--brass-mark);
}
.head {
  display: flex;
  align-items: baseline;
  justify-content: space-between;
  gap: 4px;
}
.head strong {
  font: 700 20px var(--type-head);
}
svg {
  width: 100%;
  max-width: 104px;
  display: block;
  margin: 2px auto;
}
.floor {
  fill: var(--board);
  stroke: var(--ink-soft);
}
.front {
  fill: var(--ink);
}
.wedge {
  fill: var(--plum-bright);
  stroke: var(--chalk);
}
.lead {
  stroke: var(--ink);
  stroke-width: 2;
  stroke-dasharray: 3 3;
}
.end {
  fill: var(--chalk);
  stroke: var(--ink);
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
  font-size: 13px;
  line-height: 1.3;
  font-weight: 600;
  background: var(--brass-wash);
  color: var(--brass);
  border-radius: 4px;
  padding: 2px 5px;
}
.event.stop {
  background: var(--board);
  color: var(--ink-soft);
}
</style>
