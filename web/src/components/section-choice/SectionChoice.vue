<script setup lang="ts">
import { computed } from 'vue'
import { upTo } from '@/domain/sections'

/** Which sections of a dance: any of them, in any order. */
const props = defineProps<{ all: number; label: string }>()
const chosen = defineModel<number[]>({ required: true })
const sections = computed(() => upTo(props.all))
</script>

<template>
  <el-checkbox-group
    :model-value="chosen"
    :aria-label="label"
    @update:model-value="chosen = ($event as number[]).sort((a, b) => a - b)"
  >
    <el-checkbox-button v-for="section in sections" :key="section" :value="section">{{
      section
    }}</el-checkbox-button>
  </el-checkbox-group>
</template>
