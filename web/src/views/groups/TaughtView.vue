<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import FilterBar from '@/components/filter-bar/FilterBar.vue'
import PageHead from '@/components/page-head/PageHead.vue'
import PageState from '@/components/page-state/PageState.vue'
import { useLoad } from '@/composables/page/useLoad'
import { HAPPENED_WORDS, OUTCOME_WORDS } from '@/domain/labels'
import { allOf } from '@/domain/people'
import { sectionWords } from '@/domain/sections'
import { day } from '@/domain/time'

/** Who taught what when, in all groups: class by class, the newest first. */
type Line = Schemas['TaughtLine']
const WEEKS = { 5: 'five weeks', 13: 'three months', 26: 'half a year', 52: 'a year' }
const weeks = ref(13)
const words = ref('')
const by = ref<number>()
const group = ref<number>()
const { data, problem, loading, load } = useLoad(() =>
  ask(api.GET('/api/taught', { params: { query: { weeks: weeks.value } } })),
)
onMounted(load)
watch(weeks, load)

const leaders = computed(() => allOf((data.value ?? []).map((line) => line.by)))
const groups = computed(() => [...new Map((data.value ?? []).map((one) => [one.group, one.groupName]))])
const lines = computed(() => {
  const wanted = words.value.trim().toLowerCase()
  return (data.value ?? []).filter(
    (line) =>
      (!wanted || line.title.toLowerCase().includes(wanted)) &&
      (!by.value || line.by.id === by.value) &&
      (!group.value || line.group === group.value),
  )
})
/** The lines of one class after the other. */
const classes = computed(() => {
  const found: { date: string; group: number; groupName: string; by: Line['by']; lines: Line[] }[] = []
  for (const line of lines.value) {
    const last = found[found.length - 1]
    if (last?.date === line.date && last.group === line.group && last.by.id === line.by.id)
      last.lines.push(line)
    else found.push({ ...line, lines: [line] })
  }
  return found
})
const clear = () => {
  words.value = ''
  by.value = undefined
  group.value = undefined
}
</script>

<template>
  <div class="stack">
    <PageHead title="Taught and danced" back="Groups" back-to="/groups">
      <p class="quiet">Who taught what to whom, class by class</p>
    </PageHead>
    <FilterBar
      v-model="words"
      placeholder="A dance"
      label="Search the dances"
      :shown="lines.length"
      :all="data?.length"
      :narrowed="!!(words || by || group)"
      @clear="clear"
    >
      <el-select v-model="group" clearable placeholder="all groups" aria-label="Group" class="wide">
        <el-option v-for="[id, name] in groups" :key="id" :value="id" :label="name" />
      </el-select>
      <el-select v-model="by" clearable placeholder="everybody" aria-label="Led by" class="wide">
        <el-option v-for="one in leaders" :key="one.id" :value="one.id" :label="one.name" />
      </el-select>
      <el-select v-model="weeks" aria-label="How far back" class="narrow">
        <el-option v-for="(label, n) in WEEKS" :key="n" :value="Number(n)" :label />
      </el-select>
    </FilterBar>
    <PageState :loading="loading && !data" :problem :ready="!!data" @again="load">
      <p v-if="!lines.length" class="card">Nothing was written down then.</p>
      <section
        v-for="(one, i) in classes"
        :key="i"
        class="card"
        :aria-label="`${one.groupName}, ${one.date}`"
      >
        <h2>
          {{ day(one.date) }}, <RouterLink :to="`/groups/${one.group}`">{{ one.groupName }}</RouterLink>
          <span class="quiet after">led by {{ one.by.name }}</span>
        </h2>
        <ul class="rows">
          <li v-for="line in one.lines" :key="line.id" class="line">
            <RouterLink :to="`/dances/${line.dance}`">{{ line.title }}</RouterLink>
            <span
              >{{ HAPPENED_WORDS[line.happened] }}
              <span v-if="line.sections?.length" class="quiet">{{ sectionWords(line.sections) }}</span></span
            >
            <span class="quiet">{{ OUTCOME_WORDS[line.outcome] }}</span>
          </li>
        </ul>
      </section>
    </PageState>
  </div>
</template>

<style scoped>
.line {
  display: grid;
  grid-template-columns: minmax(140px, 260px) minmax(0, 1fr) 70px;
  gap: var(--space-3);
}
@media (max-width: 700px) {
  .line {
    grid-template-columns: minmax(0, 1fr) max-content;
    gap: 0 var(--space-3);
  }
  .line > :nth-child(2) {
    grid-row: 2;
  }
}
</style>
