<script setup lang="ts">
import { STAGE_WORDS, type Stage } from '@/domain/labels'

/**
 * How far a group is with a dance: a disc that fills as it settles, cracked when it is rusty, struck
 * through when it is retired.
 */
defineProps<{ stage: Stage; label?: string }>()

const FILL: Record<Stage, number> = {
  NOT_STARTED: 0,
  STARTED: 3,
  TAUGHT: 7,
  PRACTISED: 11,
  KNOWN: 16,
  RUSTY: 16,
  RETIRED: 0,
}
</script>

<template>
  <span class="chip" :class="stage.toLowerCase()">
    <svg width="16" height="16" viewBox="0 0 16 16" aria-hidden="true">
      <defs>
        <clipPath :id="`fill-${stage}`"><rect x="0" :y="16 - FILL[stage]" width="16" height="16" /></clipPath>
      </defs>
      <circle class="rim" cx="8" cy="8" r="6.5" />
      <circle class="fill" cx="8" cy="8" r="6.5" :clip-path="`url(#fill-${stage})`" />
      <path v-if="stage === 'RETIRED'" class="rim" d="M3 13 L13 3" />
      <path v-if="stage === 'RUSTY'" class="crack" d="M9 1 L6 7 L10 9 L6 15" />
    </svg>
    <template v-if="label"
      >{{ label }}<span class="quiet">{{ STAGE_WORDS[stage] }}</span></template
    >
    <template v-else>{{ STAGE_WORDS[stage] }}</template>
  </span>
</template>

<style scoped>
.rim {
  fill: none;
  stroke: var(--accent);
  stroke-width: 1.5;
}
.fill {
  fill: var(--accent);
}
.crack {
  fill: none;
  stroke: var(--surface);
  stroke-width: 2;
}
.rusty .rim {
  stroke: var(--notice-text);
}
.rusty .fill {
  fill: var(--notice-text);
}
.quiet {
  font-size: var(--size-1);
  font-weight: 400;
}
</style>
