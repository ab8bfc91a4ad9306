<script setup lang="ts">
import FormField from '@/components/form-field/FormField.vue'

/** A field of a song, as it is typed, and what cannot be read in it. */
defineProps<{ label: string; name: string; fault?: string; longest?: number; placeholder?: string }>()
const text = defineModel<string>({ required: true })
</script>

<template>
  <FormField :label :fault>
    <el-input v-model="text" :name :maxlength="longest" :placeholder :aria-invalid="!!fault" />
  </FormField>
</template>
