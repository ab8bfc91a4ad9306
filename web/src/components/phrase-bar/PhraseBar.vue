<script setup lang="ts">
/** A song's phrases in their length. */
defineProps<{ counts: number[] }>()
</script>

<template>
  <ol class="phrases" aria-label="Phrases of the song, in counts">
    <li v-for="(count, i) in counts" :key="i" :style="{ flexGrow: count }" class="number">{{ count }}</li>
  </ol>
</template>

<style scoped>
.phrases {
  list-style: none;
  display: flex;
  gap: 2px;
  margin: 0;
  padding: 0;
}
li {
  flex: 1 1 0;
  min-width: 0;
  overflow: hidden;
  text-align: center;
  font-size: var(--size-1);
  font-weight: 600;
  background: var(--left-foot-wash);
  color: var(--left-foot);
  border-radius: 4px;
  line-height: 22px;
}
</style>
