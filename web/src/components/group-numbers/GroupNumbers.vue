<script setup lang="ts">
/** Which groups take part, and a number for each: new dances of a term, people at a social. */
const props = defineProps<{
  groups: { id: number; name: string }[]
  /** What is asked for of each. */
  of: string
  min: number
  max: number
  /** For a group that is taken in. */
  usual: number
}>()
/** The number of each group that takes part, by the group's. */
const model = defineModel<Record<number, number>>({ required: true })

function take(group: number, now: boolean) {
  const others = { ...model.value }
  if (now) others[group] = props.usual
  else delete others[group]
  model.value = others
}
const set = (group: number, now: number | undefined) =>
  (model.value = { ...model.value, [group]: now ?? props.usual })
</script>

<template>
  <ul class="rows">
    <li v-for="one in groups" :key="one.id" class="row">
      <el-checkbox
        :model-value="one.id in model"
        :label="one.name"
        @update:model-value="(now: string | number | boolean) => take(one.id, !!now)"
      />
      <el-input-number
        :model-value="model[one.id] ?? usual"
        :min
        :max
        size="small"
        :disabled="!(one.id in model)"
        :aria-label="`${of} ${one.name}`"
        @update:model-value="(now: number | undefined) => set(one.id, now)"
      />
    </li>
  </ul>
</template>

<style scoped>
.row :deep(.el-checkbox) {
  min-width: 200px;
}
</style>
