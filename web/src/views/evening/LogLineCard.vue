<script setup lang="ts">
import { computed, ref } from 'vue'
import SectionChoice from '@/components/section-choice/SectionChoice.vue'
import { HAPPENED_WORDS, KIND_WORDS, OUTCOME_WORDS, options, type Outcome } from '@/domain/labels'
import type { LogLine } from '@/domain/log'
import { upTo } from '@/domain/sections'

/** How one dance went: three big keys, and more where it is wanted. */
const line = defineModel<LogLine>({ required: true })
const more = ref(line.value.options !== '' || line.value.note !== '')
const OUTCOMES = options(OUTCOME_WORDS)
const TURN: Record<string, Outcome | undefined> = { '': 'SHAKY', SHAKY: 'LOST', LOST: undefined }
const partly = computed(() => line.value.happened === 'INTRODUCED')
const sections = computed(() => (partly.value ? line.value.shown : upTo(line.value.allSections)))
const known = computed(() =>
  [
    line.value.minutes ? `${line.value.minutes} min` : '',
    line.value.percent ? `danced at ${line.value.percent} %` : '',
  ]
    .filter(Boolean)
    .join(', '),
)

/** Fine, shaky, lost, fine again. */
function turn(section: number) {
  const next = TURN[line.value.spots[section] ?? '']
  const others = Object.fromEntries(
    Object.entries(line.value.spots).filter(([one]) => Number(one) !== section),
  )
  line.value.spots = next ? { ...others, [section]: next } : others
}
</script>

<template>
  <section class="card stack" :class="{ out: !line.danced }" :aria-label="line.title">
    <div class="row spread">
      <h2>
        {{ line.title }} <span class="quiet">{{ KIND_WORDS[line.kind] }}</span>
      </h2>
      <span class="row">
        <el-switch v-model="line.danced" :aria-label="`${line.title} was done`" />
        {{ line.danced ? 'done' : 'not done' }}
      </span>
    </div>
    <template v-if="line.danced">
      <div class="three" role="group" :aria-label="`How ${line.title} went`">
        <button
          v-for="one in OUTCOMES"
          :key="one.value"
          type="button"
          :aria-pressed="line.outcome === one.value"
          :class="{ on: line.outcome === one.value }"
          @click="line.outcome = one.value"
        >
          {{ one.label }}
        </button>
      </div>
      <div class="row">
        <el-select
          v-model="line.happened"
          style="width: 210px"
          :aria-label="`What happened with ${line.title}`"
        >
          <el-option v-for="one in options(HAPPENED_WORDS)" :key="one.value" v-bind="one" />
        </el-select>
        <span v-if="known" class="quiet">{{ known }}</span>
      </div>
      <SectionChoice
        v-if="partly"
        v-model="line.shown"
        :all="line.allSections"
        :label="`Sections of ${line.title}`"
      />
      <div v-if="line.outcome !== 'SOLID' || Object.keys(line.spots).length" class="row">
        <span class="quiet">Which section tripped them?</span>
        <button
          v-for="one in sections"
          :key="one"
          type="button"
          class="spot"
          :class="line.spots[one]?.toLowerCase()"
          :aria-label="`Section ${one}: ${line.spots[one] ? OUTCOME_WORDS[line.spots[one]] : 'fine'}`"
          @click="turn(one)"
        >
          {{ one }}<small>{{ line.spots[one] ? OUTCOME_WORDS[line.spots[one]] : 'fine' }}</small>
        </button>
      </div>
      <div v-if="more" class="stack">
        <el-input
          v-model="line.note"
          maxlength="500"
          placeholder="what tripped them, what next"
          :aria-label="`Note on ${line.title}`"
        />
        <el-input
          v-model="line.options"
          maxlength="200"
          placeholder="options that this group dances"
          :aria-label="`Options of ${line.title}`"
        />
        <label class="row">
          minutes
          <el-input-number
            v-model="line.minutes"
            :min="1"
            :max="240"
            size="small"
            :aria-label="`Minutes of ${line.title}`"
          />
        </label>
      </div>
      <button v-else type="button" class="plain-button add" @click="more = true">
        Add a note, options, minutes
      </button>
    </template>
  </section>
</template>

<style scoped>
.out {
  opacity: 0.75;
}
.three {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: var(--space-2);
}
.three button {
  min-height: 56px;
  border: 2px solid var(--line);
  border-radius: var(--radius);
  background: var(--surface);
  font: 700 var(--size-7) var(--type-head);
  cursor: pointer;
}
.three .on {
  background: var(--action);
  border-color: var(--action);
  color: var(--on-action);
}
.spot {
  display: grid;
  min-width: 58px;
  min-height: 48px;
  place-content: center;
  text-align: center;
  border: 2px solid var(--line);
  border-radius: var(--radius-small);
  background: var(--surface);
  font-weight: 700;
  cursor: pointer;
}
.spot small {
  font-weight: 400;
  font-size: var(--size-1);
}
.spot.shaky {
  background: var(--notice-wash);
  border-color: var(--notice);
}
.spot.lost {
  background: var(--wrong-wash);
  border-color: var(--wrong);
}
.add {
  justify-self: start;
}
</style>
