<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '@/api/client'
import LevelMark from '@/components/level-mark/LevelMark.vue'
import { day } from '@/domain/time'
import { isTaught, lanes, type Bar } from './lanes'

/** Groups across, weeks down; dances as bars from their start until they are known, and what comes back. */
type Column = Schemas['GroupColumn']
type Cell = Schemas['ClassCell']
export interface Chosen {
  group: number
  dance?: number
  date?: string
}
const props = defineProps<{
  sheet: Schemas['TermSheet']
  names: Map<number, string>
  may: boolean
  chosen?: Chosen
}>()
const emit = defineEmits<{ choose: [what: Chosen]; drop: [bar: Bar, date: string] }>()

const SHORT: Record<Schemas['Knot']['happened'], string> = {
  INTRODUCED: 'begun',
  TAUGHT: 'taught',
  WALKED: 'walked',
  DANCED_CALLED: 'called',
  DANCED: 'danced',
}
const dragged = ref<Bar>()
const over = ref<string>()
const of = (group: Column) => props.sheet.courses.filter((bar) => bar.group === group.id)
const columns = computed(() =>
  props.sheet.groups.map((group) => {
    const learning = lanes(of(group).filter(isTaught))
    return { group, learning, lanes: Math.max(1, ...learning.map((one) => one.lane + 1)) }
  }),
)
const broken = computed(() => new Set(props.sheet.broken.map((one) => `${one.group} ${one.date ?? ''}`)))
const isBroken = (group: number, date: string) => broken.value.has(`${group} ${date}`)
/** What is danced again in a class, without what is still being learned. */
const returning = (group: Column, cell: Cell) =>
  of(group).filter((bar) => {
    const knot = bar.knots.find((one) => one.date === cell.date)
    return knot && (!isTaught(bar) || (bar.known && knot.date > bar.known))
  })
const initials = (leader: number | undefined) =>
  leader === undefined
    ? '?'
    : (props.names.get(leader) ?? '?')
        .split(' ')
        .map((word) => word[0])
        .join('')
const isChosen = (bar: Bar) => props.chosen?.group === bar.group && props.chosen.dance === bar.dance
const thisWeek = computed(() => {
  const at = props.sheet.weeks.findIndex((monday) => monday > props.sheet.today)
  return at < 0 ? props.sheet.weeks.length : at
})
const knotAt = (bar: Bar, week: number) => bar.knots.find((knot) => knot.week === week)

function drop(date: string) {
  if (dragged.value) emit('drop', dragged.value, date)
  dragged.value = undefined
  over.value = undefined
}
</script>

<template>
  <div class="scroll">
    <div
      class="term"
      :class="{ dragging: dragged }"
      :style="{
        gridTemplateColumns: `74px repeat(${sheet.groups.length}, minmax(min-content, 1fr))`,
        gridTemplateRows: `auto repeat(${sheet.weeks.length}, 68px)`,
      }"
    >
      <div
        v-for="(monday, i) in sheet.weeks"
        :key="monday"
        class="week"
        :class="{ now: i + 1 === thisWeek }"
        :style="{ gridRow: i + 2, gridColumn: 1 }"
      >
        <b>week {{ i + 1 }}</b>
        <span class="quiet">{{ day(monday).split(' ').slice(1).join(' ') }}</span>
        <span
          v-if="sheet.social && sheet.social >= monday && sheet.social < (sheet.weeks[i + 1] ?? '9')"
          class="chip"
          >social</span
        >
      </div>
      <header v-for="(one, g) in columns" :key="one.group.id" :style="{ gridRow: 1, gridColumn: g + 2 }">
        <RouterLink :to="`/groups/${one.group.id}`">{{ one.group.name }}</RouterLink>
        <LevelMark :level="one.group.level" />
      </header>
      <section
        v-for="(one, g) in columns"
        :key="one.group.id"
        class="group"
        :aria-label="one.group.name"
        :style="{
          gridColumn: g + 2,
          gridTemplateColumns: `52px repeat(${one.lanes}, minmax(76px, 1fr)) minmax(92px, 1.2fr)`,
        }"
      >
        <div
          v-for="cell in one.group.classes"
          :key="cell.date"
          class="cell"
          :class="{
            held: cell.held,
            closed: cell.closed,
            over: over === `${one.group.id} ${cell.date}`,
            broken: isBroken(one.group.id, cell.date),
            chosen: chosen?.group === one.group.id && chosen.date === cell.date,
          }"
          :style="{ gridRow: cell.week }"
          @dragover.prevent="over = `${one.group.id} ${cell.date}`"
          @drop.prevent="!cell.closed && !cell.held && dragged?.group === one.group.id && drop(cell.date)"
        >
          <span v-if="cell.closed" class="why">{{ cell.closed }}</span>
        </div>
        <template v-for="cell in one.group.classes" :key="cell.date">
          <button
            v-if="!cell.closed"
            type="button"
            class="strip"
            :style="{ gridRow: cell.week }"
            @click="emit('choose', { group: one.group.id, date: cell.date })"
          >
            <span class="off-screen">Class of {{ one.group.name }} on </span>
            <b>{{ day(cell.date).split(' ').slice(1).join(' ') }}</b>
            <template v-if="!cell.held">
              <span :class="{ nobody: cell.leader === undefined }">{{ initials(cell.leader) }}</span>
              <span class="meter" :title="`${cell.minutes} of ${cell.room} minutes`"
                ><i
                  :class="{ full: cell.minutes > cell.room }"
                  :style="{ width: `${Math.min(100, (100 * cell.minutes) / Math.max(1, cell.room))}%` }"
              /></span>
            </template>
          </button>
          <p
            v-if="cell.happened.length"
            class="happened"
            :style="{ gridRow: cell.week, gridColumn: `2 / ${one.lanes + 3}` }"
          >
            <span v-for="(line, i) in cell.happened.slice(0, 5)" :key="i"
              >{{ line.title }} <i>{{ SHORT[line.happened] }}</i></span
            >
            <span v-if="cell.happened.length > 5">+{{ cell.happened.length - 5 }}</span>
          </p>
          <p
            v-else-if="!cell.held && !cell.closed"
            class="again"
            :style="{ gridRow: cell.week, gridColumn: one.lanes + 2 }"
          >
            <button
              v-for="bar in returning(one.group, cell).slice(0, 2)"
              :key="bar.dance"
              type="button"
              :class="{ on: isChosen(bar) }"
              @click="emit('choose', { group: bar.group, dance: bar.dance })"
            >
              ↻ {{ bar.title }}
            </button>
            <span v-if="returning(one.group, cell).length > 2"
              >+{{ returning(one.group, cell).length - 2 }}</span
            >
          </p>
        </template>
        <button
          v-for="{ bar, from, to, lane } in one.learning"
          :key="bar.dance"
          type="button"
          class="bar"
          :class="[bar.kind.toLowerCase(), { on: isChosen(bar), short: from === to }]"
          :style="{ gridRow: `${from} / ${to + 1}`, gridColumn: lane + 2 }"
          :draggable="may"
          :title="`from ${day(bar.start)}`"
          :aria-pressed="isChosen(bar)"
          @click="emit('choose', { group: bar.group, dance: bar.dance })"
          @dragstart="dragged = bar"
          @dragend="dragged = undefined"
        >
          <span class="title">{{ bar.title }}<template v-if="bar.stays"> ⚓</template></span>
          <span v-for="week in to - from + 1" :key="week" class="knot">
            <template v-if="knotAt(bar, from + week - 1)"
              ><i :class="knotAt(bar, from + week - 1)!.happened.toLowerCase()" />{{
                SHORT[knotAt(bar, from + week - 1)!.happened]
              }}</template
            >
          </span>
        </button>
      </section>
    </div>
  </div>
</template>

<style scoped>
.scroll {
  overflow-x: auto;
}
.term {
  display: grid;
  gap: 0 var(--space-3);
  min-width: min-content;
}
header {
  display: flex;
  gap: var(--space-2);
  align-items: center;
  padding: 0 0 6px;
  font: 700 var(--size-7) var(--type-head);
  flex-wrap: wrap;
}
header a {
  color: inherit;
}
header :deep(.level) {
  font: var(--size-3) var(--type);
  color: var(--text-soft);
}
.week {
  display: grid;
  align-content: start;
  border-top: 1px solid var(--line);
  padding-top: 4px;
  font-size: var(--size-3);
}
.week.now b {
  color: var(--on-action);
  background: var(--action);
  border-radius: var(--radius-small);
  padding: 0 6px;
  justify-self: start;
}
.group {
  grid-row: 2 / -1;
  display: grid;
  grid-template-rows: subgrid;
  gap: 0 3px;
}
.cell {
  grid-column: 1 / -1;
  border-top: 1px solid var(--line);
  background: var(--surface);
}
.cell.held {
  background: var(--inset);
}
.cell.closed {
  background: repeating-linear-gradient(135deg, var(--inset) 0 6px, transparent 6px 12px);
  display: grid;
  place-items: center end;
  padding-right: 4px;
}
.why {
  position: relative;
  z-index: 2;
  background: var(--surface);
  padding: 0 8px;
  border-radius: var(--radius-small);
  font-size: var(--size-2);
  color: var(--text-soft);
}
.cell.broken {
  box-shadow: inset 4px 0 var(--wrong);
  background: var(--wrong-wash);
}
.cell.chosen {
  box-shadow: inset 0 0 0 2px var(--accent);
}
.dragging .cell.over:not(.closed, .held) {
  background: var(--notice-wash);
}
/* Whatever lies on a class lets through what is dropped on it. */
.dragging .group > :not(.cell) {
  pointer-events: none;
}
.strip {
  position: relative;
  grid-column: 1;
  border: 0;
  background: none;
  display: grid;
  align-content: start;
  gap: 2px;
  text-align: left;
  padding: 5px 4px 0 6px;
  font-size: var(--size-1);
  cursor: pointer;
}
.nobody {
  color: var(--wrong);
  font-weight: 800;
}
.meter {
  display: block;
  height: 5px;
  background: var(--inset);
  border-radius: 3px;
  overflow: hidden;
}
.meter i {
  display: block;
  height: 100%;
  background: var(--left-foot);
}
.meter i.full {
  background: var(--wrong);
}
.happened,
.again {
  font-size: var(--size-1);
  line-height: 1.3;
  padding: 4px 4px 0;
  overflow: hidden;
}
.happened {
  display: flex;
  flex-wrap: wrap;
  gap: 0 10px;
  align-content: start;
  color: var(--text-soft);
}
.again {
  display: grid;
  align-content: start;
  color: var(--text-soft);
}
.again button {
  border: 0;
  background: none;
  min-height: 24px;
  padding: 0;
  font-size: var(--size-1);
  text-align: left;
  color: inherit;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
  cursor: pointer;
}
.again .on {
  color: var(--accent);
  font-weight: 800;
}
.bar {
  --bar: var(--action);
  --on: var(--on-action);
  position: relative;
  z-index: 1;
  display: grid;
  grid-template-rows: subgrid;
  margin: 3px 0;
  padding: 0;
  border: 0;
  border-radius: 8px;
  background: var(--bar);
  color: var(--on);
  text-align: left;
  cursor: grab;
  overflow: hidden;
}
.go_on {
  --bar: var(--left-foot-wash);
  --on: var(--text);
  border: 2px solid var(--left-foot);
}
.bar.on {
  outline: 3px solid var(--notice);
  outline-offset: 1px;
}
.title {
  grid-row: 1;
  grid-column: 1;
  font: 700 var(--size-2)/1.15 var(--type-head);
  margin: 5px 6px 0;
  align-self: start;
  display: -webkit-box;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 2;
  line-clamp: 2;
  overflow: hidden;
  overflow-wrap: break-word;
}
.knot {
  grid-column: 1;
  align-self: end;
  font-size: var(--size-1);
  padding: 0 6px 4px;
  white-space: nowrap;
  opacity: 0.92;
}
.knot i {
  display: inline-block;
  width: 7px;
  height: 7px;
  border-radius: 50%;
  border: 1.5px solid currentcolor;
  margin-right: 4px;
}
.knot i.taught,
.knot i.introduced {
  background: currentcolor;
}
.knot:nth-of-type(2) {
  grid-row: 1;
}
@media print {
  .term {
    font-size: var(--size-1);
  }
}
</style>
