<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import HallSign from '@/components/hall-sign/HallSign.vue'
import { minutesSeconds } from '@/domain/time'
import { MODE_WORDS, options } from '@/domain/labels'
import type { Drill } from './order'

/** One drill on the timeline: when, where the class faces, what, how often, and what to say. */
const props = defineProps<{
  drill: Schemas['DrillView']
  wanted: Drill
  selected: boolean
  first: boolean
  last: boolean
}>()
const emit = defineEmits<{
  select: []
  change: [wanted: Drill]
  move: [by: number]
  remove: []
}>()
/** Lines that are seen at a glance; all of them where it is chosen, and on paper. */
const shown = computed(() => (props.drill.mode === 'WORDS' ? 3 : 2))
const PACES = [50, 60, 70, 80, 90, 100]
const MOST = 12
/** A minute is this many pixels high, and no drill is too low to be read. */
const height = () => Math.max(46, (props.drill.seconds / 60) * 46)

function times(repetitions: number) {
  emit('change', { ...props.wanted, repetitions: Math.max(1, Math.min(MOST, repetitions)), locked: true })
}
function onKey(event: KeyboardEvent) {
  if (!event.altKey) return
  if (event.key === 'ArrowUp' && !props.first) emit('move', -1)
  else if (event.key === 'ArrowDown' && !props.last) emit('move', 1)
  else return
  event.preventDefault()
}
</script>

<template>
  <li
    class="drill"
    :class="{ on: selected, locked: wanted.locked }"
    :style="{ minHeight: `${height()}px` }"
    @keydown="onKey"
  >
    <span class="time number">{{ minutesSeconds(drill.startSecond) }}</span>
    <HallSign :facing="drill.startFacing" :size="34" what="the class faces" />
    <div class="body">
      <div class="row head">
        <button type="button" class="plain-button what" :aria-expanded="selected" @click="emit('select')">
          <b>{{ drill.label }}</b> {{ MODE_WORDS[drill.mode]
          }}<template v-if="drill.mode !== 'WORDS'"> at {{ drill.percent }} %</template>
        </button>
        <span class="row times">
          <button
            class="step no-print"
            type="button"
            :aria-label="`${drill.label}: once less`"
            :disabled="drill.repetitions === 1"
            @click="times(drill.repetitions - 1)"
          >
            −
          </button>
          <b class="number">× {{ drill.repetitions }}</b>
          <button
            class="step no-print"
            type="button"
            :aria-label="`${drill.label}: once more`"
            @click="times(drill.repetitions + 1)"
          >
            +
          </button>
          <button
            class="step no-print lock"
            type="button"
            :aria-pressed="wanted.locked"
            :title="wanted.locked ? 'Locked: press to let it fit again' : 'Lock these repetitions'"
            :aria-label="`${drill.label}: ${wanted.locked ? 'locked' : 'lock'}`"
            @click="emit('change', { ...wanted, locked: !wanted.locked })"
          >
            {{ wanted.locked ? 'locked' : 'lock' }}
          </button>
        </span>
      </div>
      <p v-for="(line, i) in drill.say" :key="i" class="say" :class="{ more: !selected && i >= shown }">
        {{ line.text }}
      </p>
      <div v-if="selected" class="row edit no-print">
        <el-select
          :model-value="wanted.mode"
          size="small"
          style="width: 110px"
          aria-label="How"
          @update:model-value="emit('change', { ...wanted, mode: $event })"
        >
          <el-option v-for="one in options(MODE_WORDS)" :key="one.value" v-bind="one" />
        </el-select>
        <el-select
          v-if="wanted.mode !== 'WORDS'"
          :model-value="wanted.percent"
          size="small"
          style="width: 86px"
          aria-label="Pace"
          @update:model-value="emit('change', { ...wanted, percent: $event })"
        >
          <el-option v-for="one in PACES" :key="one" :label="`${one} %`" :value="one" />
        </el-select>
        <el-button size="small" :disabled="first" title="Alt+↑" @click="emit('move', -1)">Earlier</el-button>
        <el-button size="small" :disabled="last" title="Alt+↓" @click="emit('move', 1)">Later</el-button>
        <el-button size="small" @click="emit('remove')">Take out</el-button>
        <slot />
      </div>
    </div>
    <span class="quiet number long">{{ minutesSeconds(drill.seconds) }}</span>
  </li>
</template>

<style scoped>
.drill {
  display: grid;
  grid-template-columns: 46px auto minmax(0, 1fr) 44px;
  gap: var(--space-3);
  align-items: start;
  padding: 6px var(--space-2) 6px 0;
  border-top: 1px solid var(--line);
  border-left: 5px solid var(--accent-wash);
  padding-left: var(--space-2);
}
.drill.locked {
  border-left-color: var(--notice);
}
.drill.on {
  background: var(--accent-wash);
}
.time {
  font: 700 var(--size-6) var(--type-head);
}
.head {
  justify-content: space-between;
  gap: 4px var(--space-2);
}
.what {
  text-align: left;
  padding: 0 4px;
  font-weight: 400;
}
.what b {
  font: 700 var(--size-6) var(--type-head);
}
.times {
  gap: 4px;
  flex-wrap: nowrap;
}
.step {
  min-width: 28px;
  min-height: 28px;
  border: 1px solid var(--line);
  border-radius: var(--radius-small);
  background: var(--surface);
  cursor: pointer;
  font-weight: 700;
}
.step:disabled {
  opacity: 0.4;
}
.lock {
  font-size: var(--size-1);
  padding: 0 7px;
}
.lock[aria-pressed='true'] {
  background: var(--notice-wash);
  border-color: var(--notice);
  color: var(--notice-text);
}
.say {
  font-size: var(--size-3);
  line-height: 1.35;
  color: var(--text-soft);
  padding-left: 4px;
}
.more {
  display: none;
}
.on .say {
  color: var(--text);
}
.edit {
  margin-top: 6px;
  gap: 6px;
}
.long {
  text-align: right;
}
@media print {
  .drill {
    min-height: 0 !important;
    padding-block: 3px;
    break-inside: avoid;
    background: none !important;
    border-left-color: var(--print-ink);
  }
  .more {
    display: block;
  }
  .say {
    color: var(--print-ink);
    font-size: var(--size-1);
  }
}
@media (max-width: 700px) {
  .drill {
    grid-template-columns: 40px auto minmax(0, 1fr);
    gap: var(--space-2);
  }
  .long {
    display: none;
  }
}
</style>
