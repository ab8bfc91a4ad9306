<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import { useDo } from '@/composables/page/useDo'
import { STAGE_WORDS, type Stage } from '@/domain/labels'
import { day } from '@/domain/time'

/** What a person says against the record, and how to say it or take it back. */
const props = defineProps<{ group: number; one: Schemas['DanceStanding']; may: boolean }>()
const emit = defineEmits<{ done: [] }>()
const { busy, run } = useDo()
const SAYABLE: Stage[] = ['STARTED', 'TAUGHT', 'PRACTISED', 'KNOWN', 'RUSTY', 'RETIRED']
const saying = ref(false)
const stage = ref<Stage>('KNOWN')
const note = ref('')
const path = computed(() => ({ id: props.group, dance: props.one.dance }))

async function rule() {
  const body = { stage: stage.value, note: note.value }
  const say = () => ask(api.PUT('/api/groups/{id}/rulings/{dance}', { params: { path: path.value }, body }))
  if (!(await run(say, 'Noted, with your name.'))) return
  saying.value = false
  note.value = ''
  emit('done')
}
async function takeBack() {
  const back = () => ask(api.DELETE('/api/groups/{id}/rulings/{dance}', { params: { path: path.value } }))
  if (await run(back, 'The record holds again.')) emit('done')
}
</script>

<template>
  <p v-if="one.ruling" class="ruled">
    <b>{{ one.ruling.by.name }}</b> says {{ STAGE_WORDS[one.stage] }}, {{ day(one.ruling.on) }}; by the record
    it is {{ STAGE_WORDS[one.ruling.fromRecord] }}.
    <em v-if="one.ruling.note">“{{ one.ruling.note }}”</em>
    <button v-if="may" class="plain-button" type="button" :disabled="busy" @click="takeBack">
      {{ one.stage === 'RETIRED' ? 'Bring it back' : 'Take back' }}
    </button>
  </p>
  <form v-else-if="saying" class="say" @submit.prevent="rule">
    <el-select v-model="stage" size="small" aria-label="Where it stands" style="width: 130px">
      <el-option v-for="each in SAYABLE" :key="each" :label="STAGE_WORDS[each]" :value="each" />
    </el-select>
    <el-input v-model="note" size="small" maxlength="500" placeholder="why" aria-label="Why" />
    <el-button size="small" type="primary" native-type="submit" :loading="busy">Say so</el-button>
    <el-button size="small" @click="saying = false">Cancel</el-button>
  </form>
  <button v-else-if="may" class="plain-button" type="button" @click="saying = true">
    It stands elsewhere, or is retired
  </button>
</template>

<style scoped>
.ruled {
  background: var(--notice-wash);
  border-left: 5px solid var(--notice);
  padding: var(--space-2) var(--space-3);
}
.say {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2);
}
.say .el-input {
  flex: 1 1 120px;
}
</style>
