<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, ask, type Schemas } from '@/api/client'
import ConflictPanel from '@/components/conflict-panel/ConflictPanel.vue'
import HistoryPanel from '@/components/history-panel/HistoryPanel.vue'
import LevelMark from '@/components/level-mark/LevelMark.vue'
import PageState from '@/components/page-state/PageState.vue'
import { useDo } from '@/composables/useDo'
import { useLoad } from '@/composables/useLoad'
import { HAPPENED_WORDS, KIND_WORDS, OUTCOME_WORDS } from '@/domain/labels'
import { sectionWords } from '@/domain/sections'
import { day, hourMinute, later } from '@/domain/time'
import AddLine from './AddLine.vue'
import OrderBar from './OrderBar.vue'
import RecordPanel from './RecordPanel.vue'
import { orderOf, orderWords, type Line } from './order'
import { useClass } from './useClass'

const route = useRoute()
const router = useRouter()
const id = computed(() => Number(route.params.id))
const meeting = useClass(() => id.value)
const { sheet } = meeting
const { problem, loading, undoable, clash } = meeting.order
const title = (dance: number) => dances.data.value?.find((one) => one.id === dance)?.title ?? `dance ${dance}`
const { busy, run } = useDo()
const dances = useLoad(() => ask(api.GET('/api/dances')))
const adding = ref(false)

watch(id, meeting.order.open, { immediate: true })
onMounted(dances.load)

const forms = (): Line[] => (sheet.value ? orderOf(sheet.value).lines : [])
const spare = computed(() => (sheet.value ? sheet.value.minutes - sheet.value.planned : 0))

function setMinutes(at: number, minutes: number | undefined) {
  if (!minutes || minutes === sheet.value?.lines[at].minutes) return
  const lines = forms()
  lines[at].minutes = minutes
  void run(() => meeting.change(lines))
}

function move(at: number, by: number) {
  const lines = forms()
  const [line] = lines.splice(at, 1)
  lines.splice(at + by, 0, line)
  void run(() => meeting.change(lines))
}

function drop(at: number) {
  void run(() => meeting.change(forms().filter((_, i) => i !== at)))
}

function swap(at: number, dance: number) {
  const lines = forms()
  lines[at] = { ...lines[at], dance, title: '' }
  void run(() => meeting.change(lines))
}

/** What the two orders come to is saved at once, like any other change. */
async function settle(choose: () => unknown) {
  choose()
  await run(() => meeting.change(meeting.order.value.value.lines))
}

async function add(line: Line) {
  const lines = forms()
  const finish = lines.findIndex((one) => one.kind === 'FINISH')
  lines.splice(finish < 0 ? lines.length : finish, 0, line)
  if (await run(() => meeting.change(lines))) adding.value = false
}

function writtenWords(one: Schemas['WrittenView']): string {
  return one.happened === 'INTRODUCED' && one.shown?.length
    ? `taught ${sectionWords(one.shown)}`
    : HAPPENED_WORDS[one.happened]
}

async function record(note: string, lines: Schemas['DancedForm'][]) {
  await run(() => meeting.record(note, lines), 'Written down; your colleagues see it.')
}

async function remove() {
  if (await run(meeting.remove, 'The class is removed.')) await router.push('/classes')
}
</script>

<template>
  <div class="stack">
    <PageState :loading :problem :ready="!!sheet" @again="meeting.order.open">
      <template v-if="sheet">
        <div class="row spread">
          <div>
            <p class="when">{{ day(sheet.date) }}, {{ hourMinute(sheet.startsAt) }}, {{ sheet.place }}</p>
            <h1>
              <RouterLink :to="`/groups/${sheet.group}`">{{ sheet.groupName }}</RouterLink>
            </h1>
            <LevelMark :level="sheet.level" />
          </div>
          <div v-if="!sheet.recorded" class="row no-print">
            <el-button :disabled="undoable.length === 0 || busy" @click="run(meeting.undo)">Undo</el-button>
            <el-button
              :loading="busy"
              @click="run(meeting.planAnew, 'Planned anew; undo brings the old order back.')"
            >
              Plan anew
            </el-button>
            <el-button text @click="remove">Remove class</el-button>
          </div>
        </div>

        <ConflictPanel
          v-if="clash"
          :mine="orderWords(clash.mine, title)"
          :theirs="orderWords(clash.theirs, title)"
          :by="clash.by"
          :version="clash.version"
          @merge="settle(meeting.order.merge)"
          @mine="settle(meeting.order.keepMine)"
          @theirs="meeting.order.takeTheirs()"
        />
        <OrderBar :lines="sheet.lines" :minutes="sheet.minutes" />
        <p class="quiet" role="status">
          {{ sheet.planned }} of {{ sheet.minutes }} minutes
          <b v-if="spare > 0">: {{ spare }} free</b>
          <b v-if="spare < 0" class="over">: {{ -spare }} too many</b>
        </p>

        <ol class="order">
          <li v-for="(line, i) in sheet.lines" :key="line.id" class="card" :class="line.kind.toLowerCase()">
            <span class="time number">{{ later(sheet.startsAt, line.start) }}</span>
            <div class="what">
              <p class="kind">{{ KIND_WORDS[line.kind] }}</p>
              <p class="title">
                <RouterLink v-if="line.dance" :to="`/dances/${line.dance}`">{{ line.title }}</RouterLink>
                <template v-else>{{ line.title }}</template>
              </p>
              <p class="reason">
                {{ line.reasons.map((reason) => reason.text).join('; ') }}
                <RouterLink
                  v-if="line.teachBy && line.dance"
                  class="chip"
                  :to="`/dances/${line.dance}/teach?group=${sheet.group}&minutes=${line.minutes}`"
                  >teach laid out by {{ line.teachBy }}</RouterLink
                >
                <span v-if="line.changedBy" class="chip"
                  >changed by {{ line.changedBy
                  }}{{ line.changedAt ? `, ${day(line.changedAt.slice(0, 10))}` : '' }}</span
                >
              </p>
            </div>
            <div class="acts no-print">
              <RouterLink
                v-if="line.dance && line.kind === 'TEACH'"
                class="plain-button strong"
                :to="`/dances/${line.dance}/teach?group=${sheet.group}&minutes=${line.minutes}`"
                >Lay out the teach</RouterLink
              >
              <RouterLink
                v-else-if="line.dance && line.kind === 'REMINDER'"
                class="plain-button strong"
                :to="`/dances/${line.dance}/teach?group=${sheet.group}&minutes=${line.minutes}&school=REMINDER`"
                >Walk-through</RouterLink
              >
              <RouterLink
                v-else-if="line.dance"
                class="plain-button strong"
                :to="`/dances/${line.dance}/run-through?group=${sheet.group}`"
                >Run through</RouterLink
              >
              <template v-if="!sheet.recorded">
                <el-select
                  v-if="line.dance"
                  :model-value="line.dance"
                  filterable
                  size="small"
                  style="width: 150px"
                  :aria-label="`Dance of ${KIND_WORDS[line.kind]}`"
                  @change="swap(i, $event)"
                >
                  <el-option
                    v-for="dance in dances.data.value"
                    :key="dance.id"
                    :label="dance.title"
                    :value="dance.id"
                    :disabled="!dance.sound"
                  />
                </el-select>
                <el-input-number
                  :model-value="line.minutes"
                  :min="1"
                  :max="240"
                  size="small"
                  style="width: 104px"
                  :aria-label="`Minutes of ${line.title}`"
                  @change="setMinutes(i, $event)"
                />
                <button
                  class="plain-button"
                  type="button"
                  :disabled="i === 0 || busy"
                  :aria-label="`Move ${line.title} up`"
                  @click="move(i, -1)"
                >
                  ↑
                </button>
                <button
                  class="plain-button"
                  type="button"
                  :disabled="i === sheet.lines.length - 1 || busy"
                  :aria-label="`Move ${line.title} down`"
                  @click="move(i, 1)"
                >
                  ↓
                </button>
                <button
                  class="plain-button"
                  type="button"
                  :disabled="busy"
                  :aria-label="`Take ${line.title} out`"
                  @click="drop(i)"
                >
                  ✕
                </button>
              </template>
              <span v-else class="number">{{ line.minutes }} min</span>
            </div>
          </li>
        </ol>
        <template v-if="!sheet.recorded">
          <AddLine
            v-if="adding"
            :dances="dances.data.value ?? []"
            :minutes="Math.max(spare, 4)"
            @add="add"
            @cancel="adding = false"
          />
          <div v-else class="no-print"><el-button @click="adding = true">Add a line</el-button></div>
        </template>

        <RecordPanel v-if="!sheet.recorded" :sheet="sheet" :busy="busy" @record="record" />
        <section v-else class="card stack">
          <div class="row spread">
            <h2>What happened</h2>
            <el-button
              :loading="busy"
              @click="run(meeting.takeBack, 'Taken back: correct it and write it down again.')"
            >
              Take the record back
            </el-button>
          </div>
          <p v-if="sheet.note">“{{ sheet.note }}”</p>
          <ul>
            <li v-for="(one, i) in sheet.written" :key="i">
              {{ one.title }}: {{ writtenWords(one) }}, <strong>{{ OUTCOME_WORDS[one.outcome] }}</strong>{{
                one.note ? `: “${one.note}”` : ''
              }}
            </li>
            <li v-if="sheet.written.length === 0">No dance was danced.</li>
          </ul>
          <p class="quiet">Written down by {{ sheet.recordedBy }}.</p>
        </section>
        <HistoryPanel
          :id="sheet.id"
          thing="CLASS"
          :version="sheet.version"
          :may-bring-back="!sheet.recorded && !clash"
          @bring-back="(to) => run(() => meeting.bringBack(to), `Version ${to} is back.`)"
        />
      </template>
    </PageState>
  </div>
</template>

<style scoped>
h1 a {
  color: inherit;
  text-decoration: none;
}
.when {
  font: 700 17px var(--type-head);
  color: var(--plum-bright);
}
.over {
  color: var(--wrong);
}
.order {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: var(--space-2);
}
.order > li {
  display: grid;
  grid-template-columns: 64px minmax(0, 1fr) auto;
  gap: var(--space-3);
  align-items: center;
  padding: var(--space-2) var(--space-3);
  border-left-width: 8px;
}
.teach {
  border-left-color: var(--plum-bright);
}
.reminder {
  border-left-color: var(--brass-mark);
}
.practice {
  border-left-color: var(--teal);
}
.warm_up,
.finish {
  border-left-color: var(--rust);
}
.time {
  font: 700 19px var(--type-head);
}
.kind {
  font-size: 13px;
  font-weight: 700;
  color: var(--ink-soft);
}
.title {
  font: 700 19px var(--type-head);
}
.title a {
  color: inherit;
}
.reason {
  font-size: 15px;
  color: var(--ink-soft);
}
.acts {
  display: flex;
  align-items: center;
  gap: 6px;
  flex-wrap: wrap;
  justify-content: end;
}
.strong {
  text-decoration: underline;
}
@media (max-width: 900px) {
  .order > li {
    grid-template-columns: 56px minmax(0, 1fr);
  }
  .acts {
    grid-column: 1 / -1;
    justify-content: start;
  }
}
</style>
