<script setup lang="ts">
import { computed, onMounted, reactive } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import { useDo } from '@/composables/useDo'
import { useLoad } from '@/composables/useLoad'

/** Something that happened outside a planned class, to be written down. */
const props = defineProps<{ group: number; today: string }>()
const emit = defineEmits<{ done: []; cancel: [] }>()
const dances = useLoad(() => ask(api.GET('/api/dances')))
const { busy, run } = useDo()

type Form = Omit<Schemas['EntryForm'], 'dance'> & { dance?: number }
const form = reactive<Form>({
  dance: undefined,
  date: props.today,
  happened: 'TAUGHT',
  sections: 1,
  outcome: 'SOLID',
  note: '',
})
const HAPPENED = {
  INTRODUCED: 'taught some sections',
  TAUGHT: 'taught to the end',
  WALKED: 'walked through again',
  DANCED_CALLED: 'danced with calls',
  DANCED: 'danced without calls',
} as const
const OUTCOME = { SOLID: 'solid', SHAKY: 'shaky', LOST: 'lost' } as const
const partly = computed(() => form.happened === 'INTRODUCED')

onMounted(dances.load)

async function save() {
  if (form.dance === undefined) return
  const body = { ...form, dance: form.dance, sections: partly.value ? form.sections : 1 }
  const done = await run(
    () => ask(api.POST('/api/groups/{id}/record', { params: { path: { id: props.group } }, body })),
    'Written down.',
  )
  if (done) emit('done')
}
</script>

<template>
  <form class="card form" @submit.prevent="save">
    <label>
      Dance
      <el-select v-model="form.dance" filterable placeholder="Choose">
        <el-option v-for="one in dances.data.value" :key="one.id" :label="one.title" :value="one.id" />
      </el-select>
    </label>
    <label>On <el-input v-model="form.date" type="date" :max="today" /></label>
    <label>
      What
      <el-select v-model="form.happened">
        <el-option v-for="(label, key) in HAPPENED" :key="key" :label :value="key" />
      </el-select>
    </label>
    <label v-if="partly">To section <el-input-number v-model="form.sections" :min="1" :max="64" /></label>
    <label>
      How it went
      <el-select v-model="form.outcome">
        <el-option v-for="(label, key) in OUTCOME" :key="key" :label :value="key" />
      </el-select>
    </label>
    <label
      >For colleagues <el-input v-model="form.note" maxlength="500" placeholder="what tripped them"
    /></label>
    <div class="row">
      <el-button type="primary" native-type="submit" :loading="busy" :disabled="form.dance === undefined">
        Write down
      </el-button>
      <el-button @click="$emit('cancel')">Cancel</el-button>
    </div>
  </form>
</template>

<style scoped>
.form {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(180px, 1fr));
  gap: var(--space-4);
  align-items: end;
}
label {
  display: grid;
  gap: 4px;
  font-weight: 600;
}
</style>
