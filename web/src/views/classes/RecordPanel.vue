<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Schemas } from '@/api/client'

/** After the class: as planned, or corrected line by line, with the thumb. */
const props = defineProps<{ sheet: Schemas['ClassSheet']; busy: boolean }>()
const emit = defineEmits<{ record: [note: string, lines: Schemas['DancedForm'][]] }>()

type Outcome = Schemas['DancedForm']['outcome']
type Draft = Schemas['DancedForm'] & {
  /** Stays the same when the running order is changed and saved. */
  key: string
  danced: boolean
  allSections: number
  title: string
  kind: string
}

const OUTCOMES: Record<Outcome, string> = { SOLID: 'solid', SHAKY: 'shaky', LOST: 'lost' }
const HAPPENED: Record<Schemas['DancedForm']['happened'], string> = {
  INTRODUCED: 'taught to section …',
  TAUGHT: 'taught to the end',
  WALKED: 'walked through',
  DANCED_CALLED: 'danced with calls',
  DANCED: 'danced without calls',
}
const note = ref('')
const drafts = ref<Draft[]>([])
const some = computed(() => drafts.value.some((draft) => draft.danced))

watch(
  () => props.sheet.version,
  () => {
    const known = new Map(drafts.value.map((draft) => [draft.key, draft]))
    drafts.value = props.sheet.lines.flatMap((line) => {
      if (!line.dance || !line.expected) return []
      const key = `${line.dance} ${line.kind}`
      const before = known.get(key)
      if (before) return [{ ...before, line: line.id }]
      return [
        {
          key,
          line: line.id,
          danced: true,
          happened: line.expected.happened,
          sections: line.expected.sections,
          allSections: line.expected.allSections,
          outcome: 'SOLID' as Outcome,
          note: '',
          title: line.title,
          kind: line.kindLabel,
        },
      ]
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
      sections: draft.happened === 'INTRODUCED' ? draft.sections : draft.allSections,
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
              <el-option v-for="(label, key) in HAPPENED" :key="key" :label :value="key" />
            </el-select>
            <el-input-number
              v-if="draft.happened === 'INTRODUCED'"
              v-model="draft.sections"
              :min="1"
              :max="draft.allSections"
              style="width: 110px"
              :aria-label="`Sections of ${draft.title}`"
            />
            <el-radio-group v-model="draft.outcome" :aria-label="`How ${draft.title} went`">
              <el-radio-button v-for="(label, key) in OUTCOMES" :key="key" :label :value="key" />
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
      <div>
        <el-button type="primary" size="large" :loading="busy" @click="save">
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
