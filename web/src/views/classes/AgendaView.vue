<script setup lang="ts">
import { onMounted } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import LevelMark from '@/components/level-mark/LevelMark.vue'
import PageHead from '@/components/page-head/PageHead.vue'
import PageState from '@/components/page-state/PageState.vue'
import { useLoad } from '@/composables/page/useLoad'
import { usePlanClass } from '@/composables/evening/usePlanClass'
import { useSession } from '@/composables/people/useSession'
import { KIND_WORDS } from '@/domain/labels'
import { day, hourMinute, later } from '@/domain/time'
import RemovedList from '@/components/removed-list/RemovedList.vue'
import CalendarCard from './CalendarCard.vue'
import OrderBar from './OrderBar.vue'

const { data, problem, loading, load } = useLoad(() => ask(api.GET('/api/classes')))
const { busy, plan } = usePlanClass()
const session = useSession()

onMounted(load)

function passed(coming: Schemas['Coming']): boolean {
  return coming.nextDate < (data.value?.today ?? '')
}
</script>

<template>
  <div class="stack">
    <PageHead title="Coming classes">
      <template #actions>
        <RouterLink to="/terms"><el-button tag="span">Terms</el-button></RouterLink>
        <RouterLink to="/socials"><el-button tag="span">Socials</el-button></RouterLink>
      </template>
    </PageHead>
    <PageState :loading :problem :ready="!!data" @again="load">
      <template v-if="data">
        <p v-if="data.coming.length === 0" class="card">
          There are no groups yet, so there are no classes.
          <template v-if="session.may('PLAN')"
            ><RouterLink to="/first">The first evening</RouterLink> leads from here to the first
            class.</template
          >
        </p>
        <ul class="coming">
          <li v-for="one in data.coming" :key="one.group" class="card">
            <div class="head">
              <p class="when">
                {{ day(one.nextDate) }} <span class="number">{{ hourMinute(one.startsAt) }}</span>
              </p>
              <h2>
                <RouterLink :to="`/groups/${one.group}`">{{ one.groupName }}</RouterLink>
              </h2>
              <LevelMark :level="one.level" />
              <p class="quiet">{{ one.place }}</p>
              <p v-if="one.planned?.leader">
                led by
                <strong>{{ session.isMe(one.planned.leader) ? 'you' : one.planned.leader.name }}</strong>
              </p>
              <span v-else-if="one.planned" class="chip due">nobody leads it yet</span>
              <span v-if="passed(one)" class="chip due">not written down yet</span>
            </div>
            <template v-if="one.planned">
              <OrderBar :lines="one.planned.lines" :minutes="one.planned.minutes" />
              <ol class="lines">
                <li v-for="line in one.planned.lines" :key="line.id">
                  <span class="number quiet">{{ later(one.startsAt, line.start) }}</span>
                  <span class="kind">{{ KIND_WORDS[line.kind] }}</span>
                  <span class="what">{{ line.title }}</span>
                </li>
              </ol>
              <div class="row">
                <RouterLink
                  v-if="passed(one) && session.mayInClass('LOG', one.planned.leader)"
                  :to="`/classes/${one.planned.id}/log`"
                >
                  <el-button type="primary" tag="span">Write it down</el-button>
                </RouterLink>
                <RouterLink :to="`/classes/${one.planned.id}`">
                  <el-button :type="passed(one) ? 'default' : 'primary'" tag="span"
                    >Open the running order</el-button
                  >
                </RouterLink>
                <RouterLink
                  v-if="session.may('LEAD') && !passed(one)"
                  :to="`/classes/${one.planned.id}/brief`"
                >
                  <el-button tag="span">Brief</el-button>
                </RouterLink>
                <RouterLink
                  v-if="one.planned.canRecord && !passed(one)"
                  :to="`/classes/${one.planned.id}/floor`"
                >
                  <el-button tag="span">On the floor</el-button>
                </RouterLink>
              </div>
            </template>
            <el-button v-else-if="session.may('LEAD')" type="primary" :loading="busy" @click="plan(one)"
              >Plan {{ one.minutes }} minutes</el-button
            >
          </li>
        </ul>

        <CalendarCard :today="data.today" @changed="load" />
        <section v-if="data.recent.length" class="stack">
          <h2>Written down lately</h2>
          <ul class="recent">
            <li v-for="one in data.recent" :key="one.id">
              <RouterLink :to="`/classes/${one.id}`">{{ day(one.date) }}, {{ one.groupName }}</RouterLink>
              <span class="quiet">by {{ one.recordedBy?.name }}{{ one.note ? `: “${one.note}”` : '' }}</span>
            </li>
          </ul>
        </section>
        <RemovedList v-if="session.may('LEAD')" thing="CLASS" @back="load" />
      </template>
    </PageState>
  </div>
</template>

<style scoped>
.coming {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(360px, 100%), 1fr));
  gap: var(--space-4);
}
.coming > li {
  display: grid;
  gap: var(--space-3);
  align-content: start;
  justify-items: start;
  border-top: 6px solid var(--accent);
}
.head {
  display: grid;
  gap: 2px;
}
.head h2 a {
  color: inherit;
  text-decoration: none;
}
.when {
  font: 700 var(--size-6) var(--type-head);
  color: var(--accent);
}
.lines {
  list-style: none;
  margin: 0;
  padding: 0;
  width: 100%;
  display: grid;
  gap: 2px;
}
.lines li {
  display: grid;
  grid-template-columns: 48px 78px 1fr;
  gap: 6px;
  align-items: baseline;
}
.kind {
  font-size: var(--size-2);
  font-weight: 700;
}
.recent {
  margin: 0;
  padding-left: 20px;
}
</style>
