<script setup lang="ts">
import { ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import FormField from '@/components/form-field/FormField.vue'
import { useSession } from '@/composables/useSession'
import TheDoor from './TheDoor.vue'

/** Where a link for a new password leads. */
const route = useRoute()
const router = useRouter()
const session = useSession()
const word = route.hash.slice(1)
const password = ref('')
const problem = ref(word ? '' : 'This link is not whole; copy all of it.')
const busy = ref(false)

async function enter() {
  problem.value = ''
  busy.value = true
  try {
    await session.choosePassword({ word, password: password.value })
    await router.replace('/classes')
  } catch (e) {
    problem.value = (e as Error).message
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <TheDoor @enter="enter">
    <h1>A new password</h1>
    <p class="quiet">Choose it here; then you are signed in, and only here.</p>
    <FormField label="New password" hint="8 characters or more">
      <el-input
        v-model="password"
        name="password"
        type="password"
        size="large"
        show-password
        maxlength="200"
        autocomplete="new-password"
      />
    </FormField>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    <el-button
      native-type="submit"
      type="primary"
      size="large"
      :loading="busy"
      :disabled="!word || password.length < 8"
    >
      Keep it
    </el-button>
  </TheDoor>
</template>
