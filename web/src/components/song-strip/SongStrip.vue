<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import { useClock } from '@/composables/sound/useClock'
import { degrees } from '@/domain/facing'
import { minutesSeconds } from '@/domain/time'

/** A whole song at a glance: intro, walls in their length, tags and restarts, and where the music stops. */
const props = defineProps<{
  walls: Schemas['WallLine'][]
  fit: Schemas['FitView']
  selected?: number
  parts?: boolean
}>()
defineEmits<{ open: [wall: number] }>()
const clock = useClock()

interface Block {
  key: string
  counts: number
  kind: 'intro' | 'wall' | 'tag' | 'idle' | 'lost'
  wall?: Schemas['WallLine']
  label: string
}

const blocks = computed<Block[]>(() => {
  const all: Block[] = []
  if (props.fit.introCounts > 0) {
    all.push({ key: 'intro', counts: props.fit.introCounts, kind: 'intro', label: 'intro' })
  }
  for (const wall of props.walls) {
    const held = Math.min(wall.held, wall.wall.counts)
    if (held > 0) {
      all.push({
        key: `w${wall.wall.number}`,
        counts: held,
        kind: 'wall',
        wall,
        label: String(wall.wall.number),
      })
    }
    let left = wall.held - wall.wall.counts
    for (const tag of wall.wall.events.filter((one) => one.event.kind === 'TAG')) {
      const counts = Math.min(tag.counts, left)
      if (counts > 0) {
        const key = `t${wall.wall.number}-${tag.at}`
        all.push({ key, counts, kind: 'tag', wall, label: tag.text })
      }
      left -= tag.counts
    }
  }
  if (props.fit.idle > 0)
    all.push({ key: 'idle', counts: props.fit.idle, kind: 'idle', label: 'after the dance' })
  return all
})
const total = computed(() => blocks.value.reduce((sum, block) => sum + block.counts, 0))

/** Where minutes fall, in percent of the strip; only where the tempo is known. */
const minutes = computed(() => {
  const first = props.walls[0]
  if (first?.wall.startMillis == null || !props.fit.wallMillis || total.value === 0) return []
  const last = props.walls[props.walls.length - 1]
  const perCount =
    ((last.endMillis ?? 0) - first.wall.startMillis) / Math.max(1, last.wall.startCount + last.held)
  const all = perCount * total.value
  if (!(all > 0)) return []
  const marks = []
  for (let at = 0; at <= all; at += 30_000) marks.push({ at, percent: (at / all) * 100 })
  return marks
})

function cut(wall: Schemas['WallLine']) {
  return wall.wall.events.find((one) => one.event.kind === 'RESTART')
}
function says(wall: Schemas['WallLine']): string {
  const when = wall.wall.startMillis == null ? '' : ` at ${minutesSeconds(wall.wall.startMillis / 1000)}`
  const events = wall.wall.events.map((one) => `, ${one.text}`).join('')
  return `Wall ${wall.wall.number}${when}, from ${clock.label(wall.wall.startFacing, wall.wall.startFacing)}, ${wall.wall.counts} counts${events}`
}
</script>

<template>
  <div class="strip">
    <ol class="blocks">
      <li
        v-for="block in blocks"
        :key="block.key"
        :class="[block.kind, { cut: block.kind === 'wall' && block.wall && cut(block.wall) }]"
        :style="{ flexGrow: block.counts }"
      >
        <button
          v-if="block.kind === 'wall' && block.wall"
          type="button"
          :class="{ on: block.wall.wall.number === selected }"
          :aria-label="says(block.wall)"
          :aria-pressed="block.wall.wall.number === selected"
          :title="says(block.wall)"
          @click="$emit('open', block.wall.wall.number)"
        >
          <svg viewBox="-14 -16 28 32" aria-hidden="true">
            <g
              :transform="`rotate(${clock.view.value === 'room' ? degrees(block.wall.wall.startFacing) : clock.show(block.wall.wall.startFacing, block.wall.wall.startFacing).degrees})`"
            >
              <path d="M0 -13 L9 9 Q0 4 -9 9 Z" />
            </g>
          </svg>
          <b>{{ block.label }}</b>
          <span v-if="parts" class="part">{{ block.wall.wall.part }}</span>
          <span v-if="block.wall.late" class="late" title="starts inside a phrase"
            >+{{ block.wall.late }}</span
          >
        </button>
        <span v-else class="word" :title="`${block.label}, ${block.counts} counts`">{{
          block.kind === 'tag' ? '+' + block.counts : block.label
        }}</span>
      </li>
    </ol>
    <div v-if="minutes.length" class="times" aria-hidden="true">
      <span v-for="mark in minutes" :key="mark.at" class="number" :style="{ left: `${mark.percent}%` }">{{
        minutesSeconds(mark.at / 1000)
      }}</span>
    </div>
  </div>
</template>

<style scoped>
.strip {
  position: relative;
}
.blocks {
  list-style: none;
  display: flex;
  gap: 2px;
  margin: 0;
  padding: 0;
  height: 66px;
}
li {
  flex: 1 1 0;
  min-width: 0;
  overflow: hidden;
  border-radius: 5px;
}
.intro,
.idle {
  background: repeating-linear-gradient(-45deg, var(--inset) 0 6px, var(--line) 6px 8px);
}
.tag {
  background: var(--notice);
  color: var(--on-notice);
  min-width: 20px;
}
.word {
  display: grid;
  place-items: center;
  height: 100%;
  font: 700 var(--size-1) var(--type);
  white-space: nowrap;
}
button {
  all: unset;
  box-sizing: border-box;
  cursor: pointer;
  width: 100%;
  height: 100%;
  background: var(--accent-wash);
  border: 1px solid var(--line);
  border-radius: 5px;
  display: grid;
  grid-template-columns: auto;
  justify-items: center;
  align-content: center;
  position: relative;
}
button:focus-visible {
  outline: 3px solid var(--notice);
  outline-offset: -3px;
}
button.on {
  background: var(--action);
  color: var(--on-action);
}
.cut button {
  border-right: 6px double var(--notice);
}
svg {
  height: 26px;
}
svg path {
  fill: var(--accent);
}
.on svg path {
  fill: var(--notice);
}
b {
  font: 700 var(--size-5)/1.1 var(--type-head);
}
.part {
  position: absolute;
  top: 2px;
  right: 4px;
  font-size: var(--size-1);
  font-weight: 700;
}
.late {
  position: absolute;
  bottom: 2px;
  right: 3px;
  font: 700 var(--size-1) var(--type);
  color: var(--wrong);
}
.times {
  position: relative;
  height: 20px;
  overflow-x: clip;
}
.times span {
  position: absolute;
  font-size: var(--size-1);
  color: var(--text-soft);
  border-left: 1px solid var(--text-soft);
  padding-left: 3px;
}
</style>
