<script setup lang="ts">
import { ref } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import ReasonList from '@/components/reason-list/ReasonList.vue'
import { useDo } from '@/composables/page/useDo'

/** Why the teach is laid out so, and how long it took in the end. */
const props = defineProps<{ sheet: Schemas['TeachSheet'] }>()
const emit = defineEmits<{ kept: [] }>()
const { busy, run } = useDo()
const took = ref<number>()

async function keep() {
  if (!took.value) return
  const { dance, group, seconds, classPercent } = props.sheet
  const body = { dance, group, plannedSeconds: seconds, classPercent, minutes: took.value }
  const done = await run(
    () => ask(api.POST('/api/teach-times', { body })),
    'Kept. The next teaches for this group follow it.',
  )
  if (!done) return
  took.value = undefined
  emit('kept')
}
</script>

<template>
  <section class="card">
    <h2>Why so</h2>
    <ReasonList :reasons="sheet.reasons" />
    <p class="quiet">
      A class with this group takes {{ sheet.classPercent }} % of the bare time{{
        sheet.timesTaken ? `, from ${sheet.timesTaken} past teaches` : ', the usual for a live class'
      }}.
    </p>
    <form class="row" @submit.prevent="keep">
      <label class="row">
        It really took
        <el-input-number
          v-model="took"
          :min="1"
          :max="240"
          :controls="false"
          style="width: 64px"
          aria-label="It really took"
        />
        minutes
      </label>
      <el-button native-type="submit" size="small" :disabled="!took" :loading="busy">Keep</el-button>
    </form>
  </section>
</template>
