<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import MoveKeys from '@/components/move-keys/MoveKeys.vue'
import ReasonList from '@/components/reason-list/ReasonList.vue'
import { KIND_WORDS } from '@/domain/labels'
import { day, later } from '@/domain/time'

/** A line of a running order, as tall as it lasts; chosen, it says why it is there and can be changed. */
const props = defineProps<{
  line: Schemas['LineView']
  sheet: Schemas['ClassSheet']
  dances: Schemas['DanceName'][]
  /** Its place, from 0, and how many lines there are. */
  at: number
  of: number
  busy: boolean
  /** Whether one may change it. */
  may: boolean
  selected: boolean
  kept: boolean
  points?: number
}>()
const emit = defineEmits<{
  select: []
  keep: []
  without: []
  swap: [dance: number]
  minutes: [minutes: number | undefined]
  move: [by: number]
  drop: []
}>()

const LEAST = 34
const PER_MINUTE = 6
const height = computed(() => `${LEAST + props.line.minutes * PER_MINUTE}px`)
const why = computed(() => props.line.reasons[0]?.text ?? '')
const query = computed(() => `group=${props.sheet.group}&class=${props.sheet.id}`)
const teach = computed(() => `/dances/${props.line.dance}/teach?${query.value}&minutes=${props.line.minutes}`)
</script>

<template>
  <li class="line" :class="[line.kind.toLowerCase(), { selected }]" :style="{ minHeight: height }">
    <button type="button" class="face" :aria-expanded="selected" @click="emit('select')">
      <span class="time number">{{ later(sheet.startsAt, line.start) }}</span>
      <span class="what">
        <span class="kind"
          >{{ KIND_WORDS[line.kind] }}, {{ line.minutes }} min<span v-if="kept" class="chip stays"
            >stays</span
          ></span
        >
        <span class="title">{{ line.title }}</span>
        <span v-if="why && !selected" class="reason">{{ why }}</span>
      </span>
    </button>
    <div v-if="selected" class="more">
      <ReasonList :reasons="line.reasons" />
      <p class="row quiet">
        <span v-if="points !== undefined && points !== 0">{{ points }} points by the club's weights</span>
        <RouterLink v-if="line.teachBy && line.dance" class="chip" :to="teach"
          >teach laid out by {{ line.teachBy.name }}</RouterLink
        >
        <span v-if="line.changedBy" class="chip"
          >changed by {{ line.changedBy.name
          }}{{ line.changedAt ? `, ${day(line.changedAt.slice(0, 10))}` : '' }}</span
        >
      </p>
      <p v-if="line.dance" class="row">
        <RouterLink v-if="line.kind === 'TEACH'" class="strong" :to="teach">Lay out the teach</RouterLink>
        <RouterLink v-else-if="line.kind === 'REMINDER'" class="strong" :to="`${teach}&school=REMINDER`"
          >Walk-through</RouterLink
        >
        <RouterLink class="strong" :to="`/dances/${line.dance}/run-through?${query}`">Run through</RouterLink>
        <RouterLink class="strong" :to="`/dances/${line.dance}/calls`">Call sheet</RouterLink>
        <RouterLink class="strong" :to="`/dances/${line.dance}`">The dance</RouterLink>
      </p>
      <div v-if="may" class="row no-print">
        <el-button
          size="small"
          :type="kept ? 'primary' : 'default'"
          :aria-pressed="kept"
          @click="emit('keep')"
        >
          {{ kept ? 'Stays' : 'Let it stay' }}
        </el-button>
        <el-button v-if="line.dance" size="small" :disabled="busy" @click="emit('without')"
          >Not tonight</el-button
        >
        <el-select
          v-if="line.dance"
          :model-value="line.dance"
          filterable
          size="small"
          style="width: 170px"
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
        <MoveKeys
          :up="`Move ${line.title} up`"
          :down="`Move ${line.title} down`"
          :out="`Take ${line.title} out`"
          :at
          :of
          :busy
          @move="emit('move', $event)"
          @drop="emit('drop')"
        />
      </div>
    </div>
  </li>
</template>

<style scoped>
.line {
  --kind: var(--line);
  display: grid;
  grid-template-rows: auto 1fr;
  background: var(--surface);
  border: 1px solid var(--line);
  border-left: 8px solid var(--kind);
  border-radius: var(--radius-small);
}
.selected {
  border-color: var(--accent);
  border-left-color: var(--kind);
  box-shadow: 0 2px 10px rgb(0 0 0 / 8%);
}
.teach {
  --kind: var(--action);
}
.reminder {
  --kind: var(--notice);
}
.practice {
  --kind: var(--left-foot);
}
.warm_up,
.cool_down {
  --kind: var(--right-foot);
}
.finish {
  --kind: var(--notice);
}
.face {
  display: grid;
  grid-template-columns: 60px minmax(0, 1fr);
  gap: var(--space-3);
  align-items: start;
  padding: 6px var(--space-3);
  border: 0;
  background: none;
  text-align: left;
  cursor: pointer;
}
.time {
  font: 700 var(--size-7) var(--type-head);
}
.what {
  display: grid;
}
.kind {
  font-size: var(--size-2);
  color: var(--text-soft);
}
.stays {
  margin-left: var(--space-2);
}
.title {
  font: 700 var(--size-7) var(--type-head);
  line-height: 1.25;
}
.reason {
  font-size: var(--size-3);
  color: var(--text-soft);
}
.more {
  display: grid;
  gap: var(--space-2);
  align-content: start;
  padding: 0 var(--space-3) var(--space-3) 84px;
  font-size: var(--size-4);
}
.strong {
  font-weight: 700;
}
@media (max-width: 700px) {
  .more {
    padding-left: var(--space-3);
  }
}
@media print {
  .line {
    min-height: 0 !important;
  }
}
</style>
