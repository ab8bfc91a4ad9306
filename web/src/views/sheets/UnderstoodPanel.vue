<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import CountStrip from '@/components/count-strip/CountStrip.vue'
import { useClock } from '@/composables/sound/useClock'

/** What was understood: every section on its strip, and its lines of step text. */
const props = defineProps<{
  reading: Schemas['Reading']
  stepText: string
  /** Lines of the step text that the shown line of the sheet became, from 1. */
  lines: number[]
}>()
defineEmits<{ show: [stepLine: number] }>()
const { label } = useClock()

const text = computed(() => props.stepText.split('\n'))
const starts = computed(() => {
  let at = 0
  return text.value.map((line) => {
    const start = at
    at += line.length + 1
    return start
  })
})
/** The lines of a section: those on which its places stand. */
function linesOf(section: Schemas['SectionView']): number[] {
  const found = new Set<number>()
  for (const place of section.places) {
    let line = starts.value.findIndex((start) => start > place.start)
    if (line < 0) line = text.value.length
    found.add(line)
  }
  return [...found]
}
const rest = computed(() => {
  const danced = new Set(props.reading.sections.flatMap(linesOf))
  const first = Math.min(...danced)
  return text.value
    .map((words, i) => ({ words, number: i + 1 }))
    .filter(
      (one) => one.number > first && !danced.has(one.number) && one.words && !/^section /.test(one.words),
    )
})
</script>

<template>
  <section class="understood stack" aria-label="What was understood">
    <h3>What was understood</h3>
    <section v-for="section in reading.sections" :key="section.number" class="section">
      <p class="row spread">
        <b>{{ section.title ? `${section.number}. ${section.title}` : `Section ${section.number}` }}</b>
        <span class="quiet">{{ label(section.startFacing, 0) }} to {{ label(section.endFacing, 0) }}</span>
      </p>
      <CountStrip
        :places="section.places"
        :counts="Math.max(section.counts, 1)"
        :width="Math.max(section.counts, reading.sectionCounts)"
      />
      <ul>
        <li v-for="number in linesOf(section)" :key="number" :data-shown="lines.includes(number)">
          <button type="button" :aria-current="lines.includes(number)" @click="$emit('show', number)">
            {{ text[number - 1] }}
          </button>
        </li>
      </ul>
    </section>
    <section v-if="rest.length" class="section">
      <b>Tags, options and the walls</b>
      <ul>
        <li v-for="one in rest" :key="one.number" :data-shown="lines.includes(one.number)">
          <button type="button" :aria-current="lines.includes(one.number)" @click="$emit('show', one.number)">
            {{ one.words }}
          </button>
        </li>
      </ul>
    </section>
  </section>
</template>

<style scoped>
.understood {
  max-height: 74vh;
  overflow: auto;
}
.section {
  display: grid;
  gap: var(--space-1);
  border-top: 1px solid var(--line);
  padding-top: var(--space-2);
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li button {
  all: unset;
  cursor: pointer;
  font: var(--size-2)/1.5 var(--type-mono);
  white-space: pre-wrap;
  padding: 0 var(--space-1);
  border-radius: 4px;
}
li button:hover {
  background: var(--inset);
}
li button:focus-visible {
  outline: 3px solid var(--notice);
}
li button[aria-current='true'] {
  background: var(--accent-wash);
  font-weight: 700;
}
</style>
