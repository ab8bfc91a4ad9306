<script setup lang="ts">
import type { Role } from '@/composables/people/useSession'
import { ROLES } from './roles'

/** What somebody may do. */
const role = defineModel<Role>({ required: true })
</script>

<template>
  <el-select v-model="role" style="width: min(440px, 76vw)">
    <el-option v-for="(words, one) in ROLES" :key="one" :label="`${words.name}: ${words.may}`" :value="one" />
  </el-select>
</template>
