<script setup lang="ts">
import { reactive } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import FormField from '@/components/form-field/FormField.vue'
import { useDo } from '@/composables/useDo'
import { ROLES } from './roles'

const emit = defineEmits<{ added: [] }>()
const { busy, run } = useDo()
const draft = reactive<Schemas['NewColleague']>({ name: '', password: '', role: 'CO_INSTRUCTOR' })

async function add() {
  const name = draft.name
  const done = await run(
    () => ask(api.POST('/api/people', { body: { ...draft } })),
    `${name} can sign in now.`,
  )
  if (!done) return
  draft.name = ''
  draft.password = ''
  emit('added')
}
</script>

<template>
  <form class="stack" @submit.prevent="add">
    <h3>Add a colleague</h3>
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
</template>
