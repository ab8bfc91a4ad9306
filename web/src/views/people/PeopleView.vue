<script setup lang="ts">
import { onMounted, reactive } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import PageHead from '@/components/page-head/PageHead.vue'
import FormField from '@/components/form-field/FormField.vue'
import PageState from '@/components/page-state/PageState.vue'
import { useDo } from '@/composables/useDo'
import { useLoad } from '@/composables/useLoad'

const { data, problem, loading, load } = useLoad(() => ask(api.GET('/api/people')))
const { busy, run } = useDo()
const draft = reactive<Schemas['NewColleague']>({ name: '', password: '', role: 'CO_INSTRUCTOR' })
const ROLES = {
  INSTRUCTOR: 'Instructor: everything',
  CO_INSTRUCTOR: 'Co-instructor: reads all, plans classes, writes the record',
} as const

onMounted(load)

async function add() {
  const name = draft.name
  const done = await run(
    () => ask(api.POST('/api/people', { body: { ...draft } })),
    `${name} can sign in now.`,
  )
  if (done) {
    draft.name = ''
    draft.password = ''
    await load()
  }
}
</script>

<template>
  <div class="stack">
    <PageHead title="People" />
    <PageState :loading :problem :ready="!!data" @again="load">
      <ul class="card people">
        <li v-for="one in data" :key="one.id">
          <strong>{{ one.name }}</strong> <span class="quiet">{{ ROLES[one.role] }}</span>
        </li>
      </ul>
    </PageState>
    <form class="card stack" @submit.prevent="add">
      <h2>Add a colleague</h2>
      <div class="row">
        <FormField label="Name"><el-input v-model="draft.name" name="colleague" maxlength="60" /></FormField>
        <FormField label="First password"
          ><el-input v-model="draft.password" name="first-password" maxlength="200" autocomplete="off" />
        </FormField>
        <FormField label="May">
          <el-select v-model="draft.role" style="width: min(440px, 76vw)">
            <el-option v-for="(label, role) in ROLES" :key="role" :label :value="role" />
          </el-select>
        </FormField>
      </div>
      <div>
        <el-button
          type="primary"
          native-type="submit"
          :loading="busy"
          :disabled="!draft.name || draft.password.length < 8"
        >
          Add
        </el-button>
        <span class="quiet"> The password has 8 characters or more; tell it in person.</span>
      </div>
    </form>
  </div>
</template>

<style scoped>
.people {
  list-style: none;
  margin: 0;
  display: grid;
  gap: var(--space-2);
}
</style>
