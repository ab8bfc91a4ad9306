<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '@/api/client'
import { clockOf, useClock } from '@/composables/sound/useClock'
import { onCircle } from '@/domain/facing'
import { rowsOf } from './rows'

/** The hall from above with the walls that start in each direction, always on the room's own sides. */
const props = defineProps<{ ring: Schemas['RingView'] }>()
const here = useClock()
// A ring of directions makes no sense with every wall from 12: there it is the room's.
const room = clockOf(ref('room'))
const clock = computed(() => (here.view.value === 'mirror' ? here : room))

const ROW_HEIGHT = 15
const IN_A_ROW = { beside: 2, above: 6 }

const stops = computed(() =>
  props.ring.stops.map((stop) => {
    const shown = clock.value.show(stop.facing)
    const at = onCircle(shown.degrees / 45, 1)
    const square = Math.max(Math.abs(at.x), Math.abs(at.y))
    const beside = Math.abs((at.x / square) * 52) > 30
    const rows = rowsOf(stop.walls, beside ? IN_A_ROW.beside : IN_A_ROW.above)
    const y = (at.y / square) * 52
    const middle = ((rows.length - 1) * ROW_HEIGHT) / 2
    const first = beside ? y * 0.9 + 4 - middle : y > 0 ? 88 : -77 - (rows.length - 1) * ROW_HEIGHT
    return {
      facing: stop.facing,
      label: shown.label,
      degrees: shown.degrees,
      x: (at.x / square) * 52,
      y: (at.y / square) * 52,
      beside,
      rows,
      first,
      all: stop.walls.join(', '),
    }
  }),
)
const frontBelow = computed(() => clock.value.show(0).frontBelow)
</script>

<template>
  <figure class="ring">
    <svg viewBox="-120 -108 240 216" role="img" aria-label="The directions in which walls start">
      <rect class="floor" x="-66" y="-66" width="132" height="132" rx="4" />
      <rect class="front" x="-66" :y="frontBelow ? 62 : -70" width="132" height="9" rx="2" />
      <g v-for="stop in stops" :key="stop.facing">
        <g :transform="`translate(${stop.x * 0.62} ${stop.y * 0.62}) rotate(${stop.degrees})`">
          <path class="wedge" d="M0 -15 L10 9 Q0 4 -10 9 Z" />
        </g>
        <text class="walls" :text-anchor="stop.beside ? (stop.x > 0 ? 'start' : 'end') : 'middle'">
          <tspan
            v-for="(row, i) in stop.rows"
            :key="i"
            :x="stop.beside ? Math.sign(stop.x) * 74 : 0"
            :y="stop.first + i * ROW_HEIGHT"
          >
            {{ row }}
          </tspan>
        </text>
      </g>
    </svg>
    <figcaption>
      <b>{{ ring.words }}</b>
      <ul>
        <li v-for="stop in stops" :key="stop.facing">
          from <b>{{ stop.label }}</b>: walls {{ stop.all }}
        </li>
      </ul>
      <p v-if="ring.breaks.length" class="quiet">
        Broken after wall {{ ring.breaks.join(', ') }}: the next one starts elsewhere than a plain wall leads.
      </p>
    </figcaption>
  </figure>
</template>

<style scoped>
.ring {
  margin: 0;
  display: grid;
  gap: var(--space-2);
}
svg {
  width: 100%;
  max-width: 300px;
  margin: 0 auto;
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
}
.walls {
  font: 700 var(--size-2) var(--type);
  fill: var(--text);
}
ul {
  margin: 2px 0;
  padding-left: 18px;
}
</style>
