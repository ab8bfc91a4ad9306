<script setup lang="ts">
/** What a page shows before it has anything: that it loads, or what went wrong and a way on. */
defineProps<{ loading: boolean; problem: string; ready: boolean }>()
defineEmits<{ again: [] }>()
</script>

<template>
  <div v-if="problem" class="card problem" role="alert">
    <p>{{ problem }}</p>
    <el-button @click="$emit('again')">Try again</el-button>
  </div>
  <p v-else-if="!ready && loading" class="quiet" role="status">Fetching…</p>
  <slot v-if="ready" />
</template>

<style scoped>
.problem {
  border-color: var(--wrong);
  display: grid;
  gap: var(--space-3);
  justify-items: start;
  margin-bottom: var(--space-4);
}
</style>
