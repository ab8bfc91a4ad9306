<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { api, ask } from '@/api/client'
import LevelMark from '@/components/level-mark/LevelMark.vue'
import PageHead from '@/components/page-head/PageHead.vue'
import PageState from '@/components/page-state/PageState.vue'
import StageMark from '@/components/stage-mark/StageMark.vue'
import { useChanges } from '@/composables/together/useLive'
import { useLoad } from '@/composables/page/useLoad'
import { LEVELS } from '@/domain/labels'
import { allOf } from '@/domain/people'
import { day } from '@/domain/time'

/** Is every group on its way: dances down, groups across. */
const { data, problem, loading, load } = useLoad(() => ask(api.GET('/api/matrix')))
onMounted(load)
useChanges(
  ['CLASS', 'EVIDENCE', 'RULING', 'DANCE', 'GROUP'],
  () => undefined,
  () => void load(),
)

const which = ref<'all' | 'everybody' | 'stale' | 'one-leader' | 'figures'>('all')
const leader = ref<number>()
const order = ref<'title' | 'last' | 'known' | 'few' | 'level' | 'leaders'>('title')
const words = ref('')
const leaders = computed(() => allOf((data.value?.rows ?? []).flatMap((row) => row.leaders)))

const rows = computed(() => {
  const wanted = words.value.trim().toLowerCase()
  const found = (data.value?.rows ?? []).filter((row) => {
    if (wanted && !row.title.toLowerCase().includes(wanted)) return false
    if (which.value === 'everybody') return row.spread.byAll
    if (which.value === 'stale') return row.spread.stale
    if (which.value === 'one-leader')
      return row.leaders.length === 1 && (!leader.value || row.leaders[0].id === leader.value)
    return true
  })
  if (order.value === 'last') found.sort((a, b) => (a.last ?? '').localeCompare(b.last ?? ''))
  if (order.value === 'known') found.sort((a, b) => (b.spread.knownBy ?? 0) - (a.spread.knownBy ?? 0))
  if (order.value === 'few') found.sort((a, b) => (a.spread.knownBy ?? 0) - (b.spread.knownBy ?? 0))
  if (order.value === 'level') found.sort((a, b) => LEVELS.indexOf(a.level) - LEVELS.indexOf(b.level))
  if (order.value === 'leaders') found.sort((a, b) => a.leaders.length - b.leaders.length)
  return found
})
const figures = computed(() => {
  const wanted = words.value.trim().toLowerCase()
  return (data.value?.figuresUnmet ?? []).filter((one) => !wanted || one.call.toLowerCase().includes(wanted))
})
const print = () => window.print()
</script>

<template>
  <div class="stack">
    <PageHead title="Dances and groups" back="Groups" back-to="/groups">
      <p class="quiet">Who knows what, what nobody has danced for long, what hangs on one leader</p>
      <template #actions><el-button @click="print">Print</el-button></template>
    </PageHead>
    <div class="row no-print">
      <el-input
        v-model="words"
        placeholder="Search"
        aria-label="Search the dances"
        clearable
        style="width: 180px"
      />
      <el-radio-group v-model="which" aria-label="Which dances">
        <el-radio-button label="All" value="all" />
        <el-radio-button label="All groups know" value="everybody" />
        <el-radio-button label="Nobody for four months" value="stale" />
        <el-radio-button label="Only one can lead it" value="one-leader" />
        <el-radio-button label="Figures nobody has met" value="figures" />
      </el-radio-group>
      <el-select
        v-if="which === 'one-leader'"
        v-model="leader"
        clearable
        placeholder="whoever"
        aria-label="Who"
        style="width: 180px"
      >
        <el-option v-for="one in leaders" :key="one.id" :value="one.id" :label="one.name" />
      </el-select>
      <label v-if="which !== 'figures'" class="row"
        >by
        <el-select v-model="order" aria-label="In which order" style="width: 170px">
          <el-option value="title" label="title" />
          <el-option value="last" label="longest not danced" />
          <el-option value="known" label="most groups know it" />
          <el-option value="few" label="fewest groups know it" />
          <el-option value="level" label="level" />
          <el-option value="leaders" label="fewest can lead it" />
        </el-select>
      </label>
    </div>
    <PageState :loading="loading && !data" :problem :ready="!!data" @again="load">
      <div v-if="data" class="card scroll">
        <template v-if="which === 'figures'">
          <p v-if="!figures.length">Every figure of the club’s dances has been met by some group.</p>
          <ul v-else class="rows">
            <li v-for="one in figures" :key="one.call" class="row spread">
              <span class="row"
                ><b>{{ one.call }}</b
                ><LevelMark :level="one.level"
              /></span>
              <span class="quiet">{{ one.in.join(', ') }}</span>
            </li>
          </ul>
        </template>
        <p v-else-if="!rows.length">No dance is like that.</p>
        <table v-else>
          <thead>
            <tr>
              <th scope="col">{{ rows.length }} {{ rows.length === 1 ? 'dance' : 'dances' }}</th>
              <th v-for="group in data.groups" :key="group.id" scope="col">
                <RouterLink :to="`/groups/${group.id}`">{{ group.name }}</RouterLink>
                <LevelMark :level="group.level" />
              </th>
              <th scope="col">last danced</th>
              <th scope="col">led by</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="row in rows" :key="row.dance">
              <th scope="row">
                <RouterLink :to="`/dances/${row.dance}`">{{ row.title }}</RouterLink>
              </th>
              <td v-for="(cell, i) in row.cells" :key="i" :class="{ due: cell.due }">
                <StageMark v-if="cell.stage !== 'NOT_STARTED'" :stage="cell.stage" />
                <span v-else class="quiet">–</span>
              </td>
              <td class="number">{{ row.last ? day(row.last) : '' }}</td>
              <td class="quiet">{{ row.leaders.map((one) => one.name).join(', ') }}</td>
            </tr>
          </tbody>
        </table>
      </div>
    </PageState>
  </div>
</template>

<style scoped>
.scroll {
  overflow-x: auto;
}
table {
  border-collapse: collapse;
  width: 100%;
}
th,
td {
  text-align: left;
  padding: 5px var(--space-3) 5px 0;
  border-bottom: 1px solid var(--line);
  vertical-align: middle;
}
tbody th {
  font: 700 var(--size-5) var(--type-head);
  white-space: nowrap;
}
.due {
  box-shadow: inset 4px 0 var(--notice);
  padding-left: 8px;
}
.number {
  white-space: nowrap;
}
@media print {
  .scroll {
    overflow: visible;
    border: 0;
    padding: 0;
  }
  tr {
    break-inside: avoid;
  }
  @page {
    size: landscape;
  }
}
</style>
