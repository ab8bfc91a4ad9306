<script setup lang="ts">
import { computed, nextTick, onMounted, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, ask, type Schemas } from '@/api/client'
import ConflictPanel from '@/components/conflict-panel/ConflictPanel.vue'
import HistoryPanel from '@/components/history-panel/HistoryPanel.vue'
import LevelMark from '@/components/level-mark/LevelMark.vue'
import PageHead from '@/components/page-head/PageHead.vue'
import PageState from '@/components/page-state/PageState.vue'
import ShareKey from '@/components/share-key/ShareKey.vue'
import WhoIsHere from '@/components/who-is-here/WhoIsHere.vue'
import { useDo } from '@/composables/page/useDo'
import { useLoad } from '@/composables/page/useLoad'
import { useSession } from '@/composables/people/useSession'
import { useWaiting } from '@/composables/device/useWaiting'
import { useTogether } from '@/composables/together/useTogether'
import { day, hourMinute } from '@/domain/time'
import AddLine from './AddLine.vue'
import LeaderLine from './LeaderLine.vue'
import EveningStrip from './EveningStrip.vue'
import MusicCard from './MusicCard.vue'
import OrderLine from './OrderLine.vue'
import SuggestOrder from './SuggestOrder.vue'
import BestOrderPanel from './BestOrderPanel.vue'
import WorthCard from './WorthCard.vue'
import WrittenCard from './WrittenCard.vue'
import { orderOf, orderWords, type Line } from './order'
import { useClass } from './useClass'
import { useOrderValue } from './useOrderValue'

/** A class: its evening as time, why it is so, and what a change of it costs. */
const route = useRoute()
const router = useRouter()
const id = computed(() => Number(route.params.id))
const evening = useClass(() => id.value)
const { sheet } = evening
const { problem, loading, undoable, clash, waiting } = evening.order
useTogether(evening.order, ['CLASS'], () => id.value)
const waits = useWaiting()
// What is on the page has been read.
watch(sheet, (now) => now && waits.markSeen(now))
const title = (dance: number) => dances.data.value?.find((one) => one.id === dance)?.title ?? `dance ${dance}`
const { busy, run } = useDo()
const session = useSession()
const may = computed(
  () => !!sheet.value && !sheet.value.recorded && session.mayInClass('LEAD', sheet.value.leader),
)
const dances = useLoad(() => ask(api.GET('/api/dances')))
const { value, change } = useOrderValue(
  () => id.value,
  () => (sheet.value?.recorded ? undefined : sheet.value?.version),
)
const adding = ref(false)
/** Who may not change it says how they would do it. */
const suggesting = ref(false)
const selected = ref<number>()
const keep = ref(new Set<number>())
const without = ref<number[]>([])
const proposal = ref<Schemas['BestOrderView']>()
const compared = ref<HTMLElement>()

watch(
  id,
  () => {
    keep.value = new Set()
    without.value = []
    proposal.value = undefined
    suggesting.value = false
    void evening.order.open()
  },
  { immediate: true },
)
onMounted(dances.load)

const forms = (): Line[] => (sheet.value ? orderOf(sheet.value).lines : [])
const spare = computed(() => (sheet.value ? sheet.value.minutes - sheet.value.planned : 0))
/** Lines that stay and are still there. */
const kept = computed(
  () => new Set((sheet.value?.lines ?? []).map((line) => line.id).filter((line) => keep.value.has(line))),
)

/** What somebody put there by hand stays where it is planned anew; what is new in the order as well. */
async function save(lines: Line[], ...byHand: (number | undefined)[]) {
  proposal.value = undefined
  const before = new Set((sheet.value?.lines ?? []).map((line) => line.id))
  const done = await run(() => evening.change(lines))
  if (done) {
    const fresh = (sheet.value?.lines ?? []).map((line) => line.id).filter((line) => !before.has(line))
    keep.value = new Set([...keep.value, ...fresh, ...byHand.filter((line) => line !== undefined)])
  }
  return done
}

function setMinutes(at: number, minutes: number | undefined) {
  if (!minutes || minutes === sheet.value?.lines[at].minutes) return
  const lines = forms()
  lines[at].minutes = minutes
  void save(lines, lines[at].id)
}

function move(at: number, by: number) {
  const lines = forms()
  const [line] = lines.splice(at, 1)
  lines.splice(at + by, 0, line)
  void save(lines, line.id)
}

function drop(at: number) {
  void save(forms().filter((_, i) => i !== at))
}

function swap(at: number, dance: number) {
  const lines = forms()
  lines[at] = { ...lines[at], dance, title: '' }
  void save(lines, lines[at].id)
}

function toggleKeep(line: number) {
  const now = new Set(keep.value)
  if (!now.delete(line)) now.add(line)
  keep.value = now
}

/** The rest as it could be, around what stays, without what is not wanted. */
async function propose() {
  await run(async () => (proposal.value = await evening.proposed([...kept.value], without.value)))
  await nextTick()
  compared.value?.scrollIntoView({ block: 'nearest' })
}

function notTonight(dance: number) {
  without.value = [...without.value, dance]
  void propose()
}

async function take() {
  const done = await run(
    () => evening.planAround([...kept.value], without.value),
    'Taken; undo brings the old order back.',
  )
  if (done) leave()
}

function leave() {
  proposal.value = undefined
  without.value = []
}

/** What the two orders come to is saved at once, like any other change. */
async function settled(by: 'merge' | 'mine' | 'theirs') {
  if (by !== 'theirs') await run(() => evening.change(evening.order.value.value.lines))
}

async function add(line: Line) {
  const lines = forms()
  const finish = lines.findIndex((one) => one.kind === 'FINISH')
  lines.splice(finish < 0 ? lines.length : finish, 0, line)
  if (await save(lines)) adding.value = false
}

async function lead(person: Schemas['ClubPerson'] | undefined) {
  await run(() => evening.lead(person))
  await session.load()
}

const takeBack = () => run(evening.takeBack, 'Taken back: correct it and write it down again.')
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
          <p class="row">
            <LevelMark :level="sheet.level" />
            <WhoIsHere :place="{ spot: 'CLASS', id, group: 0 }" />
            <LeaderLine :sheet :busy @lead="lead" />
          </p>
          <template #actions>
            <template v-if="!sheet.recorded">
              <template v-if="may">
                <el-button :disabled="undoable.length === 0 || busy" @click="run(evening.undo)"
                  >Undo</el-button
                >
                <el-button text @click="remove">Remove class</el-button>
              </template>
              <RouterLink
                v-if="sheet.canRecord && session.mayInClass('LOG', sheet.leader)"
                :to="`/classes/${id}/log`"
              >
                <el-button tag="span">Write it down</el-button>
              </RouterLink>
              <el-button v-if="session.may('PROPOSE') && !may && !suggesting" @click="suggesting = true"
                >Propose a change</el-button
              >
              <ShareKey
                :offers="[{ words: 'The plan of this class', what: { kind: 'PLAN', classId: id } }]"
              />
              <RouterLink :to="`/print?class=${id}`"><el-button tag="span">Print…</el-button></RouterLink>
              <RouterLink v-if="session.may('LEAD')" :to="`/classes/${id}/brief`">
                <el-button tag="span">Brief</el-button>
              </RouterLink>
              <RouterLink :to="`/classes/${id}/floor`">
                <el-button type="primary" tag="span">On the floor</el-button>
              </RouterLink>
            </template>
          </template>
        </PageHead>

        <p v-if="waiting" class="waits" role="status">
          The server does not answer. What you changed is kept here and sent by itself, once.
        </p>
        <ConflictPanel :of="evening.order" :lines="(order) => orderWords(order, title)" @settled="settled" />
        <EveningStrip
          :lines="sheet.lines"
          :minutes="sheet.minutes"
          :starts-at="sheet.startsAt"
          :selected
          :kept
          @select="selected = selected === $event ? undefined : $event"
        />
        <p v-if="spare !== 0" role="status">
          {{ sheet.planned }} of {{ sheet.minutes }} minutes<b v-if="spare > 0">: {{ spare }} free</b
          ><b v-if="spare < 0" class="over">: {{ -spare }} too many</b>
        </p>
        <div v-if="proposal" ref="compared">
          <BestOrderPanel :sheet :proposal :busy @take="take" @leave="leave" />
        </div>

        <SuggestOrder
          v-if="suggesting"
          :key="sheet.id"
          :sheet
          :dances="dances.data.value ?? []"
          @done="suggesting = false"
        />
        <div class="sides">
          <div class="stack">
            <ol class="order">
              <OrderLine
                v-for="(line, i) in sheet.lines"
                :key="line.id"
                :line
                :sheet
                :dances="dances.data.value ?? []"
                :at="i"
                :of="sheet.lines.length"
                :busy
                :may
                :selected="selected === line.id"
                :kept="kept.has(line.id)"
                :points="value?.each[i]"
                @select="selected = selected === line.id ? undefined : line.id"
                @keep="toggleKeep(line.id)"
                @without="line.dance && notTonight(line.dance)"
                @swap="swap(i, $event)"
                @minutes="setMinutes(i, $event)"
                @move="move(i, $event)"
                @drop="drop(i)"
              />
            </ol>
            <template v-if="may">
              <AddLine
                v-if="adding"
                :dances="dances.data.value ?? []"
                :minutes="Math.max(spare, 4)"
                @add="add"
                @cancel="adding = false"
              />
              <div v-else class="no-print"><el-button @click="adding = true">Add a line</el-button></div>
            </template>
          </div>
          <aside class="stack">
            <WrittenCard
              v-if="sheet.recorded"
              :sheet
              :busy
              :may="session.mayInClass('LOG', sheet.leader)"
              @take-back="takeBack"
            />
            <WorthCard v-else :value :change :kept="kept.size" :busy :may @propose="propose" />
            <MusicCard :id :version="sheet.version" :starts-at="sheet.startsAt" />
          </aside>
        </div>
        <HistoryPanel
          :id="sheet.id"
          thing="CLASS"
          :version="sheet.version"
          :may-bring-back="may && !clash"
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
  font: 700 var(--size-6) var(--type-head);
  color: var(--accent);
}
.waits {
  background: var(--notice-wash);
  border-left: 5px solid var(--notice);
  padding: var(--space-2) var(--space-3);
}
.over {
  color: var(--wrong);
}
.sides {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 380px);
  gap: var(--space-5);
  align-items: start;
}
.order {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 4px;
}
@media (max-width: 1000px) {
  .sides {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
