<script setup lang="ts">
import { computed, onMounted, reactive, ref, watch } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import FormField from '@/components/form-field/FormField.vue'
import { useDo } from '@/composables/page/useDo'
import SectionChoice from '@/components/section-choice/SectionChoice.vue'
import { useLoad } from '@/composables/page/useLoad'
import { HAPPENED_WORDS, OUTCOME_WORDS } from '@/domain/labels'
import { upTo } from '@/domain/sections'

/** Something that happened outside a planned class, to be written down. */
const props = defineProps<{ group: number; today: string }>()
const emit = defineEmits<{ done: []; cancel: [] }>()
const dances = useLoad(() => ask(api.GET('/api/dances')))
const { busy, run } = useDo()

type Form = Omit<Schemas['EntryForm'], 'dance' | 'shown'> & { dance?: number }
const form = reactive<Form>({
  dance: undefined,
  date: props.today,
  happened: 'TAUGHT',
  outcome: 'SOLID',
  note: '',
})
const chosen = ref<number[]>([])
const partly = computed(() => form.happened === 'INTRODUCED')
const sections = computed(() => dances.data.value?.find((one) => one.id === form.dance)?.sections ?? 0)
watch(sections, () => (chosen.value = []))
const ready = computed(() => form.dance !== undefined && (!partly.value || chosen.value.length > 0))

onMounted(dances.load)

async function save() {
  if (form.dance === undefined) return
  const body = { ...form, dance: form.dance, shown: partly.value ? chosen.value : upTo(sections.value) }
  const done = await run(
    () => ask(api.POST('/api/groups/{id}/record', { params: { path: { id: props.group } }, body })),
    'Written down.',
  )
  if (done) emit('done')
}
</script>

<template>
  <form class="card form" @submit.prevent="save">
    <FormField label="Dance">
      <el-select v-model="form.dance" filterable placeholder="Choose">
        <el-option v-for="one in dances.data.value" :key="one.id" :label="one.title" :value="one.id" />
      </el-select>
    </FormField>
    <FormField label="On"><el-input v-model="form.date" type="date" :max="today" /></FormField>
    <FormField label="What">
      <el-select v-model="form.happened">
        <el-option v-for="(label, key) in HAPPENED_WORDS" :key="key" :label :value="key" />
      </el-select>
    </FormField>
    <div v-if="partly && sections" class="field">
      <b>Sections shown</b>
      <SectionChoice v-model="chosen" :all="sections" label="Sections shown" />
    </div>
    <FormField label="How it went">
      <el-select v-model="form.outcome">
        <el-option v-for="(label, key) in OUTCOME_WORDS" :key="key" :label :value="key" />
      </el-select>
    </FormField>
    <FormField label="For colleagues"
      ><el-input v-model="form.note" maxlength="500" placeholder="what tripped them"
    /></FormField>
    <div class="row">
      <el-button type="primary" native-type="submit" :loading="busy" :disabled="!ready">
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
form > .row {
  grid-column: 1 / -1;
}
.field {
  display: grid;
  gap: 4px;
  font-weight: 600;
}
</style>
