<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import type { School } from '@/domain/labels'

/** For whom, in how many minutes, by which school. */
const props = defineProps<{
  groups: Schemas['GroupSummary'][]
  schools: Schemas['SchoolView'][]
  proposed?: School
  /** The school of the order on the page; nothing for one that was changed by hand. */
  school?: School
  undoable: boolean
  own: boolean
}>()
const group = defineModel<number | undefined>('group', { required: true })
const minutes = defineModel<number>('minutes', { required: true })
const comparing = defineModel<boolean>('comparing', { required: true })
const emit = defineEmits<{ choose: [school: School]; undo: []; again: [] }>()

const OWN = 'OWN'
const chosen = computed({
  get: () => (props.own ? OWN : (props.school ?? '')),
  set: (now: string) => {
    const found = props.schools.find((one) => one.school === now)
    if (found) emit('choose', found.school)
  },
})
</script>

<template>
  <div class="row no-print">
    <label class="row">
      for
      <el-select v-model="group" style="width: 190px" aria-label="Group">
        <el-option v-for="one in groups" :key="one.id" :label="one.name" :value="one.id" />
      </el-select>
    </label>
    <label class="row">
      in
      <el-input-number v-model="minutes" :min="1" :max="240" style="width: 116px" aria-label="Minutes" />
      minutes
    </label>
    <label class="row">
      by
      <el-select v-model="chosen" style="width: 210px" aria-label="School">
        <el-option v-if="own" :value="OWN" label="Our own order" />
        <el-option
          v-for="one in schools"
          :key="one.school"
          :value="one.school"
          :label="one.school === proposed ? `${one.name} (proposed)` : one.name"
        />
      </el-select>
    </label>
    <el-button @click="comparing = !comparing">{{
      comparing ? 'Close the comparison' : 'Compare'
    }}</el-button>
    <el-button :disabled="!undoable" title="Ctrl+Z" @click="emit('undo')">Undo</el-button>
    <button v-if="own" class="plain-button" type="button" @click="emit('again')">Start again</button>
  </div>
</template>
