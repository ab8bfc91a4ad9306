<script setup lang="ts">
import { ElMessageBox } from 'element-plus'
import 'element-plus/es/components/message-box/style/css'
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import LevelMark from '@/components/level-mark/LevelMark.vue'
import PageState from '@/components/page-state/PageState.vue'
import StepEditor from '@/components/step-editor/StepEditor.vue'
import WallMap from '@/components/wall-map/WallMap.vue'
import { api, ask } from '@/api/client'
import { useChoice } from '@/composables/useChoice'
import { provideClock } from '@/composables/useClock'
import { CLOCK_VIEWS } from '@/domain/clock-view'
import { useDo } from '@/composables/useDo'
import { useFigures } from '@/composables/useFigures'
import { useSession } from '@/composables/useSession'
import { minutesSeconds } from '@/domain/time'
import FloorPrints from '@/components/footprints/FloorPrints.vue'
import HallFit from './HallFit.vue'
import FigureDrawer from './FigureDrawer.vue'
import RemarkList from './RemarkList.vue'
import SectionBuilder from './SectionBuilder.vue'
import SectionList from './SectionList.vue'
import { useDance } from './useDance'

const route = useRoute()
const router = useRouter()
const session = useSession()
const dance = useDance()
const { sheet, text, reading, readText, problem, checking, changed, draft } = dance
const { busy, run } = useDo()
const { find } = useFigures()
const explained = ref('')
const clockView = provideClock()
const says = computed(() => CLOCK_VIEWS.find((one) => one.value === clockView.value)?.says)
const side = useChoice<'write' | 'build' | 'floor'>('dance-side', 'write')
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
const rate = computed(() => Number(reading.value?.songs[0]?.bpm) * 0.7 || undefined)
const help = {
  possible: (stepText: string, offset: number) =>
    ask(api.POST('/api/writing/possible', { body: { stepText, offset } })),
  figure: find,
  format: () => void tidy(),
}
const editor = ref<InstanceType<typeof StepEditor>>()

const wanted = computed(() => (route.params.id ? Number(route.params.id) : undefined))
const errors = computed(
  () => reading.value?.remarks.filter((remark) => remark.severity === 'error').length ?? 0,
)
const sub = computed(() => {
  const song = reading.value?.songs[0]
  const by = reading.value?.by ? `by ${reading.value.by}` : ''
  const music = song
    ? [
        `“${song.title}”`,
        song.artist,
        song.bpm && `${song.bpm} counts a minute`,
        song.seconds && minutesSeconds(song.seconds),
      ]
    : []
  return [by, music.filter(Boolean).join(', ')].filter(Boolean).join(' · ')
})

watch(
  wanted,
  (id) => {
    if (id !== dance.id.value || !reading.value) void dance.open(id)
  },
  { immediate: true },
)

async function save() {
  let id = 0
  if (await run(async () => (id = await dance.save()), 'Saved.')) {
    if (wanted.value !== id) await router.replace(`/dances/${id}`)
  }
}

async function tidy() {
  await run(async () => {
    const now = await ask(api.POST('/api/writing/format', { body: { stepText: text.value } }))
    text.value = now.stepText
  })
}

async function remove() {
  try {
    await ElMessageBox.confirm(
      'The dance goes, and with it what groups have learned of it. Remove it?',
      `Remove ${reading.value?.title}`,
      { confirmButtonText: 'Remove', cancelButtonText: 'Keep', type: 'warning' },
    )
  } catch {
    return
  }
  if (await run(dance.remove, 'Removed.')) await router.push('/dances')
}

function onKey(event: KeyboardEvent) {
  if ((event.ctrlKey || event.metaKey) && event.key === 's') {
    event.preventDefault()
    if (session.isInstructor && changed.value) void save()
  }
}
</script>

<template>
  <div class="stack" @keydown="onKey">
    <PageState
      :loading="checking"
      :problem="reading ? '' : problem"
      :ready="!!reading"
      @again="dance.open(wanted)"
    >
      <template v-if="reading">
        <div class="row spread">
          <div>
            <h1>{{ reading.title }}</h1>
            <p class="quiet">{{ sub }}</p>
          </div>
          <div v-if="sheet && reading.sound" class="row no-print">
            <RouterLink :to="`/dances/${sheet.id}/sheet`"
              ><el-button size="large" tag="span">Sheet</el-button></RouterLink
            >
            <RouterLink :to="`/dances/${sheet.id}/walls`"
              ><el-button size="large" tag="span">Walls</el-button></RouterLink
            >
            <RouterLink :to="`/dances/${sheet.id}/teach`"
              ><el-button size="large" tag="span">Teach</el-button></RouterLink
            >
            <RouterLink :to="`/dances/${sheet.id}/run-through`">
              <el-button size="large" type="primary" tag="span">Run through</el-button>
            </RouterLink>
          </div>
        </div>

        <div class="facts">
          <span
            ><b class="number">{{ reading.counts }}</b> counts</span
          >
          <span
            ><b class="number">{{ reading.walls }}</b> {{ reading.walls === 1 ? 'wall' : 'walls' }}</span
          >
          <span>{{ reading.turn ? `turns ${reading.turn} a wall` : 'ends as it began' }}</span>
          <span
            >starts with weight <b>{{ reading.startWeight }}</b>, ends on <b>{{ reading.endWeight }}</b></span
          >
          <span
            >intro <b class="number">{{ reading.intro }}</b></span
          >
          <el-popover trigger="click" :width="380">
            <template #reference>
              <button class="plain-button why" type="button">
                <LevelMark :level="reading.level.measured" :stated="reading.level.stated" /> why?
              </button>
            </template>
            <h3>{{ reading.level.measured }}, measured</h3>
            <ul>
              <li v-for="reason in reading.level.reasons" :key="reason">{{ reason }}</li>
            </ul>
            <p class="quiet">Ten points are a level; the table is a rule of thumb.</p>
          </el-popover>
        </div>

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
                <el-radio-button v-if="session.isInstructor" label="Build" value="build" />
                <el-radio-button label="Floor" value="floor" />
              </el-radio-group>
              <span role="status" class="quiet">
                {{ checking ? 'Checking…' : errors ? `${errors} to mend` : 'No mistakes' }}
              </span>
            </div>
            <p v-if="draft.restored.value" class="note">
              This text was written here but not saved.
              <button class="plain-button" type="button" @click="draft.discard()">
                Go back to the saved one
              </button>
            </p>
            <p v-if="problem" class="note wrong" role="alert">{{ problem }}</p>
            <SectionBuilder
              v-if="side === 'build' && session.isInstructor"
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
            <RemarkList
              v-if="side !== 'floor'"
              :remarks="reading.remarks"
              :readonly="!session.isInstructor"
              @show="editor?.goTo($event)"
              @mend="editor?.mend($event)"
            />
            <StepEditor
              v-if="side === 'write' || !session.isInstructor"
              v-show="side === 'write'"
              ref="editor"
              v-model="text"
              :help="help"
              :undo-key="`ulna-undo-${dance.id.value ?? 'new'}`"
              :remarks="reading.remarks"
              :readonly="!session.isInstructor"
            />
            <div v-if="session.isInstructor" class="row spread">
              <el-button type="primary" :disabled="!changed && !!sheet" :loading="busy" @click="save">
                {{ sheet ? 'Save' : 'Keep this dance' }}
              </el-button>
              <span class="quiet">
                <template v-if="changed">Not saved yet; kept on this machine.</template>
                <template v-else-if="sheet"
                  >Saved, version {{ sheet.version }}, by {{ sheet.updatedBy }}.</template
                >
              </span>
              <el-button v-if="side === 'write'" title="Alt+Shift+F" @click="tidy">Tidy</el-button>
              <el-button v-if="sheet" text @click="remove">Remove</el-button>
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
        <FigureDrawer v-model="explained" />
      </template>
    </PageState>
  </div>
</template>

<style scoped>
.facts {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-2) var(--space-5);
  border-block: 1px solid var(--rule);
  padding: var(--space-2) 0;
}
.facts b {
  font-size: 19px;
}
.why {
  display: inline-flex;
  gap: 8px;
  text-decoration: underline dotted;
}
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
.note {
  background: var(--brass-wash);
  padding: var(--space-2) var(--space-3);
  border-radius: var(--radius-small);
}
.note.wrong {
  background: var(--wrong-wash);
  color: var(--wrong);
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
