<script setup lang="ts">
import { ref } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import { clock } from '@/domain/facing'

/** "Somebody says wall 3 starts at the back": possible or not, and why. */
const props = defineProps<{ dance: number; optional: boolean }>()
type What = 'START' | 'END' | 'RESTART' | 'TAG'
const WHATS: { value: What; label: string }[] = [
  { value: 'START', label: 'starts at' },
  { value: 'END', label: 'ends at' },
  { value: 'RESTART', label: 'restarts facing' },
  { value: 'TAG', label: 'has its tag at' },
]
const EIGHT = [0, 1, 2, 3, 4, 5, 6, 7]
const wall = ref(3)
const what = ref<What>('START')
const facing = ref(4)
const answer = ref<Schemas['ClaimView']>()
const problem = ref('')
const WORDS: Record<Schemas['ClaimView']['truth'], string> = {
  YES: 'Yes, so it is.',
  WITH_OPTIONAL: 'Only otherwise:',
  NO: 'No, that cannot be.',
}

async function judge() {
  try {
    answer.value = await ask(
      api.GET('/api/dances/{id}/facing-claims', {
        params: {
          path: { id: props.dance },
          query: { wall: wall.value, what: what.value, facing: facing.value, optional: props.optional },
        },
      }),
    )
    problem.value = ''
  } catch (e) {
    problem.value = (e as Error).message
  }
}
</script>

<template>
  <form class="card stack" @submit.prevent="judge">
    <div class="row">
      <span>Somebody says wall</span>
      <el-input-number
        v-model="wall"
        :min="1"
        :max="99"
        :controls="false"
        style="width: 56px"
        aria-label="Wall"
      />
      <el-select v-model="what" style="width: 150px" aria-label="What">
        <el-option v-for="one in WHATS" :key="one.value" v-bind="one" />
      </el-select>
      <el-select v-model="facing" style="width: 84px" aria-label="Facing">
        <el-option v-for="one in EIGHT" :key="one" :label="clock(one)" :value="one" />
      </el-select>
      <el-button native-type="submit">True?</el-button>
    </div>
    <p v-if="problem" role="alert">{{ problem }}</p>
    <div v-if="answer" role="status" :class="answer.truth">
      <p>
        <b>{{ WORDS[answer.truth] }}</b>
      </p>
      <p v-for="(line, i) in answer.why" :key="i">{{ line.text }}</p>
    </div>
  </form>
</template>

<style scoped>
.stack {
  gap: var(--space-2);
}
.row {
  gap: 6px;
}
.NO b {
  color: var(--wrong);
}
.YES b {
  color: var(--good);
}
.WITH_OPTIONAL b {
  color: var(--notice-text);
}
</style>
