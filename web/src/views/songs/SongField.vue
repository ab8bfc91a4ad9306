<script setup lang="ts">
/** A field of a song, as it is typed, and what cannot be read in it. */
defineProps<{ label: string; name: string; fault?: string; longest?: number; placeholder?: string }>()
const text = defineModel<string>({ required: true })
</script>

<template>
  <label>
    {{ label }}
    <el-input v-model="text" :name :maxlength="longest" :placeholder :aria-invalid="!!fault" />
    <span v-if="fault" class="fault">{{ fault }}</span>
  </label>
</template>

<style scoped>
.fault {
  color: var(--wrong);
  font-size: 14px;
  font-weight: 400;
}
label {
  display: grid;
  align-content: start;
  gap: 2px;
  font-weight: 600;
}
</style>
