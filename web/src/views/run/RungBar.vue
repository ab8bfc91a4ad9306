<script setup lang="ts">
import type { Schemas } from '@/api/client'

/** The speeds of a run-through, slow to full; the one that is danced is marked. */
defineProps<{ ladder: Schemas['LadderView']; rung: number; percent: number }>()
const emit = defineEmits<{ go: [rung: number]; nudge: [by: -1 | 1] }>()
</script>

<template>
  <div class="rungs" role="group" aria-label="Speed">
    <button type="button" class="nudge" aria-label="A little slower" @click="emit('nudge', -1)">−</button>
    <button
      v-for="(one, i) in ladder.rungs"
      :key="one.percent"
      type="button"
      :class="{ on: i === rung, done: i < rung }"
      :aria-pressed="i === rung"
      @click="emit('go', i)"
    >
      <b>{{ i === rung ? percent : one.percent }} %</b>
      <span class="number">{{
        Math.round((one.countsPerMinute * (i === rung ? percent : one.percent)) / one.percent)
      }}</span>
    </button>
    <button type="button" class="nudge" aria-label="A little faster" @click="emit('nudge', 1)">+</button>
  </div>
</template>

<style scoped>
.rungs {
  display: flex;
  gap: 4px;
  align-items: stretch;
}
button {
  border: 2px solid var(--line);
  background: var(--surface);
  color: inherit;
  border-radius: var(--radius-small);
  padding: 4px 12px;
  cursor: pointer;
  display: grid;
  text-align: center;
  min-height: 48px;
  align-content: center;
}
span {
  font-size: var(--size-2);
}
.nudge {
  font: 700 var(--size-8) var(--type-head);
  min-width: 44px;
}
.done {
  background: var(--accent-wash);
}
.on {
  background: var(--action);
  border-color: var(--notice);
  color: var(--on-action);
}
@media (max-width: 700px) {
  .rungs {
    width: 100%;
  }
  button {
    flex: 1;
    padding: 4px 2px;
  }
  .nudge {
    flex: 0 0 44px;
  }
}
</style>
