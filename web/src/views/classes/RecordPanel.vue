<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import SectionChoice from '@/components/section-choice/SectionChoice.vue'
import { useLoad } from '@/composables/useLoad'
import { HAPPENED_WORDS, KIND_WORDS, OUTCOME_WORDS } from '@/domain/labels'
import { upTo } from '@/domain/sections'

/** After the class: as planned, or corrected line by line, with the thumb. */
const props = defineProps<{ sheet: Schemas['ClassSheet']; busy: boolean }>()
const emit = defineEmits<{ record: [note: string, lines: Schemas['DancedForm'][]] }>()

type Draft = Schemas['DancedForm'] & {
  danced: boolean
  allSections: number
  title: string
  kind: string
}

const note = ref('')
const drafts = ref<Draft[]>([])
const some = computed(() => drafts.value.some((draft) => draft.danced))
const missing = computed(() =>
  drafts.value.find((one) => one.danced && one.happened === 'INTRODUCED' && one.shown.length === 0),
)
const expected = useLoad(() =>
  ask(api.GET('/api/classes/{id}/expected', { params: { path: { id: props.sheet.id } } })),
)

// What was filled in already stays when the running order changes.
watch(
  () => props.sheet.version,
  async () => {
    if (!props.sheet.canRecord) return
    await expected.load()
    const known = new Map(drafts.value.map((draft) => [draft.line, draft]))
    drafts.value = (expected.data.value ?? []).flatMap((one) => {
      const line = props.sheet.lines.find((row) => row.id === one.line)
      if (!line) return []
      const { happened, shown, allSections } = one
      const fresh: Draft = {
        line: line.id,
        danced: true,
        happened,
        shown,
        allSections,
        outcome: 'SOLID',
        note: '',
        title: line.title,
        kind: KIND_WORDS[line.kind],
      }
      const before = known.get(line.id)
      return [before && before.title === line.title ? { ...before, kind: fresh.kind } : fresh]
    })
  },
  { immediate: true },
)

function save() {
  const lines = drafts.value
    .filter((draft) => draft.danced)
    .map((draft) => ({
      line: draft.line,
      happened: draft.happened,
      shown: draft.happened === 'INTRODUCED' ? draft.shown : upTo(draft.allSections),
      outcome: draft.outcome,
      note: draft.note.trim(),
    }))
  emit('record', note.value.trim(), lines)
}
</script>

<template>
  <section class="card stack no-print">
    <h2>Afterwards: how was it?</h2>
    <p v-if="!sheet.canRecord" class="quiet">
      The record can be written on the day of the class and afterwards; it comes filled in as planned.
    </p>
    <template v-else>
      <p class="quiet">It is filled in as planned. Change what went otherwise, then write it down.</p>
      <ul>
        <li v-for="draft in drafts" :key="draft.line" :class="{ out: !draft.danced }">
          <el-checkbox v-model="draft.danced" size="large">
            <strong>{{ draft.title }}</strong> <span class="quiet">{{ draft.kind }}</span>
          </el-checkbox>
          <div v-if="draft.danced" class="row">
            <el-select
              v-model="draft.happened"
              style="width: 200px"
              :aria-label="`What happened with ${draft.title}`"
            >
              <el-option v-for="(label, key) in HAPPENED_WORDS" :key="key" :label :value="key" />
            </el-select>
            <SectionChoice
              v-if="draft.happened === 'INTRODUCED'"
              v-model="draft.shown"
              :all="draft.allSections"
              :label="`Sections of ${draft.title}`"
            />
            <el-radio-group v-model="draft.outcome" :aria-label="`How ${draft.title} went`">
              <el-radio-button v-for="(label, key) in OUTCOME_WORDS" :key="key" :label :value="key" />
            </el-radio-group>
            <el-input
              v-model="draft.note"
              class="note"
              maxlength="500"
              placeholder="what tripped them, what next"
              :aria-label="`Note on ${draft.title}`"
            />
          </div>
        </li>
      </ul>
      <el-input
        v-model="note"
        type="textarea"
        :rows="2"
        maxlength="2000"
        placeholder="A word for whoever takes the next class"
        aria-label="A word for whoever takes the next class"
      />
      <p v-if="expected.problem.value" role="alert">
        {{ expected.problem.value }}
        <button class="plain-button" type="button" @click="expected.load">Try again</button>
      </p>
      <p v-if="missing" role="status">Choose which sections of {{ missing.title }} were taught.</p>
      <div>
        <el-button
          type="primary"
          size="large"
          :loading="busy"
          :disabled="!expected.data.value || !!missing"
          @click="save"
        >
          {{ some ? 'Write it down' : 'Write down that nothing was danced' }}
        </el-button>
      </div>
    </template>
  </section>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: var(--space-3);
}
li.out {
  opacity: 0.7;
}
.note {
  flex: 1 1 220px;
}
</style>
