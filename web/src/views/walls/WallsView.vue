<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import ClockSwitch from '@/components/clock-switch/ClockSwitch.vue'
import PageHead from '@/components/page-head/PageHead.vue'
import PageState from '@/components/page-state/PageState.vue'
import SongStrip from '@/components/song-strip/SongStrip.vue'
import WallMap from '@/components/wall-map/WallMap.vue'
import WallRing from '@/components/wall-ring/WallRing.vue'
import { provideClock } from '@/composables/sound/useClock'
import EndingPanel from './EndingPanel.vue'
import FitLine from './FitLine.vue'
import MusicSelect from './MusicSelect.vue'
import OtherMusic from './OtherMusic.vue'
import RestartPanel from './RestartPanel.vue'
import WallDetail from './WallDetail.vue'
import { useWalls } from './useWalls'

/** A dance with its song: which wall, where it faces, and when. */
const { id, song, optional, query, link, data, problem, loading, load } = useWalls()
const view = provideClock()
const open = ref<number>()
watch(id, () => (open.value = undefined))
const wall = computed(() => data.value?.walls.find((one) => one.wall.number === open.value))
const map = computed(() => (data.value?.walls ?? []).map((one) => ({ ...one.wall, late: one.late })))
const songEnd = computed(() => {
  const fit = data.value?.fit
  return fit?.endWall == null
    ? undefined
    : { wall: fit.endWall, count: fit.endCount ?? 0, facing: fit.endFacing ?? 0 }
})
const panel = ref<'endings' | 'restarts' | 'music'>('endings')
function choose(now: string) {
  song.value = now
  window.scrollTo({ top: 0 })
}
</script>

<template>
  <div class="stack">
    <PageState :loading :problem :ready="!!data" @again="load">
      <template v-if="data">
        <PageHead :title="`Walls of ${data.title}`" :back="data.title" :back-to="`/dances/${id}`">
          <template #actions>
            <RouterLink :to="`/dances/${id}/where${link}`"
              ><el-button size="large" tag="span">Where are we?</el-button></RouterLink
            >
            <RouterLink :to="`/dances/${id}/calls${link}`"
              ><el-button size="large" type="primary" tag="span">Call sheet</el-button></RouterLink
            >
          </template>
        </PageHead>
        <div class="row">
          <label class="row to">to <MusicSelect v-model="song" :walls="data" /></label>
          <span v-if="data.music" class="quiet number">
            {{
              data.music.song.countsPerMinute
                ? `${data.music.song.countsPerMinute} counts a minute`
                : 'speed not known'
            }}{{
              data.music.song.countRate === '1'
                ? ''
                : ` (${data.music.song.bpm} beats, count rate ${data.music.song.countRate})`
            }}
          </span>
          <el-checkbox v-if="data.hasOptional" v-model="optional" label="with what is optional" />
        </div>
        <FitLine :walls="data" />
        <SongStrip
          :walls="data.walls"
          :fit="data.fit"
          :selected="open"
          :parts="data.phrased"
          @open="open = $event"
        />
        <ClockSwitch v-model="view" />
        <WallDetail v-if="wall" :wall :last="data.walls.length" @open="open = $event" />
        <div v-else class="halves">
          <WallMap :walls="map" :song-end="songEnd" :parts="data.phrased" openable @open="open = $event" />
          <aside class="card">
            <h2>Ring of walls</h2>
            <WallRing :ring="data.ring" />
          </aside>
        </div>
        <el-radio-group v-model="panel" aria-label="Help with the music" class="no-print">
          <el-radio-button label="Ending" value="endings" />
          <el-radio-button label="Phrases and restarts" value="restarts" />
          <el-radio-button label="Other music" value="music" />
        </el-radio-group>
        <EndingPanel v-if="panel === 'endings'" :walls="data" :query @taken="load" />
        <RestartPanel v-else-if="panel === 'restarts'" :walls="data" :query @taken="load" />
        <OtherMusic v-else :dance="id" @choose="choose" />
      </template>
    </PageState>
  </div>
</template>

<style scoped>
.halves {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 300px;
  gap: var(--space-4);
  align-items: start;
}
.to {
  flex-wrap: nowrap;
  flex: 0 1 400px;
  min-width: 0;
}
@media (max-width: 1000px) {
  .halves {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
