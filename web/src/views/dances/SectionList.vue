<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Schemas } from '@/api/client'
import CountStrip from '@/components/count-strip/CountStrip.vue'
import ReasonList from '@/components/reason-list/ReasonList.vue'
import HallSign from '@/components/hall-sign/HallSign.vue'
import WallSelect from '@/components/wall-select/WallSelect.vue'
import ClockSwitch from '@/components/clock-switch/ClockSwitch.vue'
import { useChoice } from '@/composables/page/useChoice'
import { useClock } from '@/composables/sound/useClock'
import type { ClockView } from '@/domain/clock-view'
import type { CountingStyle } from '@/domain/counting'
import { OPTION_WORDS } from '@/domain/labels'
import { turnWords } from '@/domain/turn'

const counting = useChoice<CountingStyle>('counting', 'written')
const optionsOf = (section: number) => props.reading.options.filter((option) => option.section === section)

/** The dance itself: its sections on count strips, then its tags. */
const props = defineProps<{ reading: Schemas['Reading']; clock: ClockView }>()
defineEmits<{ explain: [figure: string]; clock: [view: ClockView] }>()
const { label } = useClock()
/** On the room clock a section faces elsewhere on every wall: which one is meant. */
const wall = ref(1)
const start = computed(
  () => props.reading.sequence.find((one) => one.number === wall.value)?.startFacing ?? 0,
)
watch(
  () => props.reading.sequence.length,
  (walls) => (wall.value = Math.min(wall.value, Math.max(1, walls))),
)
const manyParts = computed(() => new Set(props.reading.sections.map((section) => section.part)).size > 1)
</script>

<template>
  <div class="sections">
    <div class="row spread">
      <p class="quiet legend">A full sole takes the weight, a dashed one does not.</p>
      <ClockSwitch :model-value="clock" small @update:model-value="$emit('clock', $event)" />
      <WallSelect
        v-if="clock !== 'wall' && reading.sequence.length > 1"
        v-model="wall"
        :walls="reading.sequence"
      />
      <el-radio-group v-model="counting" size="small" aria-label="Counting">
        <el-radio-button label="as written" value="written" />
        <el-radio-button label="every step numbered" value="numbered" />
      </el-radio-group>
    </div>
    <section v-for="section in reading.sections" :key="section.number" class="section">
      <header>
        <h3>
          <span class="n">{{ section.number }}</span>
          <span v-if="manyParts" class="chip">part {{ section.part }}</span>
          {{ section.title || `Section ${section.number}` }}
        </h3>
        <el-popover trigger="click" :width="260">
          <template #reference>
            <button
              type="button"
              class="plain-button load"
              :aria-label="`trouble ${section.load.plainCounts}`"
            >
              <span class="quiet">trouble</span>
              <span class="bar"
                ><span :style="{ width: `${Math.min(100, section.load.plainCounts * 2.5)}%` }"
              /></span>
              {{ section.load.plainCounts }}
            </button>
          </template>
          <h3>As much trouble as {{ section.load.plainCounts }} walking counts</h3>
          <ReasonList :reasons="section.load.reasons" />
          <p class="quiet">A rule of thumb.</p>
        </el-popover>
        <span class="ends">
          <span class="quiet">weight {{ section.startWeight }}</span>
          <HallSign :facing="section.startFacing + start" :start what="starts facing" />
          <span class="number"
            >{{ label(section.startFacing + start, start) }} →
            {{ label(section.endFacing + start, start) }}</span
          >
          <HallSign :facing="section.endFacing + start" :start what="ends facing" />
          <span class="quiet">weight {{ section.endWeight }}</span>
        </span>
      </header>
      <CountStrip
        v-if="section.counts"
        :places="section.places"
        :counts="section.counts"
        :width="reading.sectionCounts"
        :counting="counting"
        :start
        @explain="$emit('explain', $event)"
      />
      <p v-else class="quiet">Nothing is danced here yet.</p>
      <div v-for="option in optionsOf(section.number)" :key="option.name" class="option">
        <p class="row">
          <strong>{{ option.name }}</strong>
          <span class="chip">{{ OPTION_WORDS[option.kind] }}</span>
          <span class="quiet">counts {{ option.from }} to {{ option.to }}</span>
        </p>
        <CountStrip
          :places="option.places"
          :counts="option.to"
          :width="reading.sectionCounts"
          :counting="counting"
          :start
          @explain="$emit('explain', $event)"
        />
      </div>
    </section>
    <section v-for="extra in reading.extras" :key="extra.name" class="section extra">
      <header>
        <h3>{{ extra.name }}</h3>
        <span class="quiet"
          >{{ extra.counts }} counts{{ extra.turn ? `, turns ${turnWords(extra.turn)}` : ', no turn' }}</span
        >
      </header>
      <CountStrip
        v-if="extra.counts"
        :places="extra.places"
        :counts="extra.counts"
        :width="reading.sectionCounts"
      />
    </section>
  </div>
</template>

<style scoped>
.sections {
  display: grid;
  gap: var(--space-3);
  align-content: start;
}
.section {
  background: var(--surface);
  border: 1px solid var(--line);
  border-radius: var(--radius);
  padding: var(--space-2) var(--space-3) var(--space-3);
}
.extra {
  border-color: var(--notice);
  border-width: 2px;
}
header {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: var(--space-3);
  flex-wrap: wrap;
  margin-bottom: var(--space-2);
}
h3 {
  display: flex;
  align-items: baseline;
  gap: 8px;
}
.n {
  font-size: var(--size-8);
  color: var(--accent);
}
.option {
  margin-top: var(--space-2);
  padding-top: var(--space-2);
  border-top: 1px dashed var(--line);
}
.load {
  display: inline-flex;
  align-items: center;
  gap: 6px;
  margin-left: auto;
  font-size: var(--size-3);
}
.bar {
  width: 64px;
  height: 8px;
  border-radius: 4px;
  background: var(--inset);
  display: inline-block;
}
.bar > span {
  display: block;
  height: 100%;
  border-radius: 4px;
  background: var(--notice);
}
.ends {
  display: flex;
  align-items: center;
  gap: 6px;
  font-weight: 700;
}
</style>
