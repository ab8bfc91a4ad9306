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
      :class="line.kind.toLowerCase()"
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
  background: var(--board);
}
span {
  display: grid;
  place-items: center;
  border-right: 2px solid var(--chalk);
  overflow: hidden;
  background: var(--board);
  font-size: 13px;
}
.warm_up {
  background: var(--rust-wash);
}
.reminder {
  background: var(--brass-mark);
  color: #251a22;
}
.teach {
  background: var(--plum);
  color: var(--on-plum);
}
.practice {
  background: var(--teal-wash);
}
.finish {
  background: var(--rust-wash);
}
.break {
  background-image: repeating-linear-gradient(45deg, var(--rule) 0 3px, transparent 3px 8px);
}
</style>
