<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, ask, type Schemas } from '@/api/client'
import ConflictPanel from '@/components/conflict-panel/ConflictPanel.vue'
import HistoryPanel from '@/components/history-panel/HistoryPanel.vue'
import LevelMark from '@/components/level-mark/LevelMark.vue'
import PageHead from '@/components/page-head/PageHead.vue'
import PageState from '@/components/page-state/PageState.vue'
import { useDo } from '@/composables/useDo'
import { useLoad } from '@/composables/useLoad'
import { HAPPENED_WORDS, OUTCOME_WORDS } from '@/domain/labels'
import { sectionWords } from '@/domain/sections'
import { day, hourMinute } from '@/domain/time'
import AddLine from './AddLine.vue'
import EffortCurve from './EffortCurve.vue'
import OrderBar from './OrderBar.vue'
import OrderLine from './OrderLine.vue'
import RecordPanel from './RecordPanel.vue'
import { orderOf, orderWords, type Line } from './order'
import { useClass } from './useClass'

const route = useRoute()
const router = useRouter()
const id = computed(() => Number(route.params.id))
const evening = useClass(() => id.value)
const { sheet } = evening
const { problem, loading, undoable, clash } = evening.order
const title = (dance: number) => dances.data.value?.find((one) => one.id === dance)?.title ?? `dance ${dance}`
const { busy, run } = useDo()
const dances = useLoad(() => ask(api.GET('/api/dances')))
const adding = ref(false)

watch(id, evening.order.open, { immediate: true })
onMounted(dances.load)

const forms = (): Line[] => (sheet.value ? orderOf(sheet.value).lines : [])
const spare = computed(() => (sheet.value ? sheet.value.minutes - sheet.value.planned : 0))

function setMinutes(at: number, minutes: number | undefined) {
  if (!minutes || minutes === sheet.value?.lines[at].minutes) return
  const lines = forms()
  lines[at].minutes = minutes
  void run(() => evening.change(lines))
}

function move(at: number, by: number) {
  const lines = forms()
  const [line] = lines.splice(at, 1)
  lines.splice(at + by, 0, line)
  void run(() => evening.change(lines))
}

function drop(at: number) {
  void run(() => evening.change(forms().filter((_, i) => i !== at)))
}

function swap(at: number, dance: number) {
  const lines = forms()
  lines[at] = { ...lines[at], dance, title: '' }
  void run(() => evening.change(lines))
}

/** What the two orders come to is saved at once, like any other change. */
async function settled(by: 'merge' | 'mine' | 'theirs') {
  if (by !== 'theirs') await run(() => evening.change(evening.order.value.value.lines))
}

async function add(line: Line) {
  const lines = forms()
  const finish = lines.findIndex((one) => one.kind === 'FINISH')
  lines.splice(finish < 0 ? lines.length : finish, 0, line)
  if (await run(() => evening.change(lines))) adding.value = false
}

function writtenWords(one: Schemas['WrittenView']): string {
  return one.happened === 'INTRODUCED' && one.shown?.length
    ? `taught ${sectionWords(one.shown)}`
    : HAPPENED_WORDS[one.happened]
}

async function record(note: string, lines: Schemas['DancedForm'][]) {
  await run(() => evening.record(note, lines), 'Written down; your colleagues see it.')
}

async function remove() {
  if (await run(evening.remove, 'The class is removed.')) await router.push('/classes')
}
</script>

<template>
  <div class="stack">
    <PageState :loading :problem :ready="!!sheet" @again="evening.order.open">
      <template v-if="sheet">
        <PageHead>
          <template #above
            ><p class="when">
              {{ day(sheet.date) }}, {{ hourMinute(sheet.startsAt) }}, {{ sheet.place }}
            </p></template
          >
          <template #title
            ><RouterLink :to="`/groups/${sheet.group}`">{{ sheet.groupName }}</RouterLink></template
          >
          <LevelMark :level="sheet.level" />
          <template v-if="!sheet.recorded" #actions>
            <el-button :disabled="undoable.length === 0 || busy" @click="run(evening.undo)">Undo</el-button>
            <el-button
              :loading="busy"
              @click="run(evening.planAnew, 'Planned anew; undo brings the old order back.')"
            >
              Plan anew
            </el-button>
            <el-button text @click="remove">Remove class</el-button>
          </template>
        </PageHead>

        <ConflictPanel :of="evening.order" :lines="(order) => orderWords(order, title)" @settled="settled" />
        <OrderBar :lines="sheet.lines" :minutes="sheet.minutes" />
        <EffortCurve :lines="sheet.lines" :minutes="sheet.minutes" />
        <p class="quiet" role="status">
          {{ sheet.planned }} of {{ sheet.minutes }} minutes
          <b v-if="spare > 0">: {{ spare }} free</b>
          <b v-if="spare < 0" class="over">: {{ -spare }} too many</b>
        </p>

        <ol class="order">
          <OrderLine
            v-for="(line, i) in sheet.lines"
            :key="line.id"
            :line
            :sheet
            :dances="dances.data.value ?? []"
            :first="i === 0"
            :last="i === sheet.lines.length - 1"
            :busy
            @swap="swap(i, $event)"
            @minutes="setMinutes(i, $event)"
            @move="move(i, $event)"
            @drop="drop(i)"
          />
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
              @click="run(evening.takeBack, 'Taken back: correct it and write it down again.')"
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
          @bring-back="(to) => run(() => evening.bringBack(to), `Version ${to} is back.`)"
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
  color: var(--accent);
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
</style>
