<script setup lang="ts">
import { onMounted } from 'vue'
import { useRoles } from './useRoles'

/** What somebody may do. */
const role = defineModel<string>({ required: true })
const all = useRoles()
onMounted(all.load)
</script>

<template>
  <el-select v-model="role" style="width: min(300px, 76vw)">
    <el-option
      v-for="one in all.roles"
      :key="one.role.code"
      :label="one.role.name"
      :value="one.role.code"
      :disabled="!one.given"
      class="role"
    >
      {{ one.role.name }}<small class="quiet">{{ one.role.may }}</small>
    </el-option>
  </el-select>
</template>

<style>
/* The list hangs at the end of the page, outside of what is scoped. */
.el-select-dropdown__item.role {
  height: auto;
  padding-block: var(--space-1);
  line-height: 1.35;
  white-space: normal;
}
.role small {
  display: block;
  font-weight: 400;
}
</style>
