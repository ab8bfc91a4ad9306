<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { api, ask } from '@/api/client'
import LongList from '@/components/long-list/LongList.vue'
import PageHead from '@/components/page-head/PageHead.vue'
import FilterBar from '@/components/filter-bar/FilterBar.vue'
import PageState from '@/components/page-state/PageState.vue'
import { useLoad } from '@/composables/page/useLoad'
import { useSession } from '@/composables/people/useSession'
import { minutesSeconds } from '@/domain/time'
import RemovedList from '@/components/removed-list/RemovedList.vue'
import SongImport from './SongImport.vue'
import { ANY, filterSongs, type Song, type SongFilter, type Sort } from './filter'

const ROW_HEIGHT = 54

const session = useSession()
const { data, problem, loading, load } = useLoad(() => ask(api.GET('/api/songs')))
onMounted(load)
const filter = ref<SongFilter>({ ...ANY })
const sort = ref<Sort>('title')
const importing = ref(false)
const all = computed<Song[]>(() => data.value ?? [])
const shown = computed(() => filterSongs(all.value, filter.value, sort.value))
const styles = computed(() => [...new Set(all.value.map((song) => song.style).filter(Boolean))].sort())
const narrowed = computed(() => JSON.stringify(filter.value) !== JSON.stringify(ANY))
</script>

<template>
  <div class="stack">
    <PageHead title="Songs">
      <template #actions>
        <a href="/api/songs/export/csv" download>Save as CSV</a>
        <a href="/api/songs/export/xspf" download>Save as playlist</a>
        <template v-if="session.may('CHANGE_DANCES')">
          <el-button @click="importing = true">Import</el-button>
          <RouterLink to="/songs/new"><el-button type="primary" tag="span">New song</el-button></RouterLink>
        </template>
      </template>
    </PageHead>
    <FilterBar
      v-if="data?.length"
      v-model="filter.words"
      placeholder="Search: title, artist, style, where it is"
      label="Search the songs"
      :shown="shown.length"
      :all="all.length"
      :narrowed
      @clear="filter = { ...ANY }"
    >
      <el-select v-model="filter.meter" clearable placeholder="meter" aria-label="Meter" class="narrow">
        <el-option label="4/4" value="FOUR" />
        <el-option label="3/4, waltz" value="THREE" />
      </el-select>
      <el-select v-model="filter.style" clearable placeholder="style" aria-label="Style" class="narrow">
        <el-option v-for="one in styles" :key="one" :label="one" :value="one ?? ''" />
      </el-select>
      <el-select
        v-model="filter.lacks"
        clearable
        placeholder="still lacks"
        aria-label="Still lacks"
        class="narrow"
      >
        <el-option label="its bpm" value="bpm" />
        <el-option label="its length" value="length" />
        <el-option label="its intro" value="intro" />
        <el-option label="its phrases" value="phrases" />
      </el-select>
      <label class="row">
        Sort by
        <el-select v-model="sort" style="width: 110px" aria-label="Sort by">
          <el-option label="title" value="title" />
          <el-option label="artist" value="artist" />
          <el-option label="speed" value="speed" />
        </el-select>
      </label>
    </FilterBar>
    <PageState :loading :problem :ready="!!data" @again="load">
      <p v-if="data?.length === 0" class="card">
        There are no songs yet. Import a list (CSV, or an XSPF playlist), or begin with
        <RouterLink to="/songs/new">the first one</RouterLink>.
      </p>
      <p v-else-if="shown.length === 0" class="card">No song is like that.</p>
      <LongList v-slot="{ row }" :rows="shown" :row-height="ROW_HEIGHT">
        <RouterLink :to="`/songs/${row.id}`" class="song">
          <span class="what">
            <b>{{ row.song.title }}</b>
            <span class="quiet">{{ row.song.artist }}</span>
          </span>
          <span class="number speed">
            <template v-if="row.song.countsPerMinute">
              <b>{{ row.song.countsPerMinute }}</b>
              <span class="quiet"
                >a minute{{ row.song.countRate === '1' ? '' : `, ${row.song.bpm} beats` }}</span
              >
            </template>
            <span v-else class="chip due">to measure</span>
          </span>
          <span class="number small">{{
            row.song.seconds == null ? '' : minutesSeconds(row.song.seconds)
          }}</span>
          <span class="small">{{ row.meter === 'THREE' ? 'waltz' : row.style }}</span>
          <span class="quiet phrases">{{ row.phrases }}</span>
          <span class="quiet location">{{ row.location }}</span>
          <span v-if="row.explicitWords" class="chip">explicit words</span>
        </RouterLink>
      </LongList>
      <RemovedList v-if="session.may('CHANGE_DANCES')" thing="SONG" @back="load" />
    </PageState>
    <SongImport v-model="importing" @done="load" />
  </div>
</template>

<style scoped>
.song {
  display: grid;
  grid-template-columns: minmax(0, 2.2fr) 190px 54px 100px minmax(0, 1.6fr) minmax(0, 1fr) auto;
  gap: var(--space-3);
  align-items: center;
  padding: 4px 0;
  min-height: 52px;
  border-bottom: 1px solid var(--line);
  color: inherit;
  text-decoration: none;
}
.song:hover {
  background: var(--inset);
}
.what {
  display: grid;
  line-height: 1.25;
}
.what b {
  font: 700 var(--size-7)/1.2 var(--type-head);
}
.speed b {
  font-size: var(--size-7);
}
.speed .quiet {
  margin-left: 5px;
}
.phrases,
.location {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
@media (max-width: 1000px) {
  .song {
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 2px var(--space-3);
  }
  .phrases,
  .small,
  .location {
    display: none;
  }
  .speed .quiet {
    display: none;
  }
}
</style>
