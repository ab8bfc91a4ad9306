<script setup lang="ts">
/** Which wall's facings are told, on the room clock. */
const wall = defineModel<number>({ required: true })
defineProps<{ walls: { number: number }[] }>()
</script>

<template>
  <label class="row">
    on wall
    <el-select v-model="wall" size="small" style="width: 84px" aria-label="On wall">
      <el-option v-for="one in walls" :key="one.number" :label="String(one.number)" :value="one.number" />
    </el-select>
  </label>
</template>
