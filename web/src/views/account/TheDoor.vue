<script setup lang="ts">
import FootSign from '@/components/foot-sign/FootSign.vue'

/** The page in front of the app: a row of feet on the floor, and a form. */
defineEmits<{ enter: [] }>()
</script>

<template>
  <div class="door">
    <div class="floor" aria-hidden="true">
      <FootSign v-for="n in 8" :key="n" :foot="n % 2 ? 'R' : 'L'" :weight="n !== 8" :size="44" />
    </div>
    <form class="card" @submit.prevent="$emit('enter')"><slot /></form>
  </div>
</template>

<style scoped>
.door {
  min-height: 100vh;
  display: grid;
  place-items: center;
  align-content: center;
  gap: var(--space-5);
  background: var(--action);
  background-image: radial-gradient(circle, rgb(253 246 234 / 9%) 3px, transparent 3.5px);
  background-size: 36px 28px;
  padding: var(--space-4);
}
.floor {
  display: flex;
  gap: 14px;
}
.floor > :deep(svg) {
  color: var(--on-action);
  --surface: var(--action);
}
.floor > :deep(svg:nth-child(even)) {
  transform: translateY(14px);
}
form {
  width: min(400px, 100%);
  display: grid;
  gap: var(--space-4);
  padding: var(--space-5);
}
form :deep(.problem) {
  color: var(--wrong);
  background: var(--wrong-wash);
  padding: var(--space-2) var(--space-3);
  border-radius: var(--radius-small);
}
</style>
