<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { useRoute } from 'vue-router'
import FormField from '@/components/form-field/FormField.vue'
import { useEntry } from '@/composables/evening/useEntry'
import { useSession } from '@/composables/people/useSession'
import TheDoor from './TheDoor.vue'

const session = useSession()
const route = useRoute()
const name = ref('')
const password = ref('')
const code = ref('')
const first = computed(() => session.needsSetup)
/** A club that was set up just now begins with its first evening. */
let setUpNow = false

/** A link into a sample club brings the fields along; another club does not look at them. */
function fromLink() {
  const brought = new URLSearchParams(route.hash.slice(1))
  if (!session.invented || !brought.has('as')) return
  name.value = brought.get('as') ?? ''
  password.value = brought.get('word') ?? ''
}
onMounted(fromLink)

const { problem, busy, enter } = useEntry(
  () => {
    const credentials = { name: name.value, password: password.value }
    setUpNow = first.value
    return first.value ? session.setUp({ ...credentials, code: code.value }) : session.begin(credentials)
  },
  () => {
    if (setUpNow) return '/first'
    const { next } = route.query
    return typeof next === 'string' && next.startsWith('/') ? next : '/classes'
  },
)
</script>

<template>
  <TheDoor @enter="enter">
    <h1>Ulna Awl</h1>
    <p v-if="first">
      Nobody has an account here yet. You are the <strong>first instructor</strong>: choose your name and a
      password; you add your colleagues afterwards. The code stands in the window in which the server was
      started.
    </p>
    <p v-else-if="session.invented" class="quiet">
      A sample club: everybody and everything in it is invented. Write and try what you like.
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
