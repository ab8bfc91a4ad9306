<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import FormField from '@/components/form-field/FormField.vue'
import { confirmed } from '@/composables/page/confirm'
import { useDo } from '@/composables/page/useDo'
import { useSession } from '@/composables/people/useSession'
import { ago } from '@/domain/time'
import RoleSelect from './RoleSelect.vue'
import SecretLink from '@/components/secret-link/SecretLink.vue'

/** Somebody of the club: called otherwise, given another role, a new password, or taken out. */
const props = defineProps<{ person: Schemas['Colleague'] }>()
const emit = defineEmits<{ changed: [] }>()
const session = useSession()
const { busy, run } = useDo()
const editing = ref(false)
const leaving = ref(false)
const forget = ref(false)
const word = ref('')
const draft = reactive({ name: '', role: props.person.role.code })
const isMe = computed(() => session.isMe(props.person))
const path = computed(() => ({ path: { id: props.person.id } }))

function edit() {
  Object.assign(draft, { name: props.person.name, role: props.person.role.code })
  editing.value = true
}

async function save() {
  const body = { ...draft, version: props.person.version }
  const done = await run(
    () => ask(api.PUT('/api/people/{id}', { params: path.value, body })),
    `${draft.name}: saved, and it counts at once.`,
  )
  if (!done) return
  editing.value = false
  await session.load()
  emit('changed')
}

async function makeLink() {
  await run(async () => {
    word.value = (await ask(api.POST('/api/people/{id}/password-link', { params: path.value }))).word
  })
}

async function remove() {
  const name = props.person.name
  const words = forget.value
    ? `${name} is signed out everywhere, and the records say “a former leader” instead. That cannot be taken back.`
    : `${name} is signed out everywhere. The records keep the name.`
  if (!(await confirmed(`Take ${name} out of the club?`, words, 'Take out', 'Keep'))) return
  const query = { version: props.person.version, forget: forget.value }
  const params = { ...path.value, query }
  if (await run(() => ask(api.DELETE('/api/people/{id}', { params })), `${name} has left.`)) emit('changed')
}
</script>

<template>
  <li>
    <div class="row spread">
      <span
        ><strong>{{ person.name }}</strong
        >{{ ' ' }}
        <span class="quiet">{{ person.role.name }}: {{ person.role.may }}</span>
        <span v-if="isMe" class="quiet"> · you</span>
        <span v-else-if="person.lastSeen" class="quiet">
          · last seen {{ ago(person.lastSeen, Date.now()) }}</span
        >
        <span v-else class="quiet"> · not seen yet</span></span
      >
      <span v-if="!editing && !leaving" class="row">
        <el-button size="small" @click="edit">Change</el-button>
        <el-button v-if="!isMe" size="small" :loading="busy" @click="makeLink">New password</el-button>
        <el-button v-if="!isMe" size="small" @click="leaving = true">Take out</el-button>
      </span>
    </div>
    <form v-if="editing" class="row" @submit.prevent="save">
      <FormField label="Name"><el-input v-model="draft.name" name="new-name" maxlength="60" /></FormField>
      <FormField label="May">
        <RoleSelect v-model="draft.role" />
      </FormField>
      <span class="row end">
        <el-button type="primary" native-type="submit" :loading="busy" :disabled="!draft.name.trim()"
          >Save</el-button
        >
        <el-button @click="editing = false">Leave it</el-button>
      </span>
    </form>
    <div v-if="leaving" class="row leaving">
      <el-radio-group v-model="forget">
        <el-radio :value="false">The records keep the name</el-radio>
        <el-radio :value="true">The records say “a former leader”</el-radio>
      </el-radio-group>
      <el-button type="danger" :loading="busy" @click="remove">Take out…</el-button>
      <el-button @click="leaving = false">Leave it</el-button>
    </div>
    <SecretLink v-if="word" :path="`/password#${word}`" @close="word = ''">
      Give this link to <strong>{{ person.name }}</strong> and nobody else. It is good once, for two days; the
      old password goes on until it is used.
    </SecretLink>
  </li>
</template>

<style scoped>
li {
  border-top: 1px solid var(--line);
  padding: var(--space-2) 0;
}
li:first-child {
  border-top: 0;
}
form,
.leaving {
  padding: var(--space-2) 0;
  align-items: end;
}
.leaving {
  align-items: center;
}
</style>
