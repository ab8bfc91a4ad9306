<script setup lang="ts">
import type { Schemas } from '@/api/client'

/** Lines that were taken away, put in, or put in the place of others. */
defineProps<{ lines: Schemas['LineDifference'][] }>()
</script>

<template>
  <ul class="differences">
    <li v-for="(line, i) in lines" :key="i">
      <del v-if="line.was != null">{{ line.was || '(empty line)' }}</del>
      <ins v-if="line.now != null">{{ line.now || '(empty line)' }}</ins>
    </li>
  </ul>
</template>

<style scoped>
.differences {
  list-style: none;
  margin: 4px 0 0;
  padding: 0;
  display: grid;
  gap: 3px;
  font: 400 var(--size-2)/1.45 var(--type-mono);
}
del,
ins {
  display: block;
  text-decoration: none;
  padding: 0 8px;
  border-left: 4px solid;
  white-space: pre-wrap;
}
del {
  border-color: var(--wrong);
  background: var(--wrong-wash);
}
del::before {
  content: '− ';
}
ins {
  border-color: var(--good);
  background: var(--accent-wash);
}
ins::before {
  content: '+ ';
}
</style>
