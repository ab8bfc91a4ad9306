<script setup lang="ts">
import type { Schemas } from '@/api/client'
import { useClock } from '@/composables/sound/useClock'
import { minutesSeconds } from '@/domain/time'
import { callOn, warnOn } from '@/domain/calls'

/** What to call on a wall, and when. */
withDefaults(defineProps<{ call: Schemas['CallView']; start?: number }>(), { start: 0 })
const { label } = useClock()
</script>

<template>
  <p class="call">
    <b>“{{ call.shout }}”</b>
    <span>
      on {{ callOn(call)
      }}<template v-if="call.callMillis != null">, {{ minutesSeconds(call.callMillis / 1000) }}</template
      >; warn on {{ warnOn(call) }}; danced facing {{ label(call.facing, start)
      }}<template v-if="call.steps.length">: {{ call.steps.join(', ') }}</template
      >. {{ call.then.text }}.<template v-if="call.optional"> Optional.</template>
    </span>
  </p>
</template>

<style scoped>
.call {
  background: var(--notice-wash);
  border-left: 5px solid var(--notice);
  border-radius: var(--radius-small);
  padding: var(--space-2) var(--space-3);
  display: flex;
  flex-wrap: wrap;
  gap: 4px var(--space-3);
  align-items: baseline;
}
b {
  font: 700 var(--size-7) var(--type-head);
}
</style>
