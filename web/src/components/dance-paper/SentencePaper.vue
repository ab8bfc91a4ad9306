<script setup lang="ts">
import { computed } from 'vue'

/** A dance in full sentences, as a page. */
const props = defineProps<{ text: string }>()
/** Line by line: its counts, where it has any, and its words. */
const sentences = computed(() =>
  props.text
    .trimEnd()
    .split('\n')
    .map((line) => {
      const counted = /^([\d&][\d&ae -]*?)\s{2,}(.*)$/.exec(line)
      return counted ? { counts: counted[1], words: counted[2] } : { counts: '', words: line }
    }),
)
</script>

<template>
  <article class="paper sentences">
    <p v-for="(line, i) in sentences" :key="i" :class="{ counted: line.counts }">
      <b v-if="line.counts">{{ line.counts }}</b>
      <span>{{ line.words || '\u00a0' }}</span>
    </p>
  </article>
</template>

<style scoped>
.sentences {
  font-size: var(--size-4);
  line-height: 1.4;
  display: grid;
  gap: 2px;
}
.counted {
  display: grid;
  grid-template-columns: 5em minmax(0, 1fr);
}
</style>
