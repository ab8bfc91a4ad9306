<script setup lang="ts">
import { reactive } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import { useDo } from '@/composables/useDo'

/** What an instructor says about a group; without one it makes a new group. */
const props = defineProps<{ group?: Schemas['GroupSummary'] }>()
const emit = defineEmits<{ done: []; cancel: [] }>()
const { busy, run } = useDo()

type Form = Schemas['GroupForm']
const LEVELS: Form['level'][] = [
  'ABSOLUTE_BEGINNER',
  'BEGINNER',
  'HIGH_BEGINNER',
  'IMPROVER',
  'EASY_INTERMEDIATE',
  'INTERMEDIATE',
  'ADVANCED',
]
const DAYS: Form['weekday'][] = ['MONDAY', 'TUESDAY', 'WEDNESDAY', 'THURSDAY', 'FRIDAY', 'SATURDAY', 'SUNDAY']
const words = (name: string) => name.toLowerCase().replaceAll('_', ' ')

const form = reactive<Form>({
  name: props.group?.name ?? '',
  level: LEVELS.find((level) => words(level) === props.group?.level) ?? 'BEGINNER',
  weekday: props.group?.weekday ?? 'MONDAY',
  startsAt: (props.group?.startsAt ?? '19:00').slice(0, 5),
  minutes: props.group?.minutes ?? 60,
  place: props.group?.place ?? '',
  version: props.group?.version ?? 0,
})

async function save() {
  const body = { ...form }
  const id = props.group?.id
  const done = await run(
    () =>
      ask(
        id === undefined
          ? api.POST('/api/groups', { body })
          : api.PUT('/api/groups/{id}', { params: { path: { id } }, body }),
      ),
    'Saved.',
  )
  if (done) emit('done')
}
</script>

<template>
  <form class="card form" @submit.prevent="save">
    <label>Name <el-input v-model="form.name" name="group-name" maxlength="80" /></label>
    <label>
      Level
      <el-select v-model="form.level">
        <el-option v-for="level in LEVELS" :key="level" :label="words(level)" :value="level" />
      </el-select>
    </label>
    <label>
      Meets on
      <el-select v-model="form.weekday">
        <el-option v-for="day in DAYS" :key="day" :label="words(day)" :value="day" />
      </el-select>
    </label>
    <label>At <el-input v-model="form.startsAt" type="time" name="starts-at" /></label>
    <label>Minutes <el-input-number v-model="form.minutes" :min="20" :max="240" :step="5" /></label>
    <label>Where <el-input v-model="form.place" name="place" maxlength="120" /></label>
    <div class="row">
      <el-button type="primary" native-type="submit" :loading="busy" :disabled="!form.name.trim()"
        >Save</el-button
      >
      <el-button @click="$emit('cancel')">Cancel</el-button>
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
label {
  display: grid;
  gap: 4px;
  font-weight: 600;
}
</style>
