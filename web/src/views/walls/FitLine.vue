<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import { useClock } from '@/composables/sound/useClock'

/** How a dance fits its song, in one paragraph. */
const props = defineProps<{ walls: Schemas['Walls'] }>()
const { label } = useClock()
const fit = computed(() => props.walls.fit)
const seconds = (millis: number) => (millis / 1000).toFixed(1)
const start = computed(
  () => props.walls.walls.find((line) => line.wall.number === fit.value.endWall)?.wall.startFacing ?? 0,
)
</script>

<template>
  <ul class="fit">
    <li v-if="fit.wallMillis">
      a wall lasts <b class="number">{{ seconds(fit.wallMillis) }} s</b>
    </li>
    <li v-if="fit.introMillis != null">
      <b class="number">{{ fit.introCounts }}</b> counts of intro,
      <b class="number">{{ seconds(fit.introMillis) }} s</b>
    </li>
    <li v-if="fit.songCounts != null">
      <b class="number">{{ fit.songCounts }}</b> counts of music after it
    </li>
    <li>
      <b class="number">{{ fit.wholeWalls }}</b> whole {{ fit.wholeWalls === 1 ? 'wall' : 'walls' }}
    </li>
    <li v-if="fit.endWall != null">
      the music stops on count <b class="number">{{ fit.endCount }}</b> of wall
      <b class="number">{{ fit.endWall }}</b>, facing <b>{{ label(fit.endFacing ?? 0, start) }}</b>
    </li>
    <li v-if="fit.idle > 0" class="warn">{{ fit.idle }} counts of music are left after the dance</li>
    <li v-if="fit.songCounts == null" class="quiet">no clock times: the song’s bpm or length is not known</li>
  </ul>
</template>

<style scoped>
.fit {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 4px var(--space-5);
}
.warn {
  color: var(--wrong);
}
</style>
