<script setup lang="ts">
import type { Schemas } from '@/api/client'
import LevelMark from '@/components/level-mark/LevelMark.vue'
import ReasonList from '@/components/reason-list/ReasonList.vue'
import { LEVEL_WORDS } from '@/domain/labels'
import { turnWords } from '@/domain/turn'

/** What one says of a dance in a line: counts, walls, turn, weight, intro, level. */
defineProps<{ reading: Schemas['Reading'] }>()
</script>

<template>
  <div class="facts">
    <span
      ><b class="number">{{ reading.counts }}</b> counts</span
    >
    <span
      ><b class="number">{{ reading.walls }}</b> {{ reading.walls === 1 ? 'wall' : 'walls' }}</span
    >
    <span>{{ reading.turn ? `turns ${turnWords(reading.turn)} a wall` : 'ends as it began' }}</span>
    <span
      >starts with weight <b>{{ reading.startWeight }}</b>, ends on <b>{{ reading.endWeight }}</b></span
    >
    <span
      >intro <b class="number">{{ reading.intro }}</b></span
    >
    <el-popover trigger="click" :width="380">
      <template #reference>
        <button class="plain-button why" type="button">
          <LevelMark :level="reading.level.measured" :stated="reading.level.stated" /> why?
        </button>
      </template>
      <h3>{{ LEVEL_WORDS[reading.level.measured] }}, measured</h3>
      <ReasonList :reasons="reading.level.reasons" />
      <p class="quiet">Ten points are a level; the table is a rule of thumb.</p>
    </el-popover>
  </div>
</template>

<style scoped>
.facts {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-2) var(--space-5);
  border-block: 1px solid var(--line);
  padding: var(--space-2) 0;
}
.facts b {
  font-size: var(--size-7);
}
.why {
  display: inline-flex;
  gap: 8px;
  text-decoration: underline dotted;
}
</style>
