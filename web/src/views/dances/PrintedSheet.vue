<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'

/** The printed sheet that a dance was read from, each line beside what it became. */
const props = defineProps<{ sheet: Schemas['PrintedSheet']; stepText: string }>()
defineEmits<{ show: [line: number] }>()

/** Where a line stands in the text as it is now; 0 where it has been changed since. */
const places = computed(() => {
  const now = props.stepText.split('\n').map((line) => line.trim())
  return new Map(
    props.sheet.lines.flatMap((line) =>
      line.became.map((words) => [words, now.indexOf(words.trim()) + 1] as const),
    ),
  )
})
</script>

<template>
  <section class="card stack">
    <p class="quiet">
      What version {{ sheet.version }} was read from. A line leads to its steps; where they have been changed
      since, it says so.
    </p>
    <ol>
      <li v-for="line in sheet.lines" :key="line.number">
        <span class="printed">{{ line.text || '\u00a0' }}</span>
        <template v-for="words in line.became" :key="words">
          <button v-if="places.get(words)" type="button" @click="$emit('show', places.get(words) ?? 1)">
            {{ words }}
          </button>
          <span v-else class="quiet">{{ words }} (changed since)</span>
        </template>
      </li>
    </ol>
  </section>
</template>

<style scoped>
ol {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 2px;
}
li {
  display: grid;
}
.printed {
  white-space: pre-wrap;
  font-size: var(--size-3);
}
button,
li .quiet {
  all: unset;
  font: var(--size-1)/1.4 var(--type-mono);
  color: var(--text-soft);
  padding-left: var(--space-4);
  white-space: pre-wrap;
}
button {
  cursor: pointer;
  color: var(--accent);
}
button:focus-visible {
  outline: 3px solid var(--notice);
}
</style>
