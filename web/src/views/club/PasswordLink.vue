<script setup lang="ts">
import { computed } from 'vue'
import { sayDone } from '@/composables/say'

/** A link with which somebody chooses a new password; it is shown once. */
const props = defineProps<{ name: string; word: string }>()
defineEmits<{ close: [] }>()
const address = computed(() => `${location.origin}/password#${props.word}`)

async function copy() {
  await navigator.clipboard.writeText(address.value)
  sayDone('Copied.')
}
</script>

<template>
  <div class="link" role="status">
    <p>
      Give this link to <strong>{{ name }}</strong> and nobody else. It is good once, for two days; the old
      password goes on until it is used.
    </p>
    <div class="row">
      <code>{{ address }}</code>
      <el-button size="small" @click="copy">Copy</el-button>
      <el-button size="small" @click="$emit('close')">Done</el-button>
    </div>
  </div>
</template>

<style scoped>
.link {
  background: var(--notice-wash);
  border-radius: var(--radius-small);
  padding: var(--space-3);
}
code {
  overflow-wrap: anywhere;
  user-select: all;
}
</style>
