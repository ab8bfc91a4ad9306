<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import FormField from '@/components/form-field/FormField.vue'
import { useSession } from '@/composables/useSession'
import TheDoor from './TheDoor.vue'

const session = useSession()
const router = useRouter()
const route = useRoute()
const name = ref('')
const password = ref('')
const code = ref('')
const problem = ref('')
const busy = ref(false)
const first = computed(() => session.needsSetup)

async function enter() {
  problem.value = ''
  busy.value = true
  try {
    const credentials = { name: name.value, password: password.value }
    if (first.value) await session.setUp({ ...credentials, code: code.value })
    else await session.begin(credentials)
    const next =
      typeof route.query.next === 'string' && route.query.next.startsWith('/') ? route.query.next : '/classes'
    await router.replace(next)
  } catch (e) {
    problem.value = (e as Error).message
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <TheDoor @enter="enter">
    <h1>Ulna Awl</h1>
    <p v-if="first">
      Nobody has an account here yet. You are the <strong>first instructor</strong>: choose your name and a
      password; you add your colleagues afterwards. The code stands in the window in which the server was
      started.
    </p>
    <p v-else class="quiet">Plan the class, teach it section by section, remember what each group knows.</p>
    <FormField label="Name"
      ><el-input v-model="name" name="name" size="large" autocomplete="username" maxlength="60" required />
    </FormField>
    <FormField label="Password" :hint="first ? '8 characters or more' : undefined">
      <el-input
        v-model="password"
        name="password"
        type="password"
        size="large"
        show-password
        maxlength="200"
        :autocomplete="first ? 'new-password' : 'current-password'"
      />
    </FormField>
    <FormField v-if="first" label="Code">
      <el-input v-model="code" name="code" size="large" autocomplete="off" maxlength="40" />
    </FormField>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    <el-button native-type="submit" type="primary" size="large" :loading="busy">
      {{ first ? 'Begin' : 'Sign in' }}
    </el-button>
  </TheDoor>
</template>
