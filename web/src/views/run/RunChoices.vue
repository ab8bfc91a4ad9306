<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import ClockSwitch from '@/components/clock-switch/ClockSwitch.vue'
import type { ClockView } from '@/domain/clock-view'

/** What one chooses beside the big keys: from which section, again and again, when the next rung comes. */
const props = defineProps<{
  run: Schemas['RunThroughView']
  /** The tick at which the section begins that is danced just now. */
  here: number
}>()
const looping = defineModel<boolean>('looping', { required: true })
const rest = defineModel<number>('rest', { required: true })
const view = defineModel<ClockView>('view', { required: true })
const emit = defineEmits<{ from: [tick: number] }>()
const REST = [
  { value: 0, label: 'at once' },
  { value: 4, label: 'after 4 seconds' },
  { value: 10, label: 'after 10 seconds' },
  { value: -1, label: 'on a key' },
]
const legs = computed(() => props.run.track.legs.filter((leg) => leg.counts > 1))
const legName = (leg: Schemas['LegView']) =>
  `${legs.value.some((one) => one.wall !== leg.wall) ? `${leg.wall}: ` : ''}${leg.label}`
</script>

<template>
  <div v-if="legs.length > 1" class="legs" role="group" aria-label="From where">
    <button
      v-for="leg in legs"
      :key="leg.tick"
      type="button"
      :class="{ here: leg.tick === here, special: leg.event }"
      @click="emit('from', leg.tick)"
    >
      {{ legName(leg) }}
    </button>
  </div>
  <div class="choose">
    <el-switch v-model="looping" active-text="again and again" aria-label="Again and again" />
    <label>
      the next rung comes
      <el-select v-model="rest" size="small" style="width: 150px" aria-label="The next rung comes">
        <el-option v-for="one in REST" :key="one.value" v-bind="one" />
      </el-select>
    </label>
    <ClockSwitch v-model="view" small />
    <span class="quiet">
      {{
        run.rateKnown
          ? `Full speed ${run.fullRate} counts a minute.`
          : `No song tempo known: ${run.fullRate} counts a minute are taken.`
      }}
      {{ run.ladder.forKnown ? 'Starts higher: the group knows it.' : '' }}
    </span>
  </div>
</template>

<style scoped>
.legs {
  display: flex;
  gap: 4px;
  overflow-x: auto;
  width: 100%;
  padding-bottom: 2px;
}
.legs button {
  border: 2px solid var(--line);
  background: var(--surface);
  color: inherit;
  border-radius: var(--radius-small);
  min-height: 40px;
  padding: 2px 10px;
  white-space: nowrap;
  cursor: pointer;
}
.legs .here {
  background: var(--accent-wash);
  border-color: var(--accent);
}
.legs .special {
  border-color: var(--notice);
}
.choose {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-1) var(--space-4);
  align-items: center;
}
.choose label {
  display: flex;
  gap: 8px;
  align-items: center;
}
</style>
