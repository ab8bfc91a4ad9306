<script setup lang="ts">
import { computed } from 'vue'
import { sayDone } from '@/composables/page/say'

/** A link that opens something; it is shown once. */
const props = defineProps<{ /** All of it behind the name of this server. */ path: string }>()
defineEmits<{ close: [] }>()
const address = computed(() => location.origin + props.path)

async function copy() {
  await navigator.clipboard.writeText(address.value)
  sayDone('Copied.')
}
</script>

<template>
  <div class="link" role="status">
    <p><slot /></p>
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
