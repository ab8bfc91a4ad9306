<script setup lang="ts">
import { useClock } from '@/composables/sound/useClock'
import { onCircle } from '@/domain/facing'

/** Eight big buttons round a hall: which way do they face? Pressed again, it is not known. */
const facing = defineModel<number | undefined>({ required: true })
const { show, label } = useClock()
const EIGHT = [0, 1, 2, 3, 4, 5, 6, 7]
function place(eighths: number) {
  const at = onCircle(show(eighths).degrees / 45, 1)
  const square = Math.max(Math.abs(at.x), Math.abs(at.y))
  return { left: `${50 + (at.x / square) * 37}%`, top: `${50 + (at.y / square) * 38}%` }
}
</script>

<template>
  <div class="picker" role="group" aria-label="They face">
    <div class="front" :class="{ below: show(0).frontBelow }" />
    <button
      v-for="eighths in EIGHT"
      :key="eighths"
      type="button"
      :class="{ on: facing === eighths, corner: eighths % 2 === 1 }"
      :aria-pressed="facing === eighths"
      :style="place(eighths)"
      @click="facing = facing === eighths ? undefined : eighths"
    >
      {{ label(eighths) }}
    </button>
  </div>
</template>

<style scoped>
.picker {
  position: relative;
  width: 100%;
  max-width: 300px;
  height: 230px;
  margin: 0 auto;
  background: var(--inset);
  border: 1px solid var(--text-soft);
  border-radius: var(--radius);
}
.front {
  position: absolute;
  inset: 0 0 auto;
  height: 14px;
  background: var(--text);
  border-radius: var(--radius) var(--radius) 0 0;
}
.front.below {
  inset: auto 0 0;
  border-radius: 0 0 var(--radius) var(--radius);
}
button {
  position: absolute;
  transform: translate(-50%, -50%);
  min-width: 62px;
  min-height: 54px;
  border-radius: var(--radius);
  border: 2px solid var(--text-soft);
  background: var(--surface);
  font: 800 var(--size-9) var(--type-head);
  cursor: pointer;
}
.corner {
  font-size: var(--size-4);
  min-width: 54px;
  min-height: 44px;
  border-width: 1px;
}
.on {
  background: var(--action);
  color: var(--on-action);
  border-color: var(--notice);
}
</style>
