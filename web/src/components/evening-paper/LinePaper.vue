<script setup lang="ts">
/** A page of lines: when or how much, what, and how. */
defineProps<{ title: string; sub: string }>()
</script>

<template>
  <article class="paper">
    <h1>{{ title }}</h1>
    <p class="sub">{{ sub }}</p>
    <ol class="lines">
      <slot />
    </ol>
  </article>
</template>

<style scoped>
.sub {
  font-size: var(--size-4);
}
.lines {
  list-style: none;
  margin: var(--space-3) 0 0;
  padding: 0;
}
.lines :slotted(li) {
  display: grid;
  grid-template-columns: 6.5em minmax(0, 1fr) max-content;
  gap: 0 var(--space-3);
  padding: 5px 0;
  border-bottom: 1px solid #b9b3ab;
  align-items: baseline;
}
@media (max-width: 700px) {
  .lines :slotted(li) {
    grid-template-columns: 6.5em minmax(0, 1fr);
  }
  .lines :slotted(li > :last-child) {
    grid-column: 2;
  }
}
</style>
