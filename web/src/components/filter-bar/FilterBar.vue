<script setup lang="ts">
import { ref } from 'vue'

/** Finds things in a list: words first, then whatever else narrows it down, and how many are left. */
defineProps<{
  /** What the words are looked for in. */
  placeholder: string
  label: string
  shown?: number
  all?: number
  narrowed?: boolean
}>()
defineEmits<{ clear: [] }>()
const words = defineModel<string>({ required: true })
/** On a phone the filters open on demand. */
const more = ref(false)
</script>

<template>
  <div class="row filters" :class="{ open: more }">
    <el-input v-model="words" class="search" name="search" clearable :placeholder :aria-label="label" />
    <template v-if="$slots.default">
      <button class="plain-button more" type="button" :aria-expanded="more" @click="more = !more">
        {{ more ? 'Fewer' : 'Filter' }}
      </button>
      <slot />
    </template>
    <span v-if="all !== undefined" class="quiet" role="status">{{ shown }} of {{ all }}</span>
    <button v-if="narrowed" class="plain-button" type="button" @click="$emit('clear')">Show all</button>
  </div>
</template>

<style scoped>
.filters {
  gap: var(--space-2);
}
.search {
  width: min(340px, 100%);
}
:slotted(.narrow) {
  width: 132px;
}
:slotted(.wide) {
  width: 180px;
}
.more {
  display: none;
}
@media (max-width: 700px) {
  /* The search has a row of its own, with the way to the filters at its end. */
  .search {
    width: auto;
    flex: 1 1 calc(100% - 96px);
  }
  .more {
    display: block;
  }
  .filters:not(.open) :slotted(.narrow) {
    display: none;
  }
}
</style>
