<script setup lang="ts">
import { encode } from 'uqr'
import { computed } from 'vue'

/** An address as a picture that a phone reads; sharp at any size, and in print. */
const props = withDefaults(defineProps<{ address: string; size?: number }>(), { size: 132 })
const picture = computed(() => encode(props.address, { ecc: 'M', border: 2 }))
const dark = computed(() =>
  picture.value.data.flatMap((row, y) => row.map((on, x) => (on ? `M${x} ${y}h1v1h-1z` : ''))).join(''),
)
</script>

<template>
  <svg
    :viewBox="`0 0 ${picture.size} ${picture.size}`"
    :width="size"
    :height="size"
    role="img"
    aria-label="The address as a picture"
  >
    <rect :width="picture.size" :height="picture.size" class="paper" />
    <path :d="dark" class="ink" />
  </svg>
</template>

<style scoped>
svg {
  flex: none;
}
.paper {
  fill: var(--print-ground);
}
.ink {
  fill: var(--print-ink);
}
</style>
