<script setup lang="ts">
import type { Schemas } from '@/api/client'
import HallSign from '@/components/hall-sign/HallSign.vue'
import { useClock } from '@/composables/sound/useClock'
import { minutesSeconds } from '@/domain/time'
import { callOn, span } from '@/domain/calls'

/** Walls that it may be, the likeliest first and large, with what is called next. */
defineProps<{ candidates: Schemas['CandidateView'][] }>()
const { label } = useClock()
const MOST = 6
</script>

<template>
  <ol>
    <li v-for="(one, i) in candidates.slice(0, MOST)" :key="one.wall" :class="{ first: i === 0 }">
      <span class="wall number">{{ one.wall }}</span>
      <HallSign :facing="one.startFacing" :size="i === 0 ? 54 : 34" what="starts facing" />
      <div>
        <p>
          <b>Wall {{ one.wall }}</b
          >, from {{ label(one.startFacing) }}
          <span v-if="one.beginsMillis != null" class="number"
            >· {{ minutesSeconds(one.beginsMillis / 1000) }}</span
          >
        </p>
        <p class="quiet">
          {{ span(one.from, one.to) }}
        </p>
        <p v-if="i === 0 && one.next" class="next">
          Next: <b>“{{ one.next.shout }}”</b> on wall {{ one.next.point.wall }}, {{ callOn(one.next)
          }}{{ one.next.callMillis == null ? '' : ` at ${minutesSeconds(one.next.callMillis / 1000)}` }}
        </p>
      </div>
      <span class="percent number">{{ one.percent }} %</span>
    </li>
  </ol>
</template>

<style scoped>
ol {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 6px;
}
li {
  display: grid;
  grid-template-columns: 44px auto minmax(0, 1fr) auto;
  align-items: center;
  gap: var(--space-3);
  padding: 6px var(--space-3);
  border: 1px solid var(--line);
  border-radius: var(--radius);
  background: var(--surface);
}
.first {
  border: 3px solid var(--accent);
}
.wall {
  font: 800 var(--size-10)/1 var(--type-head);
}
.first .wall {
  font-size: var(--size-11);
}
.percent {
  font-weight: 700;
}
.next {
  margin-top: 4px;
}
</style>
