<script setup lang="ts">
import type { Schemas } from '@/api/client'
import { minutesSeconds } from '@/domain/time'

/** How far tonight: every place where the teach may stop, with what would be practised by then. */
defineProps<{ stops: Schemas['HowFarView'][] }>()
const emit = defineEmits<{ go: [upTo: number] }>()

function why(stop: Schemas['HowFarView']): string {
  return stop.fits
    ? `${stop.ready} % of the practice done on the section that has least`
    : `takes ${minutesSeconds(stop.shortestSeconds)} at least`
}
</script>

<template>
  <div class="far no-print" role="group" aria-label="How far tonight?">
    <span class="ask">How far tonight?</span>
    <button
      v-for="stop in stops"
      :key="stop.upTo"
      type="button"
      class="stop"
      :class="{ on: stop.chosen, tight: !stop.fits }"
      :aria-pressed="stop.chosen"
      :title="why(stop)"
      @click="emit('go', stop.upTo)"
    >
      <b class="number">{{ stop.reached }}</b>
      <small class="number">{{
        stop.fits ? `${stop.ready} %` : `from ${minutesSeconds(stop.shortestSeconds)}`
      }}</small>
    </button>
  </div>
</template>

<style scoped>
.far {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-2);
  margin-top: var(--space-2);
}
.ask {
  font-weight: 700;
}
.stop {
  display: grid;
  justify-items: center;
  min-width: 58px;
  padding: 4px var(--space-2);
  border: 1px solid var(--line);
  border-radius: var(--radius-small);
  background: var(--surface);
  color: inherit;
  font: inherit;
  cursor: pointer;
}
.stop small {
  color: var(--text-soft);
}
.stop.on {
  border-color: var(--accent);
  background: var(--accent-wash);
  box-shadow: inset 0 -4px 0 var(--accent);
}
.tight b {
  font-weight: 400;
}
</style>
