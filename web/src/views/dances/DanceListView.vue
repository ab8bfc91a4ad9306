<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import LevelMark from '@/components/level-mark/LevelMark.vue'
import PageState from '@/components/page-state/PageState.vue'
import StageMark from '@/components/stage-mark/StageMark.vue'
import TurnSign from '@/components/turn-sign/TurnSign.vue'
import { useLoad } from '@/composables/useLoad'
import { useSession } from '@/composables/useSession'

type Dance = Schemas['DanceSummary']

const session = useSession()
const { data, problem, loading, load } = useLoad(() => ask(api.GET('/api/dances')))
const words = ref('')
const sort = ref<'title' | 'level' | 'counts'>('title')
const LEVELS = [
  'absolute beginner',
  'beginner',
  'high beginner',
  'improver',
  'easy intermediate',
  'intermediate',
  'advanced',
]

onMounted(load)

function matches(dance: Dance): boolean {
  const text = [
    dance.title,
    dance.by,
    dance.level,
    dance.song,
    `${dance.counts} counts`,
    `${dance.walls} walls ${dance.walls}-wall`,
    ...dance.knownBy.map((known) => `${known.name} ${known.stage.toLowerCase()}`),
  ]
    .join(' ')
    .toLowerCase()
  return words.value
    .toLowerCase()
    .split(/\s+/)
    .every((word) => text.includes(word))
}

const shown = computed(() => {
  const found = (data.value ?? []).filter(matches)
  const by: Record<typeof sort.value, (a: Dance, b: Dance) => number> = {
    title: (a, b) => a.title.localeCompare(b.title),
    level: (a, b) => LEVELS.indexOf(a.level) - LEVELS.indexOf(b.level) || a.title.localeCompare(b.title),
    counts: (a, b) => a.counts - b.counts || a.title.localeCompare(b.title),
  }
  return found.sort(by[sort.value])
})
</script>

<template>
  <div class="stack">
    <div class="row spread">
      <h1>Dances</h1>
      <RouterLink v-if="session.isInstructor" to="/dances/new">
        <el-button type="primary" tag="span">New dance</el-button>
      </RouterLink>
    </div>
    <div class="row">
      <el-input
        v-model="words"
        class="search"
        name="search"
        clearable
        placeholder="Search: title, level, song, 32 counts, 2-wall, group"
        aria-label="Search the dances"
      />
      <label class="row">
        Sort by
        <el-select v-model="sort" style="width: 130px" aria-label="Sort by">
          <el-option label="title" value="title" />
          <el-option label="level" value="level" />
          <el-option label="counts" value="counts" />
        </el-select>
      </label>
      <span v-if="data" class="quiet">{{ shown.length }} of {{ data.length }}</span>
    </div>
    <PageState :loading :problem :ready="!!data" @again="load">
      <p v-if="data?.length === 0" class="card">
        There are no dances yet. Begin with <RouterLink to="/dances/new">your first dance</RouterLink>: type
        its steps as you would read them aloud.
      </p>
      <p v-else-if="shown.length === 0" class="card">No dance has all of these words.</p>
      <ul class="list">
        <li v-for="dance in shown" :key="dance.id">
          <RouterLink :to="`/dances/${dance.id}`" class="dance">
            <span class="title">
              <strong>{{ dance.title }}</strong>
              <span class="quiet">
                {{
                  [dance.by, dance.song && `“${dance.song}”`, dance.rate && `${dance.rate} counts a minute`]
                    .filter(Boolean)
                    .join(' · ')
                }}
              </span>
              <span v-if="!dance.sound" class="chip due">has mistakes to mend</span>
            </span>
            <span class="counts"
              ><b class="number">{{ dance.counts }}</b> counts</span
            >
            <span class="walls"
              ><b class="number">{{ dance.walls }}</b> {{ dance.walls === 1 ? 'wall' : 'walls' }}</span
            >
            <TurnSign class="turn" :eighths="dance.turnEighths" />
            <LevelMark class="level" :level="dance.level" :stated="dance.statedLevel" />
            <span class="known">
              <StageMark
                v-for="known in dance.knownBy"
                :key="known.group"
                :stage="known.stage"
                :label="known.name"
              />
              <span v-if="dance.knownBy.length === 0" class="quiet">no group yet</span>
            </span>
          </RouterLink>
        </li>
      </ul>
    </PageState>
  </div>
</template>

<style scoped>
.search {
  width: min(460px, 100%);
}
.list {
  list-style: none;
  margin: 0;
  padding: 0;
  border-top: 1px solid var(--rule);
}
.dance {
  display: grid;
  grid-template-columns: minmax(240px, 1.6fr) 84px 72px 110px minmax(170px, 1fr) minmax(220px, 1.3fr);
  gap: var(--space-3);
  align-items: center;
  padding: var(--space-3) var(--space-2);
  border-bottom: 1px solid var(--rule);
  text-decoration: none;
  color: inherit;
}
.dance:hover {
  background: var(--chalk);
}
.title {
  display: grid;
  justify-items: start;
}
.title strong {
  font: 700 19px var(--type-head);
}
b {
  font-size: 19px;
}
.known {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
}
@media (max-width: 1000px) {
  .dance {
    grid-template-columns: auto auto auto 1fr;
  }
  .title,
  .level,
  .known {
    grid-column: 1 / -1;
  }
}
</style>
