<script setup lang="ts">
import type { Schemas } from '@/api/client'
import { minutesNow, type Evening } from '@/domain/evening'
import { KIND_WORDS } from '@/domain/labels'
import { later } from '@/domain/time'

/** The lines of the evening: done, on, to come; one that is to come can be left out by hand. */
const props = defineProps<{ lines: Schemas['LineView'][]; evening: Evening; startsAt: string }>()
defineEmits<{ toggle: [line: Schemas['LineView']] }>()
const begun = (line: Schemas['LineView']) => props.evening.began[line.id] !== undefined
</script>

<template>
  <ol>
    <li
      v-for="line in lines"
      :key="line.id"
      :class="{
        on: line.id === evening.on,
        done: begun(line) && line.id !== evening.on,
        out: minutesNow(evening, line) === 0,
      }"
      :aria-current="line.id === evening.on ? 'step' : undefined"
    >
      <span class="number quiet">{{ later(startsAt, line.start) }}</span>
      <span
        ><b>{{ line.title }}</b> <span class="quiet">{{ KIND_WORDS[line.kind] }}</span></span
      >
      <span class="number">{{ minutesNow(evening, line) }} min</span>
      <button
        v-if="!begun(line)"
        type="button"
        class="plain-button"
        :aria-label="`${minutesNow(evening, line) ? 'Leave out' : 'Put back'} ${line.title}`"
        @click="$emit('toggle', line)"
      >
        {{ minutesNow(evening, line) ? '✕' : '↩' }}
      </button>
      <span v-else aria-hidden="true">{{ line.id === evening.on ? '●' : '✓' }}</span>
    </li>
  </ol>
</template>

<style scoped>
ol {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 52px minmax(0, 1fr) auto 36px;
  gap: var(--space-2);
  align-items: center;
  padding: 5px 6px;
  border-bottom: 1px solid var(--line);
  font-size: var(--size-7);
}
.on {
  background: var(--accent-wash);
}
.done {
  color: var(--text-soft);
}
.out b {
  text-decoration: line-through;
  font-weight: 400;
}
</style>
