<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import 'element-plus/es/components/message/style/css'
import { computed, onMounted, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, ask, type Schemas } from '@/api/client'
import ClockSwitch from '@/components/clock-switch/ClockSwitch.vue'
import ConflictPanel from '@/components/conflict-panel/ConflictPanel.vue'
import PageHead from '@/components/page-head/PageHead.vue'
import PageState from '@/components/page-state/PageState.vue'
import ShareKey from '@/components/share-key/ShareKey.vue'
import WhoIsHere from '@/components/who-is-here/WhoIsHere.vue'
import { provideClock } from '@/composables/sound/useClock'
import { download } from '@/composables/page/download'
import { useDo } from '@/composables/page/useDo'
import { useLoad } from '@/composables/page/useLoad'
import { useSession } from '@/composables/people/useSession'
import { useTogether } from '@/composables/together/useTogether'
import type { School } from '@/domain/labels'
import { same } from '@/domain/merge'
import { minutesSeconds } from '@/domain/time'
import CallsLine from './CallsLine.vue'
import ComparePanel from './ComparePanel.vue'
import DrillRow from './DrillRow.vue'
import { teachWords, type Drill } from './order'
import HowFar from './HowFar.vue'
import PracticePanel from './PracticePanel.vue'
import TakeCare from './TakeCare.vue'
import TeachBar from './TeachBar.vue'
import TeachSaved from './TeachSaved.vue'
import TimeTaken from './TimeTaken.vue'
import { useTeach } from './useTeach'
import { useWatchOuts } from './useWatchOuts'

/** The teach builder: a school lays it out, the instructor changes it, the rest fits again. */
const route = useRoute()
const router = useRouter()
const { busy, run } = useDo()
const view = provideClock()
const dance = computed(() => Number(route.params.id))
const selected = ref<number>()
const groups = useLoad(() => ask(api.GET('/api/groups')))
const group = ref<number | undefined>(Number(route.query.group) || undefined)
const minutes = ref(Number(route.query.minutes) || 20)
const school = ref(route.query.school as School | undefined)
const session = useSession()
const may = computed(() => session.mayInGroup('TEACH', group.value))
const teach = useTeach(dance, group, minutes, school, () => may.value)
const { sheet, drills, problem, loading, undone, own, saved, unsaved } = teach
const { clash } = teach.order
useTogether(teach.order, ['TEACH'], () => undefined, teach.settled)
const options = useLoad(() =>
  ask(
    api.GET('/api/dances/{id}/teach/options', {
      params: { path: { id: dance.value }, query: { group: group.value ?? 0 } },
    }),
  ),
)

onMounted(async () => {
  await groups.load()
  group.value = group.value ?? groups.data.value?.[0]?.id
})
watch(
  [dance, group],
  () => {
    if (!group.value) return
    selected.value = undefined
    void options.load()
    void teach.open()
  },
  { immediate: true },
)
watch([group, minutes, school], () => {
  const query = { ...route.query, group: group.value, minutes: minutes.value, school: school.value }
  void router.replace({ query })
})

const floor = computed(() => ({
  path: `/dances/${dance.value}/teach/floor`,
  query: { ...route.query, group: group.value, minutes: minutes.value },
}))
const runThrough = computed(() => ({
  path: `/dances/${dance.value}/run-through`,
  query: { group: group.value, class: route.query.class },
}))
const comparing = ref(false)
const schools = computed(() => options.data.value?.schools ?? [])
const schoolName = (of: School | undefined) => schools.value.find((one) => one.school === of)?.name

function change(at: number, now: Drill) {
  void teach.change((all) => all.map((one, i) => (i === at ? now : one)))
}
function move(from: number, by: number) {
  const to = from + by
  if (to < 0 || to >= drills.value.length) return
  selected.value = to
  void teach.change((all) => {
    const now = [...all]
    const [moved] = now.splice(from, 1)
    now.splice(to, 0, moved)
    return now
  })
}
function remove(at: number) {
  selected.value = undefined
  void teach.change((all) => all.filter((_, i) => i !== at))
}
const adding = ref<number>()
const addable = computed(() => options.data.value?.addable ?? [])
function add(which: number) {
  adding.value = undefined
  const at = selected.value === undefined ? drills.value.length : selected.value + 1
  const { scope } = addable.value[which]
  const drill: Drill = { scope, mode: 'COUNTS', percent: 70, repetitions: 1, locked: false }
  selected.value = at
  void teach.change((all) => [...all.slice(0, at), drill, ...all.slice(at)])
}
function label(scope: Drill['scope']): string {
  const drawn = sheet.value?.drills.find((one) => same(one.scope, scope))?.label
  return drawn ?? addable.value.find((one) => same(one.scope, scope))?.label ?? scope.kind.toLowerCase()
}

const dragged = ref<number>()
function dropOn(to: number) {
  if (dragged.value !== undefined && dragged.value !== to) move(dragged.value, to - dragged.value)
  dragged.value = undefined
}

const { mark } = useWatchOuts(dance, options, () => teach.refresh())

async function pdf() {
  const now = sheet.value
  if (!now) return
  await run(async () => {
    const answer = await api.POST('/api/dances/{id}/teach/pdf', {
      params: { path: { id: dance.value } },
      body: {
        group: now.group,
        minutes: now.minutes,
        drills: drills.value.map((one) => ({ ...one, locked: true })),
      },
      parseAs: 'blob',
    })
    download(await ask(Promise.resolve(answer)), `${now.title}, teach.pdf`)
  })
}
const print = () => window.print()

useEventListener(window, 'keydown', (event: KeyboardEvent) => {
  if ((event.target as HTMLElement).closest('input, textarea')) return
  if ((event.ctrlKey || event.metaKey) && event.key === 'z') {
    event.preventDefault()
    void teach.undo()
  }
})
const key = (drill: Schemas['DrillView'], i: number) => `${i}-${drill.label}-${drill.mode}-${drill.percent}`
</script>

<template>
  <div class="stack">
    <PageHead
      :title="`Teach ${sheet?.title ?? '…'}`"
      :back="sheet?.title ?? 'the dance'"
      :back-to="`/dances/${dance}`"
    >
      <WhoIsHere v-if="group" :place="{ spot: 'TEACH', id: dance, group }" />
      <template #actions>
        <ShareKey
          v-if="group"
          :offers="[{ words: 'This teach', what: { kind: 'TEACH', dance, group, minutes } }]"
        />
        <el-button @click="print">Print</el-button>
        <el-button :loading="busy" @click="pdf">Save as PDF</el-button>
        <RouterLink :to="floor"><el-button tag="span">On the floor</el-button></RouterLink>
        <RouterLink :to="runThrough">
          <el-button type="primary" tag="span">Run through</el-button>
        </RouterLink>
      </template>
    </PageHead>
    <TeachBar
      v-model:group="group"
      v-model:minutes="minutes"
      v-model:comparing="comparing"
      :groups="groups.data.value ?? []"
      :schools
      :proposed="options.data.value?.proposed"
      :school="sheet?.school"
      :undoable="undone.length > 0 && !clash"
      :own
      @choose="teach.choose"
      @undo="teach.undo"
      @again="run(teach.startAgain)"
    />
    <p v-if="options.data.value" class="quiet no-print">
      {{ schoolName(options.data.value.proposed) }} is proposed. {{ options.data.value.why.text }}
    </p>
    <p v-if="sheet && !may" class="quiet no-print">
      You lead no class of this group: what you change here is tried, not saved.
    </p>
    <TeachSaved :saved :own :unsaved @again="teach.autosave" />
    <ConflictPanel :of="teach.order" :lines="(order) => teachWords(order, label)" @settled="teach.settled" />
    <p v-if="groups.data.value?.length === 0" class="card">
      There is no group to teach yet; add one under <RouterLink to="/groups">Groups</RouterLink>.
    </p>
    <PageState :loading :problem="sheet ? '' : problem" :ready="!!sheet" @again="teach.open()">
      <p v-if="problem" class="rest" role="alert">{{ problem }}</p>
      <div v-if="sheet" class="halves">
        <div>
          <p class="row spread total">
            <span
              ><b class="number">{{ minutesSeconds(sheet.seconds) }}</b> of {{ sheet.minutes }}:00,
              {{ own ? 'our own order' : schoolName(sheet.school)?.toLowerCase() }}, for
              {{ sheet.groupName }}</span
            >
            <ClockSwitch v-model="view" small class="no-print" />
          </p>
          <HowFar v-if="sheet.howFar.length > 1" :stops="sheet.howFar" @go="teach.goTo" />
          <p v-if="sheet.rest" class="rest"><strong>Not all of it.</strong> {{ sheet.rest.text }}</p>
          <ol class="drills">
            <DrillRow
              v-for="(drill, i) in sheet.drills"
              :key="key(drill, i)"
              :drill
              :wanted="drills[i]"
              :selected="selected === i"
              :first="i === 0"
              :last="i === sheet.drills.length - 1"
              draggable="true"
              @dragstart="dragged = i"
              @dragover.prevent
              @drop.prevent="dropOn(i)"
              @select="selected = selected === i ? undefined : i"
              @change="change(i, $event)"
              @move="move(i, $event)"
              @remove="remove(i)"
            >
              <CallsLine v-if="selected === i && group" :dance :group :drill />
            </DrillRow>
          </ol>
          <el-select
            v-model="adding"
            filterable
            placeholder="Add a drill"
            aria-label="Add a drill"
            class="no-print add"
            @update:model-value="add"
          >
            <el-option v-for="(one, i) in addable" :key="i" :value="i" :label="one.label" />
          </el-select>
        </div>
        <aside class="stack no-print">
          <PracticePanel
            :sheet
            :watch-outs="options.data.value?.watchOuts ?? []"
            :up-to="selected"
            @mark="mark"
            @select="selected = $event"
          />
          <ComparePanel v-if="comparing && options.data.value" :sheet :schools :own @take="teach.choose" />
          <TimeTaken v-if="may" :sheet @kept="teach.refresh" />
          <TakeCare />
        </aside>
      </div>
    </PageState>
  </div>
</template>

<style scoped>
.halves {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 430px);
  gap: var(--space-5);
  align-items: start;
}
.total b {
  font: 700 var(--size-8) var(--type-head);
}
.drills {
  list-style: none;
  margin: var(--space-2) 0;
  padding: 0;
  border-bottom: 1px solid var(--line);
}
.rest {
  background: var(--notice-wash);
  border-left: 5px solid var(--notice);
  padding: var(--space-2) var(--space-3);
  margin-top: var(--space-2);
}
.add {
  width: 260px;
}
@media (max-width: 1000px) {
  .halves {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media print {
  .halves {
    grid-template-columns: minmax(0, 1fr);
  }
  h1 {
    font-size: var(--size-8);
  }
}
</style>
