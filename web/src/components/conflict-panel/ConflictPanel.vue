<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { diffIndices } from 'node-diff3'

/** Two versions of one thing, side by side, until somebody merges or chooses. */
const props = defineProps<{
  /** One's own, not saved, line by line. */
  mine: string[]
  /** What is saved, line by line. */
  theirs: string[]
  by: string
  version: number
}>()
defineEmits<{ merge: []; mine: []; theirs: [] }>()

const panel = ref<HTMLElement>()
onMounted(() => panel.value?.scrollIntoView({ block: 'center' }))

const differing = computed(() => {
  const mine = new Set<number>()
  const theirs = new Set<number>()
  for (const part of diffIndices(props.mine, props.theirs)) {
    for (let i = 0; i < part.buffer1[1]; i++) mine.add(part.buffer1[0] + i)
    for (let i = 0; i < part.buffer2[1]; i++) theirs.add(part.buffer2[0] + i)
  }
  return { mine, theirs }
})
const sides = computed(() => [
  { name: 'Yours, not saved', lines: props.mine, differ: differing.value.mine },
  {
    name: `Saved by ${props.by}, version ${props.version}`,
    lines: props.theirs,
    differ: differing.value.theirs,
  },
])
</script>

<template>
  <section ref="panel" class="clash" role="alert" aria-label="Two versions">
    <h2>{{ by }} has changed this in the meantime</h2>
    <p>
      Put both together, or choose one. The saved one stays in the history; yours is gone only if you take the
      saved one.
    </p>
    <div class="sides">
      <div v-for="side in sides" :key="side.name">
        <h3>{{ side.name }}</h3>
        <ol class="lines" tabindex="0" :aria-label="side.name">
          <li v-for="(line, i) in side.lines" :key="i" :class="{ differs: side.differ.has(i) }">
            {{ line || '\u00a0' }}
          </li>
        </ol>
      </div>
    </div>
    <div class="row">
      <el-button type="primary" @click="$emit('merge')">Put both together</el-button>
      <el-button @click="$emit('mine')">Go on with mine</el-button>
      <el-button @click="$emit('theirs')">Take the saved one</el-button>
    </div>
  </section>
</template>

<style scoped>
.clash {
  display: grid;
  gap: var(--space-3);
  border: 2px solid var(--notice);
  border-radius: var(--radius);
  background: var(--notice-wash);
  padding: var(--space-4);
}
.sides {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(280px, 100%), 1fr));
  gap: var(--space-3);
}
.lines {
  list-style: none;
  margin: 4px 0 0;
  padding: var(--space-2);
  background: var(--surface);
  border-radius: var(--radius-small);
  font: 400 13px/1.5 var(--type-mono);
  max-height: 320px;
  overflow: auto;
  white-space: pre-wrap;
}
.differs {
  background: var(--accent-wash);
  box-shadow: inset 4px 0 var(--accent);
  padding-left: 8px;
}
</style>
