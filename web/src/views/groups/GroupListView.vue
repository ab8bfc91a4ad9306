<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { api, ask } from '@/api/client'
import LevelMark from '@/components/level-mark/LevelMark.vue'
import PageHead from '@/components/page-head/PageHead.vue'
import PageState from '@/components/page-state/PageState.vue'
import RemovedList from '@/components/removed-list/RemovedList.vue'
import { useLoad } from '@/composables/page/useLoad'
import { useSession } from '@/composables/people/useSession'
import { WEEKDAY_WORDS } from '@/domain/labels'
import { hourMinute } from '@/domain/time'
import GroupForm from './GroupForm.vue'

const session = useSession()
const { data, problem, loading, load } = useLoad(() => ask(api.GET('/api/groups')))
const adding = ref(false)

onMounted(load)

async function added() {
  adding.value = false
  await load()
}
</script>

<template>
  <div class="stack">
    <PageHead title="Groups">
      <template #actions>
        <RouterLink to="/groups/taught"><el-button tag="span">Taught and danced</el-button></RouterLink>
        <RouterLink to="/groups/matrix"><el-button tag="span">Dances and groups</el-button></RouterLink>
        <el-button v-if="session.may('PLAN')" type="primary" @click="adding = !adding">New group</el-button>
      </template>
    </PageHead>
    <GroupForm v-if="adding" @done="added" @cancel="adding = false" />
    <PageState :loading :problem :ready="!!data" @again="load">
      <p v-if="data?.length === 0" class="card">
        There are no groups yet. A group is the people who meet on one evening of the week; add the first one.
      </p>
      <ul class="groups">
        <li v-for="group in data" :key="group.id">
          <RouterLink :to="`/groups/${group.id}`" class="card group">
            <h2>{{ group.name }}</h2>
            <LevelMark :level="group.level" />
            <p class="quiet">
              {{ WEEKDAY_WORDS[group.weekday] }} {{ hourMinute(group.startsAt) }},
              {{ group.minutes }} minutes<br />
              {{ group.place }}
            </p>
            <p class="numbers">
              <span
                ><b class="number">{{ group.known }}</b> known</span
              >
              <span
                ><b class="number">{{ group.learning }}</b> learning</span
              >
              <span v-if="group.due" class="chip due"
                ><b class="number">{{ group.due }}</b> due</span
              >
            </p>
          </RouterLink>
        </li>
      </ul>
      <RemovedList v-if="session.may('PLAN')" thing="GROUP" @back="load" />
    </PageState>
  </div>
</template>

<style scoped>
.groups {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(280px, 1fr));
  gap: var(--space-4);
}
.group {
  display: grid;
  gap: var(--space-2);
  color: inherit;
  text-decoration: none;
  border-top: 6px solid var(--accent);
  height: 100%;
}
.group:hover {
  border-color: var(--notice);
}
.numbers {
  display: flex;
  gap: var(--space-4);
  align-items: center;
}
.numbers b {
  font: 700 var(--size-9) var(--type-head);
}
</style>
