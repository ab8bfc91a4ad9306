<script setup lang="ts">
import { ref } from 'vue'
import { useRoute } from 'vue-router'
import FormField from '@/components/form-field/FormField.vue'
import { useEntry } from '@/composables/evening/useEntry'
import { useSession } from '@/composables/people/useSession'
import TheDoor from './TheDoor.vue'

/** Where a link for a new password leads. */
const route = useRoute()
const session = useSession()
const word = route.hash.slice(1)
const password = ref('')
const { problem, busy, enter } = useEntry(
  () => session.choosePassword({ word, password: password.value }),
  () => '/classes',
)
if (!word) problem.value = 'This link is not whole; copy all of it.'
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
