<script setup lang="ts">
import { defineAsyncComponent, ref } from 'vue'

/** Help on a page of the floor, which has no head: the same words, behind a small key. */
const HelpDrawer = defineAsyncComponent(() => import('@/views/handbook/HelpDrawer.vue'))
const open = ref(false)
</script>

<template>
  <button type="button" class="help" aria-label="Help" title="Help" @click="open = true">?</button>
  <HelpDrawer v-if="open" v-model="open" />
</template>

<style scoped>
.help {
  width: 32px;
  height: 32px;
  border-radius: 50%;
  border: 1px solid var(--text-soft);
  background: none;
  font: 700 var(--size-5) var(--type-head);
  cursor: pointer;
  flex: none;
}
</style>
