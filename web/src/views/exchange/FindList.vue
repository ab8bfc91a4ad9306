<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '@/api/client'
import LineDifferences from '@/components/line-differences/LineDifferences.vue'
import { STATES, type Find } from './useImport'

/** What was found of one kind: what wants a look first, then what is plain. */
const { title, found, files, chosen } = defineProps<{
  title: string
  found: Find[]
  files: Schemas['FileSeen'][]
  chosen: Set<number>
}>()
const emit = defineEmits<{ choose: [numbers: number[], take: boolean] }>()

const FIRST = 40
const open = ref(false)
const doubtful = (one: Find) => one.state !== 'SAME' && !(one.wise && one.takes)
const sorted = computed(() => [...found].sort((a, b) => Number(doubtful(b)) - Number(doubtful(a))))
const most = computed(() => Math.max(FIRST, found.filter(doubtful).length))
const shown = computed(() => (open.value ? sorted.value : sorted.value.slice(0, most.value)))
const takes = computed(() => found.filter((one) => one.takes))
const all = computed(() => takes.value.length > 0 && takes.value.every((one) => chosen.has(one.number)))

const counts = computed(() => {
  const words = (Object.keys(STATES) as Find['state'][]).map((state) => {
    const count = found.filter((one) => one.state === state).length
    return count ? `${count} ${STATES[state]}` : ''
  })
  return words.filter(Boolean).join(', ')
})

function place(one: Find): string {
  const name = files[one.file]?.name ?? ''
  return one.line ? `${name}, line ${one.line}` : name
}
</script>

<template>
  <section class="card stack" :aria-label="title">
    <div class="row spread">
      <h2>
        {{ title }} <span class="quiet">{{ counts }}</span>
      </h2>
      <el-checkbox
        v-if="takes.length > 1"
        :model-value="all"
        :label="`all ${takes.length}`"
        @update:model-value="
          (now: string | number | boolean) =>
            emit(
              'choose',
              takes.map((one) => one.number),
              !!now,
            )
        "
      />
    </div>
    <ul class="found">
      <li v-for="one in shown" :key="one.number" :class="one.state">
        <el-checkbox
          v-if="one.takes"
          :model-value="chosen.has(one.number)"
          :aria-label="`Take ${one.title}`"
          @update:model-value="(now: string | number | boolean) => emit('choose', [one.number], !!now)"
        />
        <span v-else aria-hidden="true" class="none">–</span>
        <div class="what">
          <p>
            <b>{{ one.title || 'no name' }}</b> <span class="chip">{{ STATES[one.state] }}</span>
            <span class="quiet after">{{ place(one) }}</span>
          </p>
          <p v-if="one.note" :class="one.state === 'UNREADABLE' ? 'wrong' : ''">{{ one.note }}</p>
          <details v-if="one.differences.length">
            <summary>where they differ: the club’s (−), the file’s (+)</summary>
            <LineDifferences :lines="one.differences" />
          </details>
          <details v-if="one.doubts.length">
            <summary>
              {{ one.doubts.length === 1 ? 'one line is' : `${one.doubts.length} lines are` }} not sure
            </summary>
            <ul>
              <li v-for="(line, i) in one.doubts" :key="i">{{ line }}</li>
            </ul>
          </details>
        </div>
      </li>
    </ul>
    <div v-if="found.length > shown.length" class="row">
      <el-button @click="open = true">Show {{ found.length - shown.length }} more</el-button>
    </div>
  </section>
</template>

<style scoped>
.found {
  list-style: none;
  padding: 0;
  margin: 0;
}
.found > li {
  display: grid;
  grid-template-columns: 28px minmax(0, 1fr);
  border-top: 1px solid var(--line);
  padding: 5px 0;
  align-items: start;
}
.found > li.SAME {
  color: var(--text-soft);
}
.none {
  text-align: center;
  color: var(--text-soft);
  line-height: 24px;
}
.what p {
  margin: 0;
  overflow-wrap: anywhere;
}
summary {
  cursor: pointer;
  min-height: 24px;
}
h2 .quiet {
  font: 400 1rem var(--type);
}
</style>
