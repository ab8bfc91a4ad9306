<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import ConflictPanel from '@/components/conflict-panel/ConflictPanel.vue'
import DraftNote from '@/components/draft-note/DraftNote.vue'
import HistoryPanel from '@/components/history-panel/HistoryPanel.vue'
import PageState from '@/components/page-state/PageState.vue'
import StepEditor from '@/components/step-editor/StepEditor.vue'
import WallMap from '@/components/wall-map/WallMap.vue'
import { api, ask } from '@/api/client'
import { confirmed } from '@/composables/page/confirm'
import { useChoice } from '@/composables/page/useChoice'
import { provideClock } from '@/composables/sound/useClock'
import { CLOCK_VIEWS } from '@/domain/clock-view'
import { useDo } from '@/composables/page/useDo'
import { useLoad } from '@/composables/page/useLoad'
import { looksLikeSheet, usePile } from '@/composables/sheets/usePile'
import { useFigures } from '@/composables/page/useFigures'
import { useSession } from '@/composables/people/useSession'
import { useTogether } from '@/composables/together/useTogether'
import { own } from '@/composables/device/own'
import FloorPrints from '@/components/footprints/FloorPrints.vue'
import DanceFacts from './DanceFacts.vue'
import DanceHead from './DanceHead.vue'
import DanceTags from './DanceTags.vue'
import HallFit from './HallFit.vue'
import FigureDrawer from './FigureDrawer.vue'
import PrintedSheet from './PrintedSheet.vue'
import RemarkList from './RemarkList.vue'
import SectionBuilder from './SectionBuilder.vue'
import SectionList from './SectionList.vue'
import { useDance } from './useDance'

/** The footprints are walked below the song's speed. */
const PRACTICE_SPEED = 0.7

const route = useRoute()
const router = useRouter()
const session = useSession()
const dance = useDance()
const { sheet, reading, readText, trouble, checking } = dance
const { value: text, changed, restored, clash, problem } = dance.text
useTogether(dance.text, ['DANCE'], () => dance.id.value, dance.check)
const { busy, run, save: saved } = useDo()
const { find } = useFigures()
const explained = ref('')
const clockView = provideClock()
const says = computed(() => CLOCK_VIEWS.find((one) => one.value === clockView.value)?.says)
const side = useChoice<'write' | 'build' | 'floor' | 'printed'>('dance-side', 'write')
watch(
  () => route.params.way,
  (way) => {
    if (way === 'write' || way === 'build') side.value = way
  },
  { immediate: true },
)
const part = ref(1)
const places = computed(
  () =>
    reading.value?.sections
      .filter((section) => part.value === 0 || section.number === part.value)
      .flatMap((section) => section.places) ?? [],
)
const before = computed(() => {
  const all = reading.value?.sections ?? []
  const at = all.findIndex((section) => section.number === part.value)
  const last = at > 0 && all[at - 1].part === all[at].part ? all[at - 1].places : []
  return last[last.length - 1]
})
const rate = computed(() => (reading.value?.songs[0]?.countsPerMinute ?? 0) * PRACTICE_SPEED || undefined)
const help = {
  possible: (stepText: string, offset: number) =>
    ask(api.POST('/api/writing/possible', { body: { stepText, offset } })),
  figure: find,
  format: () => void tidy(),
}
const editor = ref<InstanceType<typeof StepEditor>>()

/** An instructor saves; a co-instructor proposes a change of what is there. */
const mayWrite = computed(() => session.may('CHANGE_DANCES') || (session.may('PROPOSE') && !!sheet.value))
const wanted = computed(() => (route.params.id ? Number(route.params.id) : undefined))
/** A new dance in which nothing has been written yet: there is nothing to be mended either. */
const untouched = computed(() => !sheet.value && !changed.value)
const remarks = computed(() => (untouched.value ? [] : (reading.value?.remarks ?? [])))
const errors = computed(() => remarks.value.filter((remark) => remark.severity === 'ERROR').length)
const state = computed(() => {
  if (checking.value) return 'Checking…'
  if (untouched.value) return 'Write it below, or paste a sheet.'
  return errors.value ? `${errors.value} to mend` : 'No mistakes'
})
watch(
  wanted,
  (id) => {
    if (id !== dance.id.value || !reading.value) void dance.open(id)
  },
  { immediate: true },
)

async function save() {
  if (!(await saved(dance.text))) return
  if (wanted.value !== dance.id.value) await router.replace(`/dances/${dance.id.value}`)
}

async function tidy() {
  await run(async () => {
    const now = await ask(api.POST('/api/writing/format', { body: { stepText: text.value } }))
    text.value = now.stepText
  })
}

async function remove() {
  const sure = await confirmed(
    `Remove ${reading.value?.title}`,
    'It leaves the lists. What groups have learned of it stays, and it can be brought back from the list of dances.',
    'Remove',
    'Keep',
  )
  if (sure && (await run(dance.remove, 'Removed.'))) await router.push('/dances')
}

/** The sheet that the dance was read from, where there is one. */
const printed = useLoad(() =>
  ask(api.GET('/api/dances/{id}/printed-sheet', { params: { path: { id: wanted.value ?? 0 } } })),
)
watch(wanted, (id) => (id === undefined ? undefined : printed.load()), { immediate: true })

/** Shows a line of the step text in the editor. */
async function goToLine(line: number) {
  side.value = 'write'
  await nextTick()
  const before = text.value.split('\n').slice(0, line - 1)
  editor.value?.goTo(before.reduce((sum, one) => sum + one.length + 1, 0))
}

const pile = usePile()
/** A sheet that is pasted into a dance in which nothing stands yet is read as a sheet. */
async function pasted(event: ClipboardEvent) {
  const words = event.clipboardData?.getData('text/plain') ?? ''
  if (!untouched.value || !session.may('CHANGE_DANCES') || !looksLikeSheet(words)) return
  event.preventDefault()
  event.stopPropagation()
  if (await run(() => pile.paste(words))) await router.push('/dances/read')
}

function onKey(event: KeyboardEvent) {
  if ((event.ctrlKey || event.metaKey) && event.key === 's') {
    event.preventDefault()
    if (session.may('CHANGE_DANCES') && changed.value) void save()
  }
}
</script>

<template>
  <div class="stack" @keydown="onKey" @paste.capture="pasted">
    <PageState
      :loading="checking || dance.text.loading.value"
      :problem="reading ? '' : problem || trouble"
      :ready="!!reading"
      @again="dance.open(wanted)"
    >
      <template v-if="reading">
        <DanceHead :reading :number="sheet?.id" />

        <ConflictPanel :of="dance.text" :lines="(words) => words.split('\n')" marks />
        <DanceFacts :reading="reading" />
        <DanceTags v-if="sheet" :dance="sheet.id" />

        <div class="halves">
          <SectionList
            :reading="reading"
            :clock="clockView"
            @clock="clockView = $event"
            @explain="explained = $event"
          />
          <div class="write no-print">
            <div class="row spread">
              <el-radio-group v-model="side" aria-label="Beside the dance">
                <el-radio-button label="Write" value="write" />
                <el-radio-button v-if="session.may('CHANGE_DANCES')" label="Build" value="build" />
                <el-radio-button label="Floor" value="floor" />
                <el-radio-button v-if="printed.data.value?.version" label="Sheet" value="printed" />
              </el-radio-group>
              <span role="status" class="quiet">
                {{ state }}
              </span>
            </div>
            <DraftNote :restored @discard="dance.text.discard()" />
            <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
            <SectionBuilder
              v-if="side === 'build' && session.may('CHANGE_DANCES')"
              :reading="reading"
              :text="text"
              :fresh="readText === text"
              @change="dance.take($event)"
              @explain="explained = $event"
            />
            <div v-else-if="side === 'floor'" class="stack">
              <el-select v-model="part" aria-label="Which part" style="width: 200px">
                <el-option label="the whole wall" :value="0" />
                <el-option
                  v-for="section in reading.sections"
                  :key="section.number"
                  :label="`section ${section.number}`"
                  :value="section.number"
                />
              </el-select>
              <FloorPrints
                :places="places"
                :before="before"
                :counts-a-minute="rate"
                :section-counts="reading.sectionCounts"
              />
              <HallFit :floor="reading.floor" :step-text="text" />
            </div>
            <PrintedSheet
              v-else-if="side === 'printed' && printed.data.value?.version"
              :sheet="printed.data.value"
              :step-text="text"
              @show="goToLine"
            />
            <RemarkList
              v-if="side === 'write' || side === 'build'"
              :remarks="remarks"
              :readonly="!mayWrite"
              @show="editor?.goTo($event)"
              @mend="editor?.mend($event)"
            />
            <StepEditor
              v-if="side === 'write' || !session.may('CHANGE_DANCES') || !printed.data.value?.version"
              v-show="side === 'write' || (side === 'printed' && !printed.data.value?.version)"
              ref="editor"
              v-model="text"
              :help="help"
              :undo-key="own(`undo-${dance.id.value ?? 'new'}`)"
              :remarks="remarks"
              :readonly="!mayWrite || !!clash"
              :outside="dance.text.outside.value"
            />
            <div v-if="session.may('CHANGE_DANCES')" class="row spread">
              <el-button
                type="primary"
                :disabled="(!changed && !!sheet) || !!clash"
                :loading="busy"
                @click="save"
              >
                {{ sheet ? 'Save' : 'Keep this dance' }}
              </el-button>
              <span class="quiet">
                <template v-if="changed">Not saved yet; kept on this machine.</template>
                <template v-else-if="sheet"
                  >Saved, version {{ sheet.version }}, by {{ sheet.updatedBy.name }}.</template
                >
              </span>
              <el-button v-if="side === 'write'" title="Alt+Shift+F" @click="tidy">Tidy</el-button>
              <el-button v-if="sheet" text @click="remove">Remove</el-button>
            </div>
            <div v-else-if="mayWrite" class="row spread">
              <el-button
                type="primary"
                :disabled="!changed || !!clash"
                :loading="busy"
                @click="run(dance.proposeIt)"
                >Propose this change</el-button
              >
              <span class="quiet">{{
                changed
                  ? 'Not proposed yet; kept on this machine.'
                  : 'Change the text, and propose it to the instructors.'
              }}</span>
              <el-button v-if="changed" text @click="dance.text.discard()">Leave it</el-button>
            </div>
            <p v-else class="quiet">An instructor can change the text.</p>
          </div>
        </div>

        <section class="stack">
          <div class="row spread">
            <h2>Walls</h2>
            <span class="quiet">{{ says }} The circle is where a wall ends.</span>
            <RouterLink v-if="sheet && reading.sound" :to="`/dances/${sheet.id}/walls`" class="no-print"
              >Walls with music, calls, endings, restarts</RouterLink
            >
          </div>
          <WallMap :walls="reading.sequence" :song-end="reading.songEnd" :parts="reading.phrased" />
        </section>
        <HistoryPanel
          v-if="sheet"
          :id="sheet.id"
          thing="DANCE"
          :version="sheet.version"
          :may-bring-back="session.may('CHANGE_DANCES') && !changed && !clash"
          @bring-back="(to) => run(() => dance.bringBack(to), `Version ${to} is back.`)"
        />
        <FigureDrawer v-model="explained" />
      </template>
    </PageState>
  </div>
</template>

<style scoped>
.halves {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 470px);
  gap: var(--space-5);
  align-items: start;
}
.write {
  display: grid;
  gap: var(--space-3);
  position: sticky;
  top: var(--space-3);
  max-height: calc(100vh - 24px);
  overflow: auto;
}
.wrong {
  background: var(--wrong-wash);
  color: var(--wrong);
  padding: var(--space-2) var(--space-3);
  border-radius: var(--radius-small);
}
@media (max-width: 1000px) {
  .halves {
    grid-template-columns: minmax(0, 1fr);
  }
  .write {
    position: static;
    max-height: none;
  }
}
</style>
