<script setup lang="ts">
import { useRouter } from 'vue-router'

/** A part of the handbook, rendered when the app was built; its links stay in the app. */
defineProps<{ html: string }>()
const router = useRouter()

function follow(event: MouseEvent) {
  const link = (event.target as Element).closest('a')
  const to = link?.getAttribute('href') ?? ''
  if (!to.startsWith('/') || event.ctrlKey || event.metaKey || event.shiftKey) return
  event.preventDefault()
  void router.push(to)
}
</script>

<template>
  <!-- eslint-disable-next-line vue/no-v-html -- our own text, without HTML of its own -->
  <div class="text" @click="follow" v-html="html" />
</template>

<style scoped>
.text {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: var(--space-3);
}
.text :deep(img) {
  max-width: 100%;
  max-height: 420px;
  border: 1px solid var(--line);
  border-radius: var(--radius-small);
}
.text :deep(pre) {
  background: var(--inset);
  padding: var(--space-3);
  border-radius: var(--radius-small);
  overflow-x: auto;
  font: var(--size-3)/1.45 var(--type-mono);
}
.text :deep(ul) {
  padding-left: 22px;
  margin: 0;
}
.text :deep(li + li) {
  margin-top: 4px;
}
</style>
