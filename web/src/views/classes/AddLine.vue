<script setup lang="ts">
import { computed, reactive } from 'vue'
import type { Schemas } from '@/api/client'
import { KIND_WORDS, type Kind } from '@/domain/labels'

/** A new line for a running order: a dance, or a few words. */
const props = defineProps<{ dances: Schemas['DanceName'][]; minutes: number }>()
const emit = defineEmits<{ add: [line: Schemas['LineForm']]; cancel: [] }>()

const form = reactive<{ kind: Kind; dance?: number; title: string; minutes: number }>({
  kind: 'PRACTICE',
  dance: undefined,
  title: '',
  minutes: props.minutes,
})
const ready = computed(() => form.dance !== undefined || form.title.trim() !== '')

function add() {
  emit('add', { kind: form.kind, dance: form.dance, title: form.title.trim(), minutes: form.minutes })
}
</script>

<template>
  <form class="card row" @submit.prevent="add">
    <el-select v-model="form.kind" style="width: 130px" aria-label="Kind of line">
      <el-option v-for="(label, kind) in KIND_WORDS" :key="kind" :label :value="kind" />
    </el-select>
    <el-select
      v-model="form.dance"
      filterable
      clearable
      placeholder="A dance"
      style="width: 240px"
      aria-label="Dance of the new line"
    >
      <el-option
        v-for="one in dances"
        :key="one.id"
        :label="one.title"
        :value="one.id"
        :disabled="!one.sound"
      />
    </el-select>
    <el-input
      v-if="form.dance === undefined"
      v-model="form.title"
      style="width: 260px"
      maxlength="200"
      placeholder="or a few words"
      aria-label="Words of the new line"
    />
    <el-input-number v-model="form.minutes" :min="1" :max="240" style="width: 120px" aria-label="Minutes" />
    minutes
    <el-button type="primary" native-type="submit" :disabled="!ready">Add</el-button>
    <el-button @click="$emit('cancel')">Cancel</el-button>
  </form>
</template>
