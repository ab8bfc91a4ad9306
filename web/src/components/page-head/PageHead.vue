<script setup lang="ts">
/** The head of a page: where it belongs, its name, and what can be done with all of it. */
defineProps<{ title?: string; back?: string; backTo?: string }>()
</script>

<template>
  <div class="row spread">
    <div>
      <p v-if="backTo" class="quiet no-print">
        <RouterLink :to="backTo">‹ {{ back }}</RouterLink>
      </p>
      <slot name="above" />
      <h1>
        <slot name="title">{{ title }}</slot>
      </h1>
      <slot />
    </div>
    <div v-if="$slots.actions" class="row no-print"><slot name="actions" /></div>
  </div>
</template>
