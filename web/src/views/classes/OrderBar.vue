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
  background: var(--inset);
}
span {
  display: grid;
  place-items: center;
  border-right: 2px solid var(--surface);
  overflow: hidden;
  background: var(--inset);
  font-size: 13px;
}
.warm_up {
  background: var(--right-foot-wash);
}
.reminder {
  background: var(--notice);
  color: var(--on-notice);
}
.teach {
  background: var(--action);
  color: var(--on-action);
}
.practice {
  background: var(--left-foot-wash);
}
.finish {
  background: var(--notice-wash);
}
.cool_down {
  background: var(--right-foot-wash);
}
.break {
  background-image: repeating-linear-gradient(45deg, var(--line) 0 3px, transparent 3px 8px);
}
</style>
