<script setup lang="ts">
import { onMounted } from 'vue'
import { api, ask } from '@/api/client'
import LongList from '@/components/long-list/LongList.vue'
import PageHead from '@/components/page-head/PageHead.vue'
import FilterBar from '@/components/filter-bar/FilterBar.vue'
import PageState from '@/components/page-state/PageState.vue'
import { useLoad } from '@/composables/page/useLoad'
import { useSession } from '@/composables/people/useSession'
import DanceRow from './DanceRow.vue'
import RemovedList from '@/components/removed-list/RemovedList.vue'
import { LEVEL_WORDS, LEVELS, options, PACE_WORDS } from '@/domain/labels'
import { useDanceList } from './useDanceList'

const ROW_HEIGHT = 74

const session = useSession()
const list = useDanceList()
const { filter, sort, dances, all, found, problem, loading, narrowed } = list
const choices = useLoad(() => ask(api.GET('/api/dances/list/choices')))
const groups = useLoad(() => ask(api.GET('/api/groups')))

onMounted(() => Promise.all([list.load(), choices.load(), groups.load()]))
</script>

<template>
  <div class="stack">
    <PageHead title="Dances">
      <template v-if="session.may('CHANGE_DANCES')" #actions>
        <RouterLink to="/dances/new">
          <el-button type="primary" tag="span">New dance</el-button>
        </RouterLink>
      </template>
    </PageHead>
    <FilterBar
      v-if="all !== 0"
      v-model="filter.words"
      placeholder="Search: title, maker, song, figure, group"
      label="Search the dances"
      :shown="found"
      :all
      :narrowed
      @clear="list.clear"
    >
      <el-select v-model="filter.level" clearable placeholder="level" aria-label="Level" class="narrow">
        <el-option v-for="level in LEVELS" :key="level" :label="LEVEL_WORDS[level]" :value="level" />
      </el-select>
      <el-select v-model="filter.counts" clearable placeholder="counts" aria-label="Counts" class="narrow">
        <el-option
          v-for="one in choices.data.value?.counts"
          :key="one"
          :label="`${one} counts`"
          :value="one"
        />
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
        <el-option v-for="one in choices.data.value?.figures" :key="one" :label="one" :value="one" />
      </el-select>
      <el-select v-model="filter.pace" clearable placeholder="speed" aria-label="Speed" class="narrow">
        <el-option v-for="one in options(PACE_WORDS)" :key="one.value" v-bind="one" />
      </el-select>
      <el-select v-model="filter.style" clearable placeholder="style" aria-label="Style" class="narrow">
        <el-option v-for="one in choices.data.value?.styles" :key="one" :label="one" :value="one" />
      </el-select>
      <el-select
        v-model="filter.group"
        clearable
        placeholder="group that knows it"
        aria-label="Group"
        class="narrow wide"
      >
        <el-option v-for="one in groups.data.value" :key="one.id" :label="one.name" :value="one.id" />
      </el-select>
      <label class="row">
        Sort by
        <el-select v-model="sort" style="width: 110px" aria-label="Sort by">
          <el-option label="title" value="TITLE" />
          <el-option label="level" value="LEVEL" />
          <el-option label="counts" value="COUNTS" />
          <el-option label="speed" value="SPEED" />
        </el-select>
      </label>
    </FilterBar>
    <PageState :loading :problem :ready="all !== undefined" @again="list.load">
      <p v-if="all === 0" class="card">
        There are no dances yet.
        <template v-if="session.may('CHANGE_DANCES')"
          >Begin with <RouterLink to="/dances/new">your first dance</RouterLink>: type its steps as you would
          read them aloud; bring <RouterLink to="/dances/read">the sheets you have</RouterLink>; or take some
          of <RouterLink to="/first">twelve easy ones</RouterLink>.</template
        >
      </p>
      <p v-else-if="found === 0" class="card">No dance is like that.</p>
      <LongList v-slot="{ row }" :rows="dances" :row-height="ROW_HEIGHT" @end="list.more">
        <DanceRow :dance="row" />
      </LongList>
      <RemovedList v-if="session.may('CHANGE_DANCES')" thing="DANCE" @back="list.load" />
    </PageState>
  </div>
</template>
