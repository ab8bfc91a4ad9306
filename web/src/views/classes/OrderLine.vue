<script setup lang="ts">
import type { Schemas } from '@/api/client'
import { KIND_WORDS } from '@/domain/labels'
import { day, later } from '@/domain/time'

/** A line of a running order: when, what, why, and what one can do about it. */
defineProps<{
  line: Schemas['LineView']
  sheet: Schemas['ClassSheet']
  dances: Schemas['DanceName'][]
  first: boolean
  last: boolean
  busy: boolean
}>()
const emit = defineEmits<{
  swap: [dance: number]
  minutes: [minutes: number | undefined]
  move: [by: number]
  drop: []
}>()
</script>

<template>
  <li class="card line" :class="line.kind.toLowerCase()">
    <span class="time number">{{ later(sheet.startsAt, line.start) }}</span>
    <div class="what">
      <p class="kind">{{ KIND_WORDS[line.kind] }}</p>
      <p class="title">
        <RouterLink v-if="line.dance" :to="`/dances/${line.dance}`">{{ line.title }}</RouterLink>
        <template v-else>{{ line.title }}</template>
      </p>
      <p class="reason">
        {{ line.reasons.map((reason) => reason.text).join(' ') }}
        <RouterLink
          v-if="line.teachBy && line.dance"
          class="chip"
          :to="`/dances/${line.dance}/teach?group=${sheet.group}&minutes=${line.minutes}`"
          >teach laid out by {{ line.teachBy }}</RouterLink
        >
        <span v-if="line.changedBy" class="chip"
          >changed by {{ line.changedBy
          }}{{ line.changedAt ? `, ${day(line.changedAt.slice(0, 10))}` : '' }}</span
        >
      </p>
    </div>
    <div class="acts no-print">
      <RouterLink
        v-if="line.dance && line.kind === 'TEACH'"
        class="plain-button strong"
        :to="`/dances/${line.dance}/teach?group=${sheet.group}&minutes=${line.minutes}`"
        >Lay out the teach</RouterLink
      >
      <RouterLink
        v-else-if="line.dance && line.kind === 'REMINDER'"
        class="plain-button strong"
        :to="`/dances/${line.dance}/teach?group=${sheet.group}&minutes=${line.minutes}&school=REMINDER`"
        >Walk-through</RouterLink
      >
      <RouterLink
        v-else-if="line.dance"
        class="plain-button strong"
        :to="`/dances/${line.dance}/run-through?group=${sheet.group}`"
        >Run through</RouterLink
      >
      <template v-if="!sheet.recorded">
        <el-select
          v-if="line.dance"
          :model-value="line.dance"
          filterable
          size="small"
          style="width: 150px"
          :aria-label="`Dance of ${KIND_WORDS[line.kind]}`"
          @change="emit('swap', $event)"
        >
          <el-option
            v-for="dance in dances"
            :key="dance.id"
            :label="dance.title"
            :value="dance.id"
            :disabled="!dance.sound"
          />
        </el-select>
        <el-input-number
          :model-value="line.minutes"
          :min="1"
          :max="240"
          size="small"
          style="width: 104px"
          :aria-label="`Minutes of ${line.title}`"
          @change="emit('minutes', $event)"
        />
        <button
          class="plain-button"
          type="button"
          :disabled="first || busy"
          :aria-label="`Move ${line.title} up`"
          @click="emit('move', -1)"
        >
          ↑
        </button>
        <button
          class="plain-button"
          type="button"
          :disabled="last || busy"
          :aria-label="`Move ${line.title} down`"
          @click="emit('move', 1)"
        >
          ↓
        </button>
        <button
          class="plain-button"
          type="button"
          :disabled="busy"
          :aria-label="`Take ${line.title} out`"
          @click="emit('drop')"
        >
          ✕
        </button>
      </template>
      <span v-else class="number">{{ line.minutes }} min</span>
    </div>
  </li>
</template>

<style scoped>
.line {
  display: grid;
  grid-template-columns: 64px minmax(0, 1fr) auto;
  gap: var(--space-3);
  align-items: center;
  padding: var(--space-2) var(--space-3);
  border-left-width: 8px;
}
.teach {
  border-left-color: var(--accent);
}
.reminder {
  border-left-color: var(--notice);
}
.practice {
  border-left-color: var(--left-foot);
}
.warm_up,
.finish {
  border-left-color: var(--right-foot);
}
.time {
  font: 700 19px var(--type-head);
}
.kind {
  font-size: 13px;
  font-weight: 700;
  color: var(--text-soft);
}
.title {
  font: 700 19px var(--type-head);
}
.title a {
  color: inherit;
}
.reason {
  font-size: 15px;
  color: var(--text-soft);
}
.acts {
  display: flex;
  align-items: center;
  gap: 6px;
  flex-wrap: wrap;
  justify-content: end;
}
.strong {
  text-decoration: underline;
}
@media (max-width: 900px) {
  .line {
    grid-template-columns: 56px minmax(0, 1fr);
  }
  .acts {
    grid-column: 1 / -1;
    justify-content: start;
  }
}
</style>
