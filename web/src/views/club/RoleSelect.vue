<script setup lang="ts">
import { onMounted } from 'vue'
import { useRoles } from './useRoles'

/** What somebody may do. */
const role = defineModel<string>({ required: true })
const all = useRoles()
onMounted(all.load)
</script>

<template>
  <el-select v-model="role" style="width: min(440px, 76vw)">
    <el-option
      v-for="one in all.roles"
      :key="one.role.code"
      :label="`${one.role.name}: ${one.role.may}`"
      :value="one.role.code"
      :disabled="!one.given"
    />
  </el-select>
</template>
