<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import { sheetLines } from '@/components/dance-paper/sheet'
import { clock } from '@/domain/facing'

/** A dance on a card for the pocket: what is called in each section, and where each wall starts. */
const props = defineProps<{ reading: Schemas['Reading'] }>()
const MOST_WALLS = 8
const sections = computed(() =>
  props.reading.sections.map((section) => ({
    number: section.number,
    words: sheetLines(section.places, (facing) => String(clock(facing)))
      .map((line) => `${line.call}${line.facing ? ` ${line.facing}` : ''}`)
      .join(', '),
  })),
)
const walls = computed(() => props.reading.sequence.slice(0, MOST_WALLS))
</script>

<template>
  <article class="pocket">
    <h2>{{ reading.title }}</h2>
    <p class="facts">
      {{ reading.counts }} counts, {{ reading.walls }} {{ reading.walls === 1 ? 'wall' : 'walls' }}, intro
      {{ reading.intro }}, weight {{ reading.startWeight }}
      <template v-if="reading.songs[0]"> · “{{ reading.songs[0].title }}”</template>
    </p>
    <ol>
      <li v-for="one in sections" :key="one.number">{{ one.words }}</li>
    </ol>
    <p v-for="line in reading.phrasing" :key="line.words" class="phrase">{{ line.words }}</p>
    <p class="walls">
      <span v-for="wall in walls" :key="wall.number"
        ><b>{{ wall.number }}</b> {{ clock(wall.startFacing)
        }}<template v-if="wall.counts < reading.counts"> ({{ wall.counts }})</template></span
      >
    </p>
  </article>
</template>

<style scoped>
.pocket {
  background: var(--print-ground);
  color: var(--print-ink);
  border: 1px dashed #8a837c;
  padding: 8px 12px;
  font-size: var(--size-3);
  line-height: 1.35;
  overflow: hidden;
  break-inside: avoid;
}
h2 {
  font-size: var(--size-7);
  margin: 0;
}
p {
  margin: 2px 0;
}
ol {
  margin: 4px 0;
  padding-left: 20px;
}
.phrase {
  font-weight: 600;
}
.walls {
  display: flex;
  flex-wrap: wrap;
  gap: 0 10px;
}
</style>
