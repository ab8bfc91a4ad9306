<script setup lang="ts">
import { computed, reactive } from 'vue'
import { api, ask } from '@/api/client'
import FormField from '@/components/form-field/FormField.vue'
import PageHead from '@/components/page-head/PageHead.vue'
import { useDo } from '@/composables/page/useDo'
import { useSession } from '@/composables/people/useSession'
import { useSignOut } from '@/composables/people/useSignOut'
import { useTheme } from '@/composables/page/useTheme'
import { othersWithUnsent, unsentOf, useOwner } from '@/composables/device/own'
import { useAlong } from '@/composables/device/useTakeAlong'
import { moment } from '@/domain/time'
import AwayCard from './AwayCard.vue'
import CalendarList from './CalendarList.vue'
import ShareList from './ShareList.vue'
import SessionList from './SessionList.vue'
import TokenList from './TokenList.vue'

const session = useSession()
const signOut = useSignOut()
const { theme, toggle } = useTheme()
const along = useAlong()
const owner = useOwner()
const unsent = computed(() => (owner.value ? unsentOf(owner.value) : []))
const others = computed(() => (owner.value ? othersWithUnsent() : []))
const { busy, run } = useDo()
const draft = reactive({ old: '', password: '' })

async function change() {
  const done = await run(
    () => ask(api.PUT('/api/session/password', { body: { ...draft } })),
    'Your password is changed; everywhere else you are signed out.',
  )
  if (done) Object.assign(draft, { old: '', password: '' })
}
</script>

<template>
  <div class="stack">
    <PageHead :title="session.name">
      <template #actions>
        <el-button @click="toggle">{{ theme === 'dark' ? 'Light colours' : 'Dark colours' }}</el-button>
        <el-button @click="signOut">Sign out here</el-button>
      </template>
    </PageHead>
    <AwayCard v-if="session.may('LEAD')" />
    <CalendarList />
    <form class="card stack" @submit.prevent="change">
      <h2>Another password</h2>
      <div class="row">
        <FormField label="Password until now"
          ><el-input v-model="draft.old" name="old" type="password" autocomplete="current-password" />
        </FormField>
        <FormField label="New password" hint="8 characters or more"
          ><el-input
            v-model="draft.password"
            name="new-password"
            type="password"
            show-password
            maxlength="200"
            autocomplete="new-password"
          />
        </FormField>
      </div>
      <div>
        <el-button
          type="primary"
          native-type="submit"
          :loading="busy"
          :disabled="!draft.old || draft.password.length < 8"
          >Change it</el-button
        >
      </div>
    </form>
    <section class="card">
      <h2>On this device</h2>
      <p v-if="along">
        The coming classes are here, also without a network: {{ along.dances }} dances with their run-throughs
        and teaches, as of {{ moment(along.at) }}.
      </p>
      <p v-else>The coming classes are taken along a few seconds after the app was opened.</p>
      <p class="quiet">Names of dancers are not among it, and signing out takes all of it away.</p>
      <p v-if="unsent.length">
        Not sent or not saved yet, and nowhere else: {{ unsent.map((one) => one.words).join('; ') }}.
      </p>
      <p v-for="name in others" :key="name">
        {{ name }} has something here that is not sent yet. It waits until they sign in; nobody else can read
        or send it.
      </p>
    </section>
    <ShareList v-if="session.may('SHARE')" />
    <TokenList />
    <SessionList title="Where you are signed in" />
  </div>
</template>
