<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import FormField from '@/components/form-field/FormField.vue'
import { useSession } from '@/composables/useSession'
import FootSign from '@/components/foot-sign/FootSign.vue'

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
  <div class="door">
    <div class="floor" aria-hidden="true">
      <FootSign v-for="n in 8" :key="n" :foot="n % 2 ? 'R' : 'L'" :weight="n !== 8" :size="44" />
    </div>
    <form class="card" @submit.prevent="enter">
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
    </form>
  </div>
</template>

<style scoped>
.door {
  min-height: 100vh;
  display: grid;
  place-items: center;
  align-content: center;
  gap: var(--space-5);
  background: var(--action);
  background-image: radial-gradient(circle, rgb(253 246 234 / 9%) 3px, transparent 3.5px);
  background-size: 36px 28px;
  padding: var(--space-4);
}
.floor {
  display: flex;
  gap: 14px;
}
.floor > :deep(svg) {
  color: var(--on-action);
  --surface: var(--action);
}
.floor > :deep(svg:nth-child(even)) {
  transform: translateY(14px);
}
form {
  width: min(400px, 100%);
  display: grid;
  gap: var(--space-4);
  padding: var(--space-5);
}
.problem {
  color: var(--wrong);
  background: var(--wrong-wash);
  padding: var(--space-2) var(--space-3);
  border-radius: var(--radius-small);
}
</style>
