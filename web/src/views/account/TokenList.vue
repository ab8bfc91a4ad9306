<script setup lang="ts">
import { onMounted, reactive, ref } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import FormField from '@/components/form-field/FormField.vue'
import PageState from '@/components/page-state/PageState.vue'
import { useDo } from '@/composables/page/useDo'
import { useLoad } from '@/composables/page/useLoad'
import { useSession, type Ability } from '@/composables/people/useSession'
import { ago, moment } from '@/domain/time'

/** Words by which programs of one's own ask in one's name; each for something, and for a while. */
type Scope = Schemas['TokenForm']['scope']
const SCOPES: Record<Scope, string> = {
  READ: 'read what I may read',
  LEAD: 'and plan and log what I lead',
  WRITE: 'and change dances, songs and the rest',
}
const DAYS = [30, 90, 366]
const session = useSession()
const OF_USE: Record<Scope, Ability[]> = {
  READ: ['READ'],
  LEAD: ['LEAD', 'LOG', 'TEACH', 'PROPOSE'],
  WRITE: ['CHANGE_DANCES', 'PLAN', 'CALENDAR'],
}
/** A program may never more than whoever it is of. */
const isOfUse = (scope: Scope) => OF_USE[scope].some((one) => session.may(one))
const { data, problem, loading, load } = useLoad(() => ask(api.GET('/api/tokens')))
const { busy, run } = useDo()
const form = reactive<Schemas['TokenForm']>({ label: '', scope: 'READ', days: 90 })
const word = ref('')
onMounted(load)

async function make() {
  const done = await run(async () => {
    word.value = (await ask(api.POST('/api/tokens', { body: { ...form } }))).word
  })
  if (done) form.label = ''
  await load()
}

async function takeBack(id: number) {
  const params = { path: { id } }
  await run(() => ask(api.DELETE('/api/tokens/{id}', { params })), 'Taken back; it opens nothing any more.')
  await load()
}
</script>

<template>
  <section class="card stack" aria-label="Tokens for programs">
    <h2>Tokens for programs</h2>
    <PageState :loading="loading && !data" :problem :ready="!!data" @again="load">
      <p v-if="!data?.length" class="quiet">
        A program of yours can ask in your name, by a token that is good for something and for a while. It
        never reaches passwords, people, links or copies of everything.
      </p>
      <ul class="rows">
        <li v-for="one in data" :key="one.id" class="row spread">
          <span
            ><strong>{{ one.label }}</strong>
            <span class="quiet after"
              >{{ SCOPES[one.scope] }}, until {{ moment(one.until) }},
              {{ one.lastUsed ? `last used ${ago(one.lastUsed, Date.now())}` : 'not used yet' }}</span
            ></span
          >
          <el-button size="small" :loading="busy" @click="takeBack(one.id)">Take back</el-button>
        </li>
      </ul>
    </PageState>
    <p v-if="word" class="word" role="status">
      This is the token; it is shown once: <code>{{ word }}</code>
      <el-button size="small" @click="word = ''">I have it</el-button>
    </p>
    <form class="row end" @submit.prevent="make">
      <FormField label="What for"
        ><el-input v-model="form.label" name="token-label" maxlength="60"
      /></FormField>
      <FormField label="It may">
        <el-select v-model="form.scope" style="width: 290px">
          <template v-for="(words, scope) in SCOPES" :key="scope">
            <el-option v-if="isOfUse(scope)" :value="scope" :label="words" />
          </template>
        </el-select>
      </FormField>
      <FormField label="For">
        <el-select v-model="form.days" style="width: 120px">
          <el-option v-for="days in DAYS" :key="days" :value="days" :label="`${days} days`" />
        </el-select>
      </FormField>
      <el-button type="primary" native-type="submit" :loading="busy" :disabled="!form.label.trim()"
        >Make a token</el-button
      >
    </form>
  </section>
</template>

<style scoped>
.end {
  align-items: end;
}
.word {
  background: var(--notice-wash);
  border: 1px solid var(--notice);
  border-radius: var(--radius-small);
  padding: var(--space-2) var(--space-3);
}
code {
  margin-right: 8px;
  overflow-wrap: anywhere;
  font-weight: 700;
}
</style>
