<script setup lang="ts">
import { computed } from 'vue'
import { useLive, useHere, type Place } from '@/composables/together/useLive'

/** Who else has this page open just now. */
const props = defineProps<{ place: Place }>()
const live = useLive()
useHere(() => props.place)
const words = computed(() => {
  const names = live.others
  if (names.length < 2) return names[0]
  return `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`
})
</script>

<template>
  <span class="here no-print" role="status">
    <template v-if="words"
      ><i aria-hidden="true" />{{ words }} {{ live.others.length > 1 ? 'are' : 'is' }} here too</template
    >
    <template v-else-if="live.broken">not live just now; what you write is safe</template>
  </span>
</template>

<style scoped>
.here {
  font-size: var(--size-3);
  font-weight: 600;
}
i {
  display: inline-block;
  width: 9px;
  height: 9px;
  margin-right: 6px;
  border-radius: 50%;
  background: var(--right-foot);
}
</style>
