<script setup lang="ts">
/** A step on the way to the first class. */
defineProps<{ number: number; title: string; done: boolean; optional?: boolean }>()
</script>

<template>
  <section class="card step" :aria-label="title">
    <span class="mark" :class="{ done }" aria-hidden="true">{{ done ? '✓' : number }}</span>
    <div class="stack">
      <h2>
        {{ title }} <span v-if="done" class="quiet">done</span
        ><span v-else-if="optional" class="quiet">whenever you like</span>
      </h2>
      <slot />
    </div>
  </section>
</template>

<style scoped>
.step {
  display: grid;
  grid-template-columns: 44px minmax(0, 1fr);
  gap: var(--space-3);
}
.mark {
  width: 36px;
  height: 36px;
  border-radius: 50%;
  display: grid;
  place-items: center;
  font: 700 var(--size-7) var(--type-head);
  background: var(--inset);
}
.mark.done {
  background: var(--good);
  color: var(--surface);
}
h2 .quiet {
  font-family: var(--type);
  font-weight: 400;
}
@media (max-width: 700px) {
  .step {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
