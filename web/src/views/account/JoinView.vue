<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { useRoute } from 'vue-router'
import { api, ask, type Schemas } from '@/api/client'
import FormField from '@/components/form-field/FormField.vue'
import { useEntry } from '@/composables/evening/useEntry'
import { useSession } from '@/composables/people/useSession'
import TheDoor from './TheDoor.vue'

/** Where an invitation leads. */
const route = useRoute()
const session = useSession()
const word = route.hash.slice(1)
const name = ref('')
const password = ref('')
const welcome = ref<Schemas['Welcome']>()
const { problem, busy, enter } = useEntry(
  () => session.join({ word, name: name.value, password: password.value }),
  () => '/classes',
)

onMounted(async () => {
  if (!word) {
    problem.value = 'This link is not whole; copy all of it.'
    return
  }
  try {
    welcome.value = await ask(api.POST('/api/join/look', { body: { word } }))
    name.value = welcome.value.name
  } catch (e) {
    problem.value = (e as Error).message
  }
})
</script>

<template>
  <TheDoor @enter="enter">
    <h1>Join the club</h1>
    <p v-if="welcome" class="quiet">
      {{ welcome.by.name }} invites you as {{ welcome.role.name.toLowerCase() }}: {{ welcome.role.may }}.
    </p>
    <template v-if="welcome">
      <FormField label="Your name" hint="as colleagues know you">
        <el-input v-model="name" name="name" size="large" maxlength="60" autocomplete="username" />
      </FormField>
      <FormField label="A password" hint="8 characters or more">
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
    </template>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    <el-button
      v-if="welcome"
      native-type="submit"
      type="primary"
      size="large"
      :loading="busy"
      :disabled="!name.trim() || password.length < 8"
    >
      Join
    </el-button>
  </TheDoor>
</template>
