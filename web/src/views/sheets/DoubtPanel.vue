<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Schemas } from '@/api/client'
import type { PileSheet } from '@/composables/sheets/usePile'

/** One line in doubt: why, what it was taken for, what else it could be. */
const props = defineProps<{
  sheet: PileSheet
  line?: Schemas['SheetLineView']
  waiting: number
  errors: Schemas['Remark'][]
}>()
const emit = defineEmits<{
  confirm: []
  other: [index: number]
  go: [by: number]
  put: [stepLine: number, words: string]
}>()

/** The lines of step text that can be changed here. */
const own = computed(() => {
  const lines = props.sheet.stepText.split('\n')
  return (props.line?.stepLines ?? []).map((number) => ({ number, words: lines[number - 1] ?? '' }))
})
const typed = ref<string[]>([])
watch(own, (now) => (typed.value = now.map((one) => one.words)), { immediate: true })
/** Mistakes of the dance that are not said of this line already. */
const elsewhere = computed(() => props.errors.filter((error) => !props.line?.remarks.includes(error.message)))
const seen = computed(() => !!props.line && props.sheet.confirmed.includes(props.line.number))

function put(i: number) {
  const line = own.value[i]
  const words = typed.value[i]?.replace(/\n/g, ' ') ?? ''
  if (line && words !== line.words) emit('put', line.number, words)
}
</script>

<template>
  <section class="card stack doubt" aria-label="In doubt" aria-live="polite">
    <div class="row spread">
      <h3>{{ waiting ? `${waiting} to look at` : 'All looked at' }}</h3>
      <span class="row">
        <button type="button" class="plain-button" aria-label="The one before" @click="emit('go', -1)">
          ↑
        </button>
        <button type="button" class="plain-button" aria-label="The next one" @click="emit('go', 1)">↓</button>
      </span>
    </div>
    <template v-if="line">
      <p class="printed">{{ line.text }}</p>
      <p v-for="remark in line.remarks" :key="remark">{{ remark }}</p>
      <p v-if="!line.remarks.length" class="quiet">Surely read.</p>
      <div v-if="own.length" class="stack others">
        <p class="quiet">Read as</p>
        <el-input
          v-for="(one, i) in own"
          :key="one.number"
          v-model="typed[i]"
          type="textarea"
          autosize
          class="mono"
          :aria-label="`Line ${one.number} of the step text`"
          @change="put(i)"
          @keydown.enter.prevent="put(i)"
        />
      </div>
      <div v-if="line.others.length" class="stack others">
        <p class="quiet">It could also be</p>
        <el-button v-for="(other, i) in line.others.slice(0, 6)" :key="i" @click="emit('other', i)">
          <kbd>{{ i + 1 }}</kbd> <span class="mono">{{ other.line }}</span>
        </el-button>
      </div>
      <el-button v-if="line.remarks.length && !seen" type="primary" @click="emit('confirm')">
        Right as it is <kbd>Enter</kbd>
      </el-button>
    </template>
    <p v-else class="quiet">
      Choose a line to see what it was read as. Keys: ↑ and ↓ go through what is in doubt, Enter says it is
      right, 1 to 6 take another reading.
    </p>
    <details v-if="elsewhere.length" open>
      <summary>{{ elsewhere.length }} more to mend in the dance</summary>
      <ul>
        <li v-for="error in elsewhere.slice(0, 8)" :key="error.message + error.start">{{ error.message }}</li>
      </ul>
    </details>
  </section>
</template>

<style scoped>
.doubt {
  position: sticky;
  top: var(--space-3);
  gap: var(--space-3);
}
.printed {
  border-left: 4px solid var(--accent);
  padding-left: var(--space-2);
  white-space: pre-wrap;
}
.mono,
.mono :deep(textarea) {
  font-family: var(--type-mono);
  font-size: var(--size-2);
}
.others {
  gap: var(--space-1);
}
.others :deep(.el-button) {
  margin: 0;
  height: auto;
  white-space: normal;
  justify-content: flex-start;
  text-align: left;
  padding: var(--space-2);
}
kbd {
  font: 600 var(--size-1) var(--type);
  border: 1px solid currentcolor;
  border-radius: 4px;
  padding: 0 5px;
  margin: 0 4px;
  opacity: 0.8;
}
ul {
  margin: 0;
  padding-left: 18px;
  font-size: var(--size-3);
}
</style>
