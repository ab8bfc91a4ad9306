<script setup lang="ts">
import { onMounted, reactive, ref } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import FormField from '@/components/form-field/FormField.vue'
import PageState from '@/components/page-state/PageState.vue'
import { useDo } from '@/composables/page/useDo'
import { useLoad } from '@/composables/page/useLoad'
import { moment } from '@/domain/time'
import RoleSelect from './RoleSelect.vue'
import SecretLink from '@/components/secret-link/SecretLink.vue'

/** Ways into the club: one link for one person. */
const { data, problem, loading, load } = useLoad(() => ask(api.GET('/api/invitations')))
const { busy, run } = useDo()
const draft = reactive<Schemas['InvitationForm']>({ name: '', role: 'CO_INSTRUCTOR' })
const made = ref<{ word: string; name: string }>()
onMounted(load)

async function invite() {
  const done = await run(async () => {
    const { word } = await ask(api.POST('/api/invitations', { body: { ...draft } }))
    made.value = { word, name: draft.name }
  })
  if (!done) return
  draft.name = ''
  await load()
}

async function revoke(id: number) {
  await run(() => ask(api.DELETE('/api/invitations/{id}', { params: { path: { id } } })), 'Taken back.')
  await load()
}
</script>

<template>
  <div class="stack">
    <form class="stack" @submit.prevent="invite">
      <h3>Invite somebody</h3>
      <div class="row end">
        <FormField label="Name" hint="may be left empty">
          <el-input v-model="draft.name" name="invited" maxlength="60" />
        </FormField>
        <FormField label="May"><RoleSelect v-model="draft.role" /></FormField>
        <el-button type="primary" native-type="submit" :loading="busy">Make a link</el-button>
      </div>
    </form>
    <SecretLink v-if="made" :path="`/join#${made.word}`" @close="made = undefined">
      Give this link to <strong>{{ made.name || 'whoever is to come' }}</strong> and nobody else. It is good
      once, for two weeks. They choose their own password.
    </SecretLink>
    <PageState :loading :problem :ready="!!data" @again="load">
      <ul v-if="data?.length" aria-label="Open invitations">
        <li v-for="one in data" :key="one.id" class="row spread">
          <span>
            <strong>{{ one.name || 'Anybody with the link' }}</strong>
            <span class="quiet">
              as {{ one.role.name.toLowerCase() }}, until {{ moment(one.goodUntil) }}</span
            >
          </span>
          <el-button size="small" :loading="busy" @click="revoke(one.id)">Take back</el-button>
        </li>
      </ul>
    </PageState>
  </div>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
.end {
  align-items: end;
}
</style>
