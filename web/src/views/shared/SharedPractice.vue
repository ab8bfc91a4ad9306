<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import PageState from '@/components/page-state/PageState.vue'
import RunStage from '@/components/run-stage/RunStage.vue'
import { provideClock } from '@/composables/sound/useClock'
import { useLadderKeys } from '@/composables/evening/useLadderKeys'
import { useLoad } from '@/composables/page/useLoad'
import { useRunThrough } from '@/composables/evening/useRunThrough'
import { useSound } from '@/composables/sound/useSound'
import { useWakeLock } from '@/composables/device/useWakeLock'
import { CLOCK_VIEWS } from '@/domain/clock-view'
import { NO_SOUND } from '@/domain/run/awake'
import { sameScope, scopeParams, scopeQuery } from '@/domain/run/scope'
import RungBar from '@/views/run/RungBar.vue'
import RunChoices from '@/views/run/RunChoices.vue'
import RunKeys from '@/views/run/RunKeys.vue'

/** At home: the dance from slow to full speed, with footprints, band and counts. Nothing is written down. */
const props = defineProps<{ word: string }>()
useWakeLock()
/** What is danced; nothing for what the server begins with. */
const wanted = ref<Schemas['ScopeView']>()
const { data, problem, loading, load } = useLoad(() =>
  ask(
    api.GET('/api/shared/run-through', {
      params: {
        header: { 'X-Share-Word': props.word },
        query: wanted.value ? scopeQuery(scopeParams(wanted.value)) : {},
      },
    }),
  ),
)
const sound = useSound()
const silent = ref('')
onMounted(async () => {
  try {
    await sound.load()
  } catch {
    silent.value = 'The sounds could not be fetched: it runs without them.'
  }
})
watch(wanted, load, { immediate: true })
const view = provideClock()
const viewName = computed(() => CLOCK_VIEWS.find((one) => one.value === view.value)?.name ?? '')
const NO_MUSIC = {
  map: () => undefined,
  wake: () => Promise.resolve(),
  stop: () => undefined,
} as unknown as Parameters<typeof useRunThrough>[2]
const running = useRunThrough(data, sound, NO_MUSIC, () => undefined)
const { rung, looping, asking, playing, resting, rest, moment, done } = running
const scopes = computed(() => data.value?.scopes ?? [])
const scope = computed({
  get: () => scopes.value.findIndex((one) => data.value && sameScope(one.scope, data.value.scope)),
  set: (at: number) => (wanted.value = scopes.value[at].scope),
})
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
  { on, back, both: () => running.answer('LOST'), leave: () => running.halt() },
  asked,
  () => false,
)
</script>

<template>
  <PageState :loading="loading && !data" :problem :ready="!!data" @again="load">
    <div v-if="data && moment" class="stage practice" :class="{ playing }">
      <header class="row spread">
        <h1>{{ data.title }}</h1>
        <el-select v-model="scope" class="scope" aria-label="What is danced" filterable>
          <el-option v-for="(one, i) in scopes" :key="one.label" :value="i" :label="one.label" />
        </el-select>
        <RungBar
          :ladder="data.ladder"
          :rung
          :percent="running.percent.value"
          @go="running.go"
          @nudge="running.nudge"
        />
      </header>
      <RunStage :run="data" :moment :view-name />
      <p v-if="silent" role="status" class="quiet">{{ silent }}</p>
      <p v-if="sound.mute.value" role="status" class="quiet">{{ NO_SOUND }} The count goes on and is seen.</p>
      <footer>
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
    </div>
  </PageState>
</template>

<style scoped>
.practice {
  padding: 0;
  min-height: 0;
}
.scope {
  width: 230px;
}
footer {
  display: grid;
  gap: var(--space-3);
}
</style>
