<script setup lang="ts" generic="T">
import { diffIndices } from 'node-diff3'
import { computed, ref, watch, type Ref } from 'vue'
import { sayNotice } from '@/composables/page/say'
import type { Clash } from '@/composables/page/useVersioned'

/** Two versions of one thing, side by side, until somebody merges or chooses. */
const props = defineProps<{
  of: {
    clash: Ref<Clash<T> | undefined>
    merge: () => number
    keepMine: () => void
    takeTheirs: () => void
  }
  /** How it is read, line by line. */
  lines: (of: T) => string[]
  /** What both changed is marked in the text; otherwise one's own stays. */
  marks?: boolean
}>()
const emit = defineEmits<{ settled: [by: 'merge' | 'mine' | 'theirs'] }>()

const clash = computed(() => props.of.clash.value)
const mine = computed(() => (clash.value ? props.lines(clash.value.mine) : []))
const theirs = computed(() => (clash.value ? props.lines(clash.value.theirs) : []))

const panel = ref<HTMLElement>()
watch(panel, (shown) => shown?.scrollIntoView({ block: 'center' }))

function merge() {
  const left = props.of.merge()
  const places = `${left} ${left === 1 ? 'place' : 'places'}`
  if (left)
    sayNotice(
      props.marks
        ? `${places} to settle; both are marked in the text.`
        : `Both changed the same in ${places}; yours stays there.`,
    )
  emit('settled', 'merge')
}
function keepMine() {
  props.of.keepMine()
  emit('settled', 'mine')
}
function takeTheirs() {
  props.of.takeTheirs()
  emit('settled', 'theirs')
}

const differing = computed(() => {
  const left = new Set<number>()
  const right = new Set<number>()
  for (const part of diffIndices(mine.value, theirs.value)) {
    for (let i = 0; i < part.buffer1[1]; i++) left.add(part.buffer1[0] + i)
    for (let i = 0; i < part.buffer2[1]; i++) right.add(part.buffer2[0] + i)
  }
  return { mine: left, theirs: right }
})
const sides = computed(() => [
  { name: 'Yours, not saved', lines: mine.value, differ: differing.value.mine },
  {
    name: `Saved by ${clash.value?.by}, version ${clash.value?.version}`,
    lines: theirs.value,
    differ: differing.value.theirs,
  },
])
</script>

<template>
  <section v-if="clash" ref="panel" class="clash" role="alert" aria-label="Two versions">
    <h2>{{ clash.by }} has changed this in the meantime</h2>
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
      <el-button type="primary" @click="merge">Put both together</el-button>
      <el-button @click="keepMine">Go on with mine</el-button>
      <el-button @click="takeTheirs">Take the saved one</el-button>
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
  font: 400 var(--size-2)/1.5 var(--type-mono);
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
