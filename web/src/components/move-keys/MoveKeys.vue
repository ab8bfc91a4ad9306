<script setup lang="ts">
import { followMove } from './follow'

/** Moves a line of a list up or down, or takes it out; each key says of what, and where it is now. */
const props = defineProps<{
  up: string
  down: string
  out: string
  /** The place of the line, from 0, and how many there are. */
  at: number
  of: number
  busy?: boolean
}>()
const emit = defineEmits<{ move: [by: number]; drop: [] }>()
const KEYS = [
  { by: -1, sign: '↑' },
  { by: 1, sign: '↓' },
]
const isEnd = (by: number) => (by < 0 ? props.at === 0 : props.at === props.of - 1)

function move(by: number, event: Event) {
  const list = (event.currentTarget as HTMLElement).closest('ol, ul')
  emit('move', by)
  if (list) followMove(list, props.at + by, by)
}
</script>

<template>
  <span class="keys" :data-at="at">
    <button
      v-for="{ by, sign } in KEYS"
      :key="by"
      class="plain-button"
      type="button"
      :data-by="by"
      :disabled="isEnd(by) || busy"
      :aria-label="`${by < 0 ? up : down}, ${at + 1} of ${of}`"
      @click="move(by, $event)"
    >
      {{ sign }}
    </button>
    <button class="plain-button" type="button" :disabled="busy" :aria-label="out" @click="$emit('drop')">
      ✕
    </button>
  </span>
</template>

<style scoped>
.keys {
  white-space: nowrap;
}
</style>
