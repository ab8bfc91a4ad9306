<script setup lang="ts">
/** A share of a whole as a short bar; the number stands beside it. */
defineProps<{ percent: number }>()
</script>

<template>
  <span class="track"><span :style="{ width: `${percent}%` }" /></span>
</template>

<style scoped>
.track {
  display: block;
  height: 8px;
  border-radius: 4px;
  background: var(--inset);
  overflow: hidden;
}
.track span {
  display: block;
  height: 100%;
  background: var(--left-foot);
}
</style>
