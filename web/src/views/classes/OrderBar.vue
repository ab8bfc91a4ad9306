<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import { KIND_WORDS } from '@/domain/labels'

/** The minutes of a class as one bar, each line as long as it lasts. */
const props = defineProps<{ lines: Schemas['LineView'][]; minutes: number }>()
const planned = computed(() => props.lines.reduce((sum, line) => sum + line.minutes, 0))
const all = computed(() => Math.max(planned.value, props.minutes))
</script>

<template>
  <div class="bar" role="img" :aria-label="`${planned} of ${minutes} minutes planned`">
    <span
      v-for="(line, i) in lines"
      :key="i"
      :class="`kind-${line.kind.toLowerCase()}`"
      :style="{ width: `${(line.minutes / all) * 100}%` }"
      :title="`${KIND_WORDS[line.kind]}, ${line.title}, ${line.minutes} minutes`"
      ><b>{{ line.minutes }}</b></span
    >
  </div>
</template>

<style scoped>
.bar {
  display: flex;
  width: 100%;
  height: 30px;
  border-radius: var(--radius-small);
  overflow: hidden;
  background: var(--inset);
}
span {
  display: grid;
  place-items: center;
  border-right: 2px solid var(--surface);
  overflow: hidden;
  font-size: var(--size-2);
}
</style>
