<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, ask, type Schemas } from '@/api/client'
import HistoryPanel from '@/components/history-panel/HistoryPanel.vue'
import LevelMark from '@/components/level-mark/LevelMark.vue'
import PageHead from '@/components/page-head/PageHead.vue'
import FilterBar from '@/components/filter-bar/FilterBar.vue'
import PageState from '@/components/page-state/PageState.vue'
import ShareKey from '@/components/share-key/ShareKey.vue'
import WhoIsHere from '@/components/who-is-here/WhoIsHere.vue'
import ReasonList from '@/components/reason-list/ReasonList.vue'
import ShareBar from '@/components/share-bar/ShareBar.vue'
import StageMark from '@/components/stage-mark/StageMark.vue'
import { confirmed } from '@/composables/page/confirm'
import { useDo } from '@/composables/page/useDo'
import { useLoad } from '@/composables/page/useLoad'
import { useSession } from '@/composables/people/useSession'
import { useChanges } from '@/composables/together/useLive'
import { HAPPENED_WORDS, LEVEL_WORDS, OUTCOME_WORDS, STAGE_WORDS } from '@/domain/labels'
import { sectionWords } from '@/domain/sections'
import { day, dueWords, hourMinute } from '@/domain/time'
import EntryForm from './EntryForm.vue'
import GroupForm from './GroupForm.vue'
import NextCard from './NextCard.vue'
import HeadsCard from './HeadsCard.vue'
import RegisterCard from './RegisterCard.vue'
import RequestsCard from './RequestsCard.vue'
import RulingLine from './RulingLine.vue'
import ProgressCard from './ProgressCard.vue'
import VocabularyCard from './VocabularyCard.vue'
import WeeksMatrix from './WeeksMatrix.vue'

type Standing = Schemas['DanceStanding']

const route = useRoute()
const router = useRouter()
const session = useSession()
/** Whether one may write in its record. */
const may = computed(() => session.mayInGroup('LOG', id.value))
const TERM_DAYS = 120
const since = computed(() => {
  const from = new Date(`${data.value?.today ?? '2000-01-01'}T12:00:00Z`)
  from.setUTCDate(from.getUTCDate() - TERM_DAYS)
  return from.toISOString().slice(0, 10)
})
const id = computed(() => Number(route.params.id))
const { data, problem, loading, load } = useLoad(() =>
  ask(api.GET('/api/groups/{id}', { params: { path: { id: id.value } } })),
)
const { run } = useDo()
const writing = ref(false)
const editing = ref(false)
const words = ref('')
const open = ref<number>()

watch(id, load, { immediate: true })

const SHELVES = [
  {
    name: 'Due now',
    what: 'walk it through and dance it in the next class',
    holds: (one: Standing) => !one.archived && one.isDue,
  },
  {
    name: 'Learning',
    what: 'started, taught or practised, and still fresh',
    holds: (one: Standing) => !one.archived && !one.isDue && one.stage !== 'KNOWN' && one.stage !== 'RETIRED',
  },
  {
    name: 'Known',
    what: 'danced without calls, not due yet',
    holds: (one: Standing) => !one.archived && !one.isDue && one.stage === 'KNOWN',
  },
  {
    name: 'Retired',
    what: 'stale for this group; not planned any more',
    holds: (one: Standing) => !one.archived && one.stage === 'RETIRED',
  },
  {
    name: 'Removed from the list',
    what: 'what was learned of them stays',
    holds: (one: Standing) => one.archived,
  },
]
const shelves = computed(() => {
  const found = (data.value?.dances ?? []).filter((one) =>
    `${one.title} ${LEVEL_WORDS[one.level]} ${STAGE_WORDS[one.stage]}`
      .toLowerCase()
      .includes(words.value.toLowerCase()),
  )
  return SHELVES.map((shelf) => ({ ...shelf, dances: found.filter(shelf.holds) }))
})

/** Dances of the club's list, those that are due first. */
const inSight = computed(() => (data.value?.dances ?? []).filter((one) => !one.archived))

async function openDance(dance: number) {
  words.value = ''
  open.value = dance
  await nextTick()
  document.getElementById(`dance-${dance}`)?.scrollIntoView({ block: 'center' })
}

const last = (one: Standing) => one.entries[one.entries.length - 1]
function entryWords(entry: Schemas['RecordEntry']): string {
  const what =
    entry.happened === 'INTRODUCED' && entry.shown?.length
      ? `taught ${sectionWords(entry.shown)}`
      : HAPPENED_WORDS[entry.happened]
  const { percent, minutes, spots, options, ledBy } = entry.more
  return [
    what,
    percent && percent < 100 ? `at ${percent} %` : '',
    minutes ? `in ${minutes} min` : '',
    OUTCOME_WORDS[entry.outcome],
    ...spots.map((spot) => `section ${spot.section} ${OUTCOME_WORDS[spot.outcome]}`),
    options,
    ledBy ? `led by ${ledBy.name}` : '',
    entry.by.name,
  ]
    .filter(Boolean)
    .join(', ')
}

useChanges(
  ['GROUP', 'CLASS', 'EVIDENCE', 'RULING'],
  () => undefined,
  () => void load(),
)

async function takeBack(entry: number) {
  await run(
    () => ask(api.DELETE('/api/groups/{id}/record/{entry}', { params: { path: { id: id.value, entry } } })),
    'Taken back.',
  )
  await load()
}

async function bringBack(to: number) {
  const body = { to, version: data.value?.group.version ?? 0 }
  const action = () =>
    ask(api.POST('/api/groups/{id}/bring-back', { params: { path: { id: id.value } }, body }))
  if (await run(action, `Version ${to} is back.`)) await load()
}

async function remove() {
  const group = data.value?.group
  if (!group) return
  const words = 'It leaves the list and the agenda. What it has learned stays, and it can be brought back.'
  if (!(await confirmed(`Remove ${group.name}`, words, 'Remove', 'Keep'))) return
  const query = { version: group.version }
  const action = () => ask(api.DELETE('/api/groups/{id}', { params: { path: { id: group.id }, query } }))
  if (await run(action, 'Removed.')) await router.push('/groups')
}

async function written() {
  writing.value = false
  editing.value = false
  await load()
}
</script>

<template>
  <div class="stack">
    <PageState :loading :problem :ready="!!data" @again="load">
      <template v-if="data">
        <PageHead :title="data.group.name">
          <WhoIsHere :place="{ spot: 'GROUP', id, group: 0 }" />
          <p class="row quiet">
            <LevelMark :level="data.group.level" />
            <span
              >{{ hourMinute(data.group.startsAt) }}, {{ data.group.minutes }} minutes,
              {{ data.group.place }}</span
            >
          </p>
          <template #actions>
            <ShareKey
              :offers="[
                {
                  words: 'What this group has learned in the last four months',
                  what: { kind: 'LEARNED', group: id, since },
                },
                {
                  words: 'A poll: what would you like to dance next?',
                  what: { kind: 'POLL', group: id },
                },
              ]"
            />
            <template v-if="session.may('PLAN')">
              <el-button text @click="remove">Remove</el-button>
              <el-button @click="editing = !editing">Change group</el-button>
            </template>
            <el-button v-if="may" type="primary" @click="writing = !writing">Write in the record</el-button>
          </template>
        </PageHead>
        <GroupForm v-if="editing" :group="id" @done="written" @cancel="editing = false" />
        <EntryForm v-if="writing" :group="id" :today="data.today" @done="written" @cancel="writing = false" />

        <p v-if="data.dances.length === 0" class="card">
          Nothing has been written down for this group. Plan its first class under
          <RouterLink to="/classes">Classes</RouterLink>, or write down here what it knows already.
        </p>
        <WeeksMatrix
          v-if="inSight.length"
          :group="id"
          :today="data.today"
          :dances="inSight"
          @open="openDance"
        />
        <div class="sides">
          <div class="stack">
            <FilterBar
              v-if="data.dances.length"
              v-model="words"
              placeholder="Search its dances"
              label="Search its dances"
            />
            <section v-for="shelf in shelves" :key="shelf.name">
              <template v-if="shelf.dances.length">
                <h2 class="shelf">
                  {{ shelf.name }} <span class="quiet">{{ shelf.what }}</span>
                </h2>
                <ul class="dances">
                  <li
                    v-for="one in shelf.dances"
                    :id="`dance-${one.dance}`"
                    :key="one.dance"
                    class="card"
                    :class="{ due: one.isDue }"
                  >
                    <div class="row spread">
                      <RouterLink :to="`/dances/${one.dance}`" class="title">{{ one.title }}</RouterLink>
                      <StageMark :stage="one.stage" />
                    </div>
                    <div class="row spread">
                      <span v-if="one.shown.length && one.shown.length < one.allSections" class="quiet">
                        {{ sectionWords(one.shown) }} of {{ one.allSections }}
                      </span>
                      <span v-else class="quiet">{{ one.counts }} counts, {{ LEVEL_WORDS[one.level] }}</span>
                      <span v-if="one.due" class="chip" :class="{ due: one.isDue }">{{
                        dueWords(one.comesBack ?? one.due, data.today)
                      }}</span>
                    </div>
                    <p
                      v-if="one.strength"
                      class="strength"
                      :title="`Still ${one.strength} % there, by the model of memory`"
                    >
                      <ShareBar class="share" :percent="one.strength" />
                      <span class="number">{{ one.strength }} %</span>
                      <span v-if="one.coverage && one.coverage.there < one.coverage.of" class="quiet"
                        >shown to {{ one.coverage.there }} of {{ one.coverage.of }}</span
                      >
                    </p>
                    <p v-if="one.trouble.length" class="trips">
                      tripped them: {{ sectionWords(one.trouble) }}
                    </p>
                    <div class="row">
                      <button
                        class="plain-button"
                        type="button"
                        :aria-expanded="open === one.dance"
                        @click="open = open === one.dance ? undefined : one.dance"
                      >
                        {{ open === one.dance ? 'Close' : 'Why, and when' }}
                      </button>
                      <RouterLink :to="`/dances/${one.dance}/teach?group=${id}`" class="plain-button"
                        >Teach</RouterLink
                      >
                    </div>
                    <div v-if="open === one.dance" class="why">
                      <ReasonList :reasons="one.reasons" ordered />
                      <RulingLine :group="id" :one :may="session.mayInGroup('LEAD', id)" @done="load" />
                      <ul class="entries">
                        <li v-for="entry in one.entries" :key="entry.id">
                          <strong>{{ day(entry.date) }}</strong>
                          {{ entryWords(entry) }}
                          <em v-if="entry.note">“{{ entry.note }}”</em>
                          <button v-if="may" class="plain-button" type="button" @click="takeBack(entry.id)">
                            Take back
                          </button>
                        </li>
                      </ul>
                    </div>
                    <p v-else-if="one.entries.length" class="quiet last">
                      {{ day(last(one).date) }}: {{ entryWords(last(one))
                      }}<template v-if="last(one).note">. “{{ last(one).note }}”</template>
                    </p>
                  </li>
                </ul>
              </template>
            </section>
          </div>
          <aside class="stack no-print">
            <NextCard :group="id" />
            <template v-if="session.may('DANCERS')">
              <RequestsCard :group="id" />
              <RegisterCard :group="id" :today="data.today" :may @changed="load" />
            </template>
            <HeadsCard v-else-if="session.may('HEADS')" :group="id" />
          </aside>
        </div>
        <ProgressCard :group="id" />
        <VocabularyCard :group="id" />
        <HistoryPanel
          :id="data.group.id"
          thing="GROUP"
          :version="data.group.version"
          :may-bring-back="session.may('PLAN')"
          @bring-back="bringBack"
        />
      </template>
    </PageState>
  </div>
</template>

<style scoped>
.shelf {
  margin: var(--space-2) 0 var(--space-3);
}
.shelf .quiet {
  font: 400 var(--size-3) var(--type);
  margin-left: 8px;
}
.sides {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 340px);
  gap: var(--space-5);
  align-items: start;
}
@media (max-width: 1000px) {
  .sides {
    grid-template-columns: minmax(0, 1fr);
  }
}
.strength .number {
  white-space: nowrap;
}
.strength {
  flex-wrap: wrap;
  display: flex;
  gap: var(--space-2);
  align-items: center;
  margin: 0;
  font-size: var(--size-3);
}
.share {
  flex: 0 0 90px;
}
.trips {
  margin: 0;
  font-size: var(--size-3);
  font-weight: 700;
  color: var(--notice-text);
}
.dances {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(270px, 1fr));
  gap: var(--space-3);
  align-items: start;
}
.dances > li {
  display: grid;
  gap: var(--space-2);
}
.dances > li.due {
  border-left: 6px solid var(--notice);
}
.title {
  font: 700 var(--size-7) var(--type-head);
  color: inherit;
}
.why {
  border-top: 1px solid var(--line);
  font-size: var(--size-3);
}
.entries {
  list-style: none;
  padding: 0;
}
.last {
  border-top: 1px solid var(--line);
  padding-top: var(--space-2);
}
</style>
