<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { Schemas } from '@/api/client'
import FloorHelp from '@/components/floor-help/FloorHelp.vue'
import PageState from '@/components/page-state/PageState.vue'
import RunStage from '@/components/run-stage/RunStage.vue'
import { provideClock } from '@/composables/sound/useClock'
import { useCueScreen } from '@/composables/together/useCueScreen'
import { useGroupRun } from '@/composables/together/useGroupRun'
import { useLadderKeys } from '@/composables/evening/useLadderKeys'
import { useLoad } from '@/composables/page/useLoad'
import { useMediaKeys } from '@/composables/sound/useMediaKeys'
import { useOwnMusic } from '@/composables/sound/useOwnMusic'
import { useRunThrough } from '@/composables/evening/useRunThrough'
import { useSound } from '@/composables/sound/useSound'
import { askRun } from '@/composables/device/useTakeAlong'
import { useTheme } from '@/composables/page/useTheme'
import { useTonight } from '@/composables/evening/useTonight'
import { useWakeLock } from '@/composables/device/useWakeLock'
import { CLOCK_VIEWS } from '@/domain/clock-view'
import { OUTCOME_WORDS } from '@/domain/labels'
import { NO_SOUND } from '@/domain/run/awake'
import type { Answer } from '@/domain/run/ladder'
import { SCOPE_NAMES, sameScope, scopeParams, scopeQuery } from '@/domain/run/scope'
import CuePanel from './CuePanel.vue'
import FilesPanel from './FilesPanel.vue'
import OwnMusicPanel from './OwnMusicPanel.vue'
import RunChoices from './RunChoices.vue'
import RungBar from './RungBar.vue'
import RunKeys from './RunKeys.vue'
import SoundPanel from './SoundPanel.vue'

/** A dance from slow to full speed: to a beat, with counts and calls, with a clicker. */
const route = useRoute()
const router = useRouter()
useWakeLock()
const id = computed(() => Number(route.params.id))
const group = computed(() => Number(route.query.group) || undefined)
const given = computed(() => Number(route.query.class) || undefined)
const own = useGroupRun(group, given)
const { classId, waiting } = own
const backTo = computed(() => (given.value ? `/classes/${given.value}/floor` : `/dances/${id.value}`))
const wanted = computed(() => {
  const words = SCOPE_NAMES.map((name) => [name, route.query[name]])
  return scopeQuery(Object.fromEntries(words.filter(([, it]) => typeof it === 'string')))
})
const { data, problem, loading, load } = useLoad(() => askRun(id.value, group.value, wanted.value))
watch([id, group, wanted], load)

const sound = useSound()
const silent = ref('')
onMounted(async () => {
  void load()
  try {
    await sound.load()
  } catch (e) {
    silent.value = `Band and voice cannot be had: ${(e as Error).message}`
  }
})

const tonight = useTonight(classId)
const OUTCOME = { CLEAN: 'SOLID', SHAKY: 'SHAKY', LOST: 'LOST' } as const

/**
 * What was reached of the whole dance notes itself, for a class or for a group that is run through by
 * itself; a section that was practised is no dance that was danced.
 */
function told(how: Answer, percent: number, clean: number | undefined) {
  if (!data.value?.whole) return
  const reached = clean ?? percent
  const outcome = OUTCOME[how]
  const form = {
    dance: id.value,
    happened: 'DANCED_CALLED' as const,
    shown: [],
    outcome,
    more: { spots: [], percent: reached, options: '' },
  }
  if (!classId.value) return own.reached(form)
  void tonight.note(form, `${reached} %, ${OUTCOME_WORDS[outcome]}`)
}

const music = useOwnMusic(
  id,
  computed(() => data.value?.song?.countsPerMinute),
  sound,
)
const running = useRunThrough(data, sound, music, told)
const { rung, percent, looping, asking, playing, resting, rest, moment, done, enough } = running
const cue = useCueScreen(data, running, () => music.ready.value && music.marks.value.length > 1)
const view = provideClock()
const viewName = computed(() => CLOCK_VIEWS.find((one) => one.value === view.value)?.name ?? '')
const panels = ref(false)
const keys = ref<HTMLElement>()
/** After the panels the next key press is for the run-through again. */
const backToKeys = () => keys.value?.querySelector<HTMLElement>('.yes, .huge')?.focus()

/** All that can be danced, what is danced just now among it. */
const scopes = computed(() => {
  const run = data.value
  if (!run) return []
  const listed = run.scopes.some((one) => sameScope(one.scope, run.scope))
  return listed ? run.scopes : [{ scope: run.scope, label: run.label }, ...run.scopes]
})
const scope = computed({
  get: () => scopes.value.findIndex((one) => data.value && sameScope(one.scope, data.value.scope)),
  set: (at: number) => dance(scopes.value[at].scope),
})
function dance(to: Schemas['ScopeView']) {
  const { group: g, class: c } = route.query
  void router.replace({ query: { ...(g && { group: g }), ...(c && { class: c }), ...scopeParams(to) } })
}
const asked = () => asking.value || (playing.value && looping.value)
function on() {
  if (asked()) running.answer('CLEAN')
  else if (playing.value) running.enoughNow()
  else void running.play()
}
function back() {
  if (asked()) running.answer('SHAKY')
  else if (playing.value || resting.value) running.halt()
  else running.go(rung.value - 1)
}
useLadderKeys(
  { on, back, both: () => running.answer('LOST'), leave: () => void router.push(backTo.value) },
  asked,
  () => panels.value,
)
useMediaKeys(playing, () => ({ title: data.value?.title ?? '', artist: `${percent.value} %` }), {
  play: () => void running.play(),
  stop: running.halt,
  next: on,
  back,
})
const { theme, toggle } = useTheme()
</script>

<template>
  <div class="stage" :class="{ playing }" :data-tick="running.tick.value">
    <PageState :loading="loading && !data" :problem :ready="!!data" @again="load">
      <template v-if="data && moment">
        <header>
          <RouterLink :to="backTo" class="back">‹ {{ data.title }}</RouterLink>
          <FloorHelp />
          <el-select v-model="scope" class="scope" aria-label="What is danced" filterable>
            <el-option v-for="(one, i) in scopes" :key="one.label" :value="i" :label="one.label" />
          </el-select>
          <label v-if="data.scope.kind === 'WALLS'" class="walls">
            to wall
            <el-input-number
              :model-value="data.scope.to"
              :min="data.scope.from"
              :max="data.wallStarts.length"
              size="small"
              style="width: 96px"
              aria-label="To wall"
              @change="(to?: number) => dance({ ...data!.scope, to: to ?? data!.scope.from })"
            />
          </label>
          <RungBar :ladder="data.ladder" :rung :percent @go="running.go" @nudge="running.nudge" />
          <button type="button" class="plain-button panels-key" @click="panels = true">
            Sound, song, screen, files
          </button>
        </header>

        <RunStage :run="data" :moment :view-name />

        <p v-if="(enough || done) && !playing" class="suggestion" role="status">
          {{ enough || 'Full speed was clean.' }}
        </p>
        <p v-if="sound.mute.value" class="quiet" role="status">
          {{ NO_SOUND }} The count goes on and is seen; a loudspeaker is looked for again at each start.
        </p>
        <p v-if="(tonight.noted.value || silent) && !playing" class="quiet" role="status">
          {{ silent || tonight.noted.value }}
        </p>
        <p v-if="(waiting || own.said.value) && !playing" class="quiet" role="status">
          {{ own.said.value }}
          <el-button v-if="waiting" size="small" @click="own.write()">
            Write {{ waiting.body.more?.percent }} % into {{ own.name.value || 'the group' }}’s record
          </el-button>
        </p>
        <footer ref="keys">
          <RunKeys
            :playing
            :asking
            :looping
            :resting
            :done
            :top="rung === data.ladder.rungs.length - 1"
            @answer="running.answer"
            @play="running.play()"
            @stop="running.enoughNow"
            @halt="running.halt"
          />
          <RunChoices
            v-model:looping="looping"
            v-model:rest="rest"
            v-model:view="view"
            :run="data"
            :here="moment.leg.tick"
            @from="running.play"
          />
        </footer>
        <el-drawer
          v-model="panels"
          title="Sound, song, screen, files"
          size="min(460px, 94vw)"
          @closed="backToKeys"
        >
          <div class="panels">
            <button type="button" class="plain-button" @click="toggle">
              {{ theme === 'dark' ? 'Light screen' : 'Dark screen, for a dark hall' }}
            </button>
            <SoundPanel :sound :music="music.ready.value" />
            <OwnMusicPanel :music :run="data" />
            <CuePanel :cue />
            <FilesPanel :run="data" :percent />
          </div>
        </el-drawer>
      </template>
      <p v-else-if="data">This dance has no walls to run through.</p>
    </PageState>
  </div>
</template>

<style scoped>
.stage {
  height: 100vh;
  min-height: 640px;
}
.scope {
  width: 230px;
}
.walls {
  display: flex;
  gap: 8px;
  align-items: center;
}
.suggestion {
  background: var(--notice-wash);
  border-left: 6px solid var(--notice);
  padding: var(--space-2) var(--space-4);
  font-size: var(--size-7);
}
.panels {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: var(--space-5);
}
@media (max-width: 700px) {
  .stage {
    height: auto;
    min-height: 100vh;
    padding-bottom: 108px;
  }
  .scope {
    flex: 1 1 150px;
    width: auto;
  }
  .stage :deep(.keys) {
    position: fixed;
    left: 0;
    right: 0;
    bottom: 0;
    z-index: 3;
    width: auto;
    padding: var(--space-2) var(--space-3);
    background: var(--ground);
    gap: var(--space-2);
  }
  /* While it runs the thumb and the eyes have one thing each. */
  .stage.playing .scope,
  .stage.playing .walls,
  .stage.playing .panels-key,
  .stage.playing .choose {
    display: none;
  }
}
</style>
