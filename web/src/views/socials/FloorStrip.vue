<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import { isSong, PAUSE_WORDS, stretches, timeAt, titleOf, type Line } from './order'

/** The evening at a glance: how hard the dances are, and when each group is on the floor or sits. */
const props = defineProps<{ sheet: Schemas['SocialSheet']; lines: Line[] }>()
const end = computed(() =>
  Math.max(props.sheet.minutes * 60, ...props.lines.map((line) => line.start + line.seconds)),
)
const share = (seconds: number) => `${(100 * seconds) / end.value}%`
const songs = computed(() => props.lines.filter(isSong))
const pauses = computed(() => props.lines.filter((line) => !isSong(line)))
const hours = computed(() => {
  const marks = []
  for (let at = 0; at < end.value; at += 1800) marks.push(at)
  return marks
})
const rows = computed(() =>
  props.sheet.guests.map((one) => ({
    ...one,
    parts: stretches(props.lines, one.group),
  })),
)
</script>

<template>
  <figure class="strip" aria-label="The evening at a glance">
    <div class="line effort" aria-hidden="true">
      <span class="name quiet">effort</span>
      <div class="track">
        <span
          v-for="line in songs"
          :key="line.start"
          class="bar"
          :class="{
            split: line.how === 'SPLIT',
            walk: line.how === 'WALK_IN',
            over: line.begun !== undefined,
          }"
          :title="titleOf(line)"
          :style="{
            left: share(line.start),
            width: share(line.seconds),
            height: `${Math.min(100, 12 + line.effort * 1.25)}%`,
          }"
        />
        <span
          v-for="line in pauses"
          :key="line.start"
          class="pause"
          :style="{ left: share(line.start), width: share(line.seconds) }"
          >{{ line.pause ? PAUSE_WORDS[line.pause].toLowerCase() : '' }}</span
        >
      </div>
    </div>
    <div v-for="row in rows" :key="row.group" class="line">
      <span class="name">{{ row.name }}</span>
      <div class="track thin">
        <span
          v-for="part in row.parts"
          :key="part.from"
          class="part"
          :class="{ on: part.dances, long: part.long }"
          :title="`${part.dances ? 'dances' : 'sits'} from ${timeAt(sheet.startsAt, part.from)} to ${timeAt(sheet.startsAt, part.to)}`"
          :style="{ left: share(part.from), width: share(part.to - part.from) }"
        />
      </div>
    </div>
    <div class="line" aria-hidden="true">
      <span class="name" />
      <div class="track scale">
        <span v-for="at in hours" :key="at" :style="{ left: share(at) }">{{
          timeAt(sheet.startsAt, at)
        }}</span>
      </div>
    </div>
  </figure>
</template>

<style scoped>
.strip {
  margin: 0;
  display: grid;
  gap: 5px;
}
.line {
  display: grid;
  grid-template-columns: 150px minmax(0, 1fr);
  gap: 10px;
  align-items: center;
}
.name {
  font-size: var(--size-3);
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.track {
  position: relative;
  height: 56px;
  border-bottom: 1px solid var(--line);
}
.track.thin {
  height: 14px;
  border: 0;
  background: var(--inset);
  border-radius: 7px;
  overflow: hidden;
}
.track.scale {
  height: 20px;
  border: 0;
}
.track > span {
  position: absolute;
}
.bar {
  bottom: 0;
  background: var(--accent);
  border-right: 2px solid var(--surface);
  border-radius: 3px 3px 0 0;
}
.bar.split {
  background: repeating-linear-gradient(90deg, var(--left-foot) 0 5px, var(--right-foot) 5px 10px);
}
.bar.walk {
  background: var(--notice);
}
.bar.over {
  opacity: 0.45;
}
.pause {
  bottom: 0;
  top: 0;
  display: grid;
  place-items: center;
  font-size: var(--size-1);
  color: var(--text-soft);
  overflow: hidden;
}
.part {
  top: 0;
  bottom: 0;
}
.part.on {
  background: var(--left-foot);
}
.part.long {
  background: repeating-linear-gradient(45deg, var(--wrong) 0 4px, var(--wrong-wash) 4px 8px);
}
.scale > span {
  font-size: var(--size-1);
  color: var(--text-soft);
  border-left: 1px solid var(--line);
  padding-left: 4px;
}
@media (max-width: 700px) {
  .line {
    grid-template-columns: 84px minmax(0, 1fr);
  }
}
</style>
