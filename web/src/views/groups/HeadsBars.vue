<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import { day } from '@/domain/time'

/** How many came to the last classes. */
const props = defineProps<{ came: Schemas['HeadsView'][] }>()
const SHOWN = 8
const recent = computed(() => props.came.slice(-SHOWN))
const most = computed(() => Math.max(1, ...recent.value.map((one) => one.heads)))
</script>

<template>
  <ol v-if="recent.length" class="bars" :aria-label="`How many came, the last ${recent.length} classes`">
    <li v-for="one in recent" :key="one.day" :title="`${day(one.day)}: ${one.heads}`">
      <b class="number">{{ one.heads }}</b>
      <span class="bar" :style="{ height: `${(one.heads / most) * 44}px` }" />
      <small>{{ day(one.day).replace(/^\w+ /, '') }}</small>
    </li>
  </ol>
</template>

<style scoped>
.bars {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  gap: var(--space-2);
  align-items: end;
}
.bars li {
  display: grid;
  justify-items: center;
  align-content: end;
  flex: 1;
}
.bar {
  width: 100%;
  background: var(--accent);
  border-radius: 3px 3px 0 0;
}
.bars small {
  font-size: var(--size-1);
  color: var(--text-soft);
  white-space: nowrap;
}
@media (max-width: 400px) {
  .bars {
    gap: 2px;
  }
  .bars li {
    min-width: 0;
  }
  .bars small {
    white-space: normal;
    text-align: center;
  }
}
</style>
