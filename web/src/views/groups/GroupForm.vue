<script setup lang="ts">
import { computed, onMounted } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import { lastBy } from '@/api/last-by'
import FormField from '@/components/form-field/FormField.vue'
import ConflictPanel from '@/components/conflict-panel/ConflictPanel.vue'
import DraftNote from '@/components/draft-note/DraftNote.vue'
import { useDo } from '@/composables/page/useDo'
import { useVersioned, type Stored } from '@/composables/page/useVersioned'
import { LEVEL_WORDS, options, WEEKDAY_WORDS } from '@/domain/labels'
import { mergeFields } from '@/domain/merge'
import { hourMinute } from '@/domain/time'

/** What an instructor says about a group; without one it makes a new group. */
const props = defineProps<{ group?: number }>()
const emit = defineEmits<{ done: []; cancel: [] }>()
const { busy, save: saved } = useDo()

type Summary = Schemas['GroupSummary']
type Form = Omit<Schemas['GroupForm'], 'version'>
const NEW: Form = {
  name: '',
  level: 'BEGINNER',
  weekday: 'MONDAY',
  startsAt: '19:00',
  minutes: 60,
  place: '',
}

function stored(view: Summary): Stored<Form, Summary> {
  const { name, level, weekday, minutes, place } = view
  const value = { name, level, weekday, startsAt: hourMinute(view.startsAt), minutes, place }
  return { version: view.version, value, view, by: '' }
}

const group = useVersioned<Form, Summary>({
  key: () => `group-${props.group ?? 'new'}`,
  load: async () => {
    if (props.group === undefined) return undefined
    const path = { id: props.group }
    const [sheet, by] = await Promise.all([
      ask(api.GET('/api/groups/{id}', { params: { path } })),
      lastBy('GROUP', props.group),
    ])
    return { ...stored(sheet.group), by }
  },
  fresh: () => NEW,
  save: async (value, version) => {
    const body = { ...value, version }
    const id = props.group
    return stored(
      await ask(
        id === undefined
          ? api.POST('/api/groups', { body })
          : api.PUT('/api/groups/{id}', { params: { path: { id } }, body }),
      ),
    )
  },
  merge: mergeFields,
})
const { value: form, clash, restored } = group
onMounted(group.open)

const ready = computed(() => !!form.value.name.trim() && !clash.value)
const lines = (of: Form) => [
  `name: ${of.name}`,
  `level: ${LEVEL_WORDS[of.level]}`,
  `meets on: ${WEEKDAY_WORDS[of.weekday]}`,
  `at: ${of.startsAt}`,
  `minutes: ${of.minutes}`,
  `where: ${of.place}`,
]

async function save() {
  if (await saved(group)) emit('done')
}

function cancel() {
  group.discard()
  emit('cancel')
}
</script>

<template>
  <ConflictPanel :of="group" :lines="lines" />
  <DraftNote :restored @discard="group.discard()" />
  <form class="card form" @submit.prevent="save">
    <FormField label="Name"><el-input v-model="form.name" name="group-name" maxlength="80" /></FormField>
    <FormField label="Level">
      <el-select v-model="form.level">
        <el-option v-for="one in options(LEVEL_WORDS)" :key="one.value" v-bind="one" />
      </el-select>
    </FormField>
    <FormField label="Meets on">
      <el-select v-model="form.weekday">
        <el-option v-for="one in options(WEEKDAY_WORDS)" :key="one.value" v-bind="one" />
      </el-select>
    </FormField>
    <FormField label="At"><el-input v-model="form.startsAt" type="time" name="starts-at" /></FormField>
    <FormField label="Minutes"
      ><el-input-number v-model="form.minutes" :min="20" :max="240" :step="5"
    /></FormField>
    <FormField label="Where"><el-input v-model="form.place" name="place" maxlength="120" /></FormField>
    <div class="row">
      <el-button type="primary" native-type="submit" :loading="busy" :disabled="!ready">Save</el-button>
      <el-button @click="cancel">Cancel</el-button>
    </div>
  </form>
</template>

<style scoped>
.form {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(190px, 1fr));
  gap: var(--space-4);
  align-items: end;
}
</style>
