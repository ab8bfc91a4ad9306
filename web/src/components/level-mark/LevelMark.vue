<script setup lang="ts">
import { computed } from 'vue'
import { LEVEL_WORDS, LEVELS, type Level } from '@/domain/labels'

/** A level as seven steps of a stair, filled up to it, and its name. */
const props = defineProps<{ level: Level; stated?: Level }>()

const height = computed(() => LEVELS.indexOf(props.level) + 1)
const differs = computed(() => props.stated && props.stated !== props.level)
</script>

<template>
  <span
    class="level"
    :title="`measured: ${LEVEL_WORDS[level]}${stated ? `, stated: ${LEVEL_WORDS[stated]}` : ''}`"
  >
    <svg width="30" height="16" viewBox="0 0 35 16" aria-hidden="true">
      <rect
        v-for="n in 7"
        :key="n"
        :class="{ on: n <= height }"
        :x="(n - 1) * 5"
        :y="14 - n * 2"
        width="4"
        :height="n * 2 + 2"
      />
    </svg>
    <span
      >{{ LEVEL_WORDS[level]
      }}<small v-if="stated && differs"> (stated {{ LEVEL_WORDS[stated] }})</small></span
    >
  </span>
</template>

<style scoped>
.level {
  display: inline-flex;
  align-items: center;
  gap: 7px;
}
svg {
  flex: none;
}
rect {
  fill: var(--line);
}
rect.on {
  fill: var(--accent);
}
small {
  color: var(--text-soft);
  font-size: var(--size-2);
}
</style>
