<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { api, ask } from '@/api/client'
import LongList from '@/components/long-list/LongList.vue'
import PageHead from '@/components/page-head/PageHead.vue'
import FilterBar from '@/components/filter-bar/FilterBar.vue'
import PageState from '@/components/page-state/PageState.vue'
import { useLoad } from '@/composables/useLoad'
import { useSession } from '@/composables/useSession'
import DanceRow from './DanceRow.vue'
import RemovedList from '@/components/removed-list/RemovedList.vue'
import { LEVEL_WORDS, LEVELS, options, PACE_WORDS } from '@/domain/labels'
import { ANY, filterDances, withGroups, type Dance, type Filter, type Sort } from './filter'

const ROW_HEIGHT = 74

const session = useSession()
const { data, problem, loading, load } = useLoad(async () => {
  const [dances, known] = await Promise.all([
    ask(api.GET('/api/dances')),
    ask(api.GET('/api/groups/standings')),
  ])
  return withGroups(dances, known)
})
const filter = ref<Filter>({ ...ANY })
const sort = ref<Sort>('title')

onMounted(load)

const all = computed<Dance[]>(() => data.value ?? [])
const shown = computed(() => filterDances(all.value, filter.value, sort.value))
const distinct = (of: (dance: Dance) => (string | undefined)[]) =>
  [...new Set(all.value.flatMap(of).filter((one): one is string => !!one))].sort()
const figures = computed(() => distinct((dance) => dance.figures))
const styles = computed(() => distinct((dance) => [dance.style]))
const groups = computed(() => distinct((dance) => dance.knownBy.map((known) => known.name)))
const counts = computed(() => [...new Set(all.value.map((dance) => dance.counts))].sort((a, b) => a - b))
const narrowed = computed(() => JSON.stringify(filter.value) !== JSON.stringify(ANY))
</script>

<template>
  <div class="stack">
    <PageHead title="Dances">
      <template v-if="session.isInstructor" #actions>
        <RouterLink to="/dances/new">
          <el-button type="primary" tag="span">New dance</el-button>
        </RouterLink>
      </template>
    </PageHead>
    <FilterBar
      v-if="data?.length !== 0"
      v-model="filter.words"
      placeholder="Search: title, maker, song, figure, group"
      label="Search the dances"
      :shown="shown.length"
      :all="data?.length"
      :narrowed
      @clear="filter = { ...ANY }"
    >
      <el-select v-model="filter.level" clearable placeholder="level" aria-label="Level" class="narrow">
        <el-option v-for="level in LEVELS" :key="level" :label="LEVEL_WORDS[level]" :value="level" />
      </el-select>
      <el-select v-model="filter.counts" clearable placeholder="counts" aria-label="Counts" class="narrow">
        <el-option v-for="one in counts" :key="one" :label="`${one} counts`" :value="one" />
      </el-select>
      <el-select v-model="filter.walls" clearable placeholder="walls" aria-label="Walls" class="narrow">
        <el-option v-for="one in [1, 2, 4]" :key="one" :label="`${one}-wall`" :value="one" />
      </el-select>
      <el-select
        v-model="filter.figure"
        clearable
        filterable
        placeholder="has a figure"
        aria-label="Figure"
        class="narrow"
      >
        <el-option v-for="one in figures" :key="one" :label="one" :value="one" />
      </el-select>
      <el-select v-model="filter.pace" clearable placeholder="speed" aria-label="Speed" class="narrow">
        <el-option v-for="one in options(PACE_WORDS)" :key="one.value" v-bind="one" />
      </el-select>
      <el-select v-model="filter.style" clearable placeholder="style" aria-label="Style" class="narrow">
        <el-option v-for="one in styles" :key="one" :label="one" :value="one" />
      </el-select>
      <el-select
        v-model="filter.group"
        clearable
        placeholder="group that knows it"
        aria-label="Group"
        class="narrow wide"
      >
        <el-option v-for="one in groups" :key="one" :label="one" :value="one" />
      </el-select>
      <label class="row">
        Sort by
        <el-select v-model="sort" style="width: 110px" aria-label="Sort by">
          <el-option label="title" value="title" />
          <el-option label="level" value="level" />
          <el-option label="counts" value="counts" />
          <el-option label="speed" value="speed" />
        </el-select>
      </label>
    </FilterBar>
    <PageState :loading :problem :ready="!!data" @again="load">
      <p v-if="data?.length === 0" class="card">
        There are no dances yet. Begin with <RouterLink to="/dances/new">your first dance</RouterLink>: type
        its steps as you would read them aloud.
      </p>
      <p v-else-if="shown.length === 0" class="card">No dance is like that.</p>
      <LongList v-slot="{ row }" :rows="shown" :row-height="ROW_HEIGHT">
        <DanceRow :dance="row" />
      </LongList>
      <RemovedList v-if="session.isInstructor" thing="DANCE" @back="load" />
    </PageState>
  </div>
</template>
