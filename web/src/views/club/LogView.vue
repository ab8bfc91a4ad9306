<script setup lang="ts">
import { onMounted, ref, shallowRef, watch } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import PageHead from '@/components/page-head/PageHead.vue'
import PageState from '@/components/page-state/PageState.vue'
import { useLoad } from '@/composables/page/useLoad'
import { moment } from '@/domain/time'

/** All that was done in the club, for its owner. */
type Line = Schemas['LogLine']
const thing = ref<Line['thing']>()
const by = ref<number>()
const earlier = shallowRef<Line[]>([])
const leaders = useLoad(() => ask(api.GET('/api/people/leaders')))
const page = (before?: number) =>
  ask(api.GET('/api/log', { params: { query: { thing: thing.value, by: by.value, before } } }))
const { data, problem, loading, load } = useLoad(() => page(last()))
const last = () => earlier.value[earlier.value.length - 1]?.id
onMounted(() => Promise.all([load(), leaders.load()]))
watch([thing, by], () => {
  earlier.value = []
  void load()
})

function more() {
  earlier.value = [...earlier.value, ...(data.value?.lines ?? [])]
  void load()
}

const THINGS: Partial<Record<Line['thing'], string>> = {
  SESSION: 'coming in',
  PERSON: 'people',
  SHARE: 'links',
  EXPORT: 'copies taken away',
  PROPOSAL: 'proposals',
  CLASS: 'classes',
  EVIDENCE: 'records',
  DANCE: 'dances',
  SONG: 'songs',
  TEACH: 'teaches',
  TERM: 'terms',
  SOCIAL: 'socials',
  GROUP: 'groups',
  REGISTER: 'registers',
  REQUEST: 'requests',
  NOTE: 'notes',
  RULING: 'rulings',
  WATCH_OUT: 'watch-outs',
  CALENDAR: 'calendar',
  VOCABULARY: 'figures and words',
}
const ACTIONS: Record<Line['action'], string> = {
  ADDED: 'added',
  CHANGED: 'changed',
  ARCHIVED: 'took away',
  BROUGHT_BACK: 'brought back',
  RECORDED: 'wrote down',
  TAKEN_BACK: 'took back the record of',
  IMPORTED: 'imported',
  SIGNED_IN: 'came in:',
  REFUSED: 'was refused:',
  EXPORTED: 'took a copy:',
  SAID: 'noted',
}
const PLACES: Partial<Record<Line['thing'], string>> = {
  DANCE: '/dances/',
  SONG: '/songs/',
  CLASS: '/classes/',
  GROUP: '/groups/',
  TERM: '/terms/',
  SOCIAL: '/socials/',
}
const place = (line: Line) => {
  const folder = PLACES[line.thing]
  return folder && line.thingId ? folder + line.thingId : undefined
}
</script>

<template>
  <div class="stack">
    <PageHead title="What was done" back="Club" back-to="/club">
      <p class="quiet">Changes, links, people, copies, and who came in; only owners see this page</p>
    </PageHead>
    <div class="row">
      <el-select v-model="thing" clearable placeholder="everything" aria-label="What" style="width: 200px">
        <el-option v-for="(words, key) in THINGS" :key="key" :value="key" :label="words" />
      </el-select>
      <el-select v-model="by" clearable placeholder="everybody" aria-label="Who" style="width: 200px">
        <el-option v-for="one in leaders.data.value ?? []" :key="one.id" :value="one.id" :label="one.name" />
      </el-select>
    </div>
    <PageState :loading="loading && !data" :problem :ready="!!data" @again="load">
      <section class="card">
        <p v-if="!earlier.length && !data?.lines.length">Nothing of that kind was done.</p>
        <ul class="rows">
          <li v-for="line in [...earlier, ...(data?.lines ?? [])]" :key="line.id" class="line">
            <span class="quiet">{{ moment(line.at) }}</span>
            <span>
              <b>{{ line.by.name }}</b> {{ ACTIONS[line.action] }}
              <RouterLink v-if="place(line)" :to="place(line)!">{{ line.subject }}</RouterLink>
              <template v-else>{{ line.subject }}</template>
              <span v-if="THINGS[line.thing]" class="chip after">{{ THINGS[line.thing] }}</span>
            </span>
          </li>
        </ul>
        <el-button v-if="data?.more" :loading @click="more">Earlier</el-button>
      </section>
    </PageState>
  </div>
</template>

<style scoped>
.line {
  display: grid;
  grid-template-columns: 170px minmax(0, 1fr);
  gap: var(--space-3);
  align-items: baseline;
}
@media (max-width: 700px) {
  .line {
    grid-template-columns: minmax(0, 1fr);
    gap: 0;
  }
}
</style>
