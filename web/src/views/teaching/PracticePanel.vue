<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import ShareBar from '@/components/share-bar/ShareBar.vue'
import ReasonList from '@/components/reason-list/ReasonList.vue'

/** Sections × practice done, filling up drill by drill. */
const props = defineProps<{
  sheet: Schemas['TeachSheet']
  watchOuts: Schemas['WatchOut'][]
  /** The drill up to which it is told; without one, the end. */
  upTo?: number
}>()
const emit = defineEmits<{ mark: [section: number]; select: [drill: number] }>()

const WIDTH = 260
const HEIGHT = 30
const total = computed(() => Math.max(1, props.sheet.seconds))
const at = computed(() => props.upTo ?? props.sheet.drills.length - 1)
const pieces = computed(() => props.sheet.pieces.map((piece, i) => ({ ...piece, i, ready: ready(i) })))
const sections = computed(() => pieces.value.filter((piece) => piece.section !== undefined))
const others = computed(() => pieces.value.filter((piece) => piece.section === undefined))

function ready(piece: number): number {
  return at.value < 0 ? props.sheet.pieces[piece].before : (props.sheet.drills[at.value]?.ready[piece] ?? 0)
}
/** A step for each drill: the time goes to the right, practice up. */
function path(piece: number): string {
  const y = (percent: number) => HEIGHT - (percent / 100) * HEIGHT
  let d = `M0 ${HEIGHT} L0 ${y(props.sheet.pieces[piece].before)}`
  for (const drill of props.sheet.drills) {
    const end = ((drill.startSecond + drill.seconds) / total.value) * WIDTH
    d += ` L${end.toFixed(1)} ${y(drill.ready[piece]).toFixed(1)}`
  }
  return `${d} L${WIDTH} ${HEIGHT} Z`
}
const line = computed(() => {
  const drill = props.sheet.drills[at.value]
  return drill ? ((drill.startSecond + drill.seconds) / total.value) * WIDTH : 0
})
const brought = computed(() => props.sheet.pieces.some((piece) => piece.before > 0))
const markOf = (section?: number) => props.watchOuts.find((one) => one.section === section)

function pick(event: MouseEvent) {
  const box = (event.currentTarget as Element).getBoundingClientRect()
  const second = ((event.clientX - box.left) / box.width) * total.value
  const found = props.sheet.drills.findIndex((drill) => second < drill.startSecond + drill.seconds)
  if (found >= 0) emit('select', found)
}
</script>

<template>
  <section class="card stack">
    <div class="row spread">
      <h2>Practice done</h2>
      <span class="quiet">{{
        upTo === undefined ? 'by the end' : `after ${sheet.drills[at]?.label.toLowerCase()}`
      }}</span>
    </div>
    <ol class="rows">
      <li v-for="piece in sections" :key="piece.label">
        <el-popover trigger="click" :width="280">
          <template #reference>
            <button type="button" class="plain-button name">
              <b>{{ piece.section }}</b> <span class="quiet number">{{ piece.plainCounts }}</span>
            </button>
          </template>
          <h3>As hard as {{ piece.plainCounts }} walking counts</h3>
          <ReasonList :reasons="piece.load" />
          <p class="quiet">For this group; a rule of thumb.</p>
          <h3>Danced in this teach</h3>
          <ul>
            <li v-for="one in piece.danced" :key="one">{{ one }}</li>
          </ul>
          <p v-if="piece.danced.length === 0">Not at all.</p>
        </el-popover>
        <svg
          :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
          preserveAspectRatio="none"
          role="img"
          :aria-label="`${piece.label}: ${piece.ready} %`"
          @click="pick"
        >
          <rect class="ground" :width="WIDTH" :height="HEIGHT" />
          <path class="area" :d="path(piece.i)" />
          <line class="now" :x1="line" y1="0" :x2="line" :y2="HEIGHT" />
        </svg>
        <b class="number percent" :class="{ low: piece.ready < 50 }">{{ piece.ready }} %</b>
        <button
          type="button"
          class="plain-button mark no-print"
          :class="{ on: markOf(piece.section) }"
          :title="markOf(piece.section)?.note || 'Mark this section: watch out'"
          :aria-label="`Watch out, ${piece.label}`"
          :aria-pressed="!!markOf(piece.section)"
          @click="emit('mark', piece.section ?? 0)"
        >
          !
        </button>
      </li>
    </ol>
    <ul v-if="others.length" class="others">
      <li v-for="piece in others" :key="piece.label" :title="piece.danced.join(', ') || 'not danced'">
        <span>{{ piece.label }}</span>
        <ShareBar :percent="piece.ready" />
        <b class="number">{{ piece.ready }} %</b>
      </li>
    </ul>
    <p v-for="one in watchOuts" :key="one.section" class="note">
      <b>! Section {{ one.section }}</b> {{ one.note || 'watch out' }}
      <span class="quiet">{{ one.by.name }}</span>
    </p>
    <p class="quiet">
      Each turn closes the same share of what is missing, against how hard a section is for this group.
      <template v-if="brought"
        >It begins with what the record says was really danced, less what has faded.</template
      >
      <template v-else>The record has nothing of this dance yet, so it begins at nothing.</template>
      A rule of thumb for practice, not for how it looks: it sees nobody's feet, and not who was away. Trust
      your eyes first.
    </p>
  </section>
</template>

<style scoped>
.rows,
.others {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 4px;
}
.rows > li {
  display: grid;
  grid-template-columns: 58px minmax(0, 1fr) 46px 30px;
  gap: var(--space-2);
  align-items: center;
}
.name {
  text-align: left;
  padding: 0 4px;
}
.name b {
  font: 700 var(--size-7) var(--type-head);
}
svg {
  width: 100%;
  height: 30px;
  cursor: pointer;
}
.ground {
  fill: var(--inset);
}
.area {
  fill: var(--accent);
}
.now {
  stroke: var(--notice);
  stroke-width: 2;
  vector-effect: non-scaling-stroke;
}
.percent {
  text-align: right;
}
.low {
  color: var(--wrong);
}
.mark {
  border: 1px solid var(--line);
  min-height: 28px;
  padding: 0 8px;
  font-weight: 800;
  color: var(--text-soft);
}
.mark.on {
  background: var(--notice);
  color: var(--on-notice);
}
.others {
  grid-template-columns: 1fr 1fr;
  gap: 2px var(--space-4);
}
.others li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 54px 42px;
  gap: 6px;
  align-items: center;
  font-size: var(--size-2);
}
.note {
  background: var(--notice-wash);
  padding: 4px 10px;
  border-radius: var(--radius-small);
}
</style>
