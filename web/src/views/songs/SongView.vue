<script setup lang="ts">
import { ElMessageBox } from 'element-plus'
import 'element-plus/es/components/message-box/style/css'
import { computed, onBeforeUnmount, reactive, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, ask, type Schemas } from '@/api/client'
import LevelMark from '@/components/level-mark/LevelMark.vue'
import MatchScore from '@/components/match-score/MatchScore.vue'
import PageState from '@/components/page-state/PageState.vue'
import PhraseBar from '@/components/phrase-bar/PhraseBar.vue'
import SoundTempo from '@/components/sound-tempo/SoundTempo.vue'
import TapTempo from '@/components/tap-tempo/TapTempo.vue'
import { useDo } from '@/composables/useDo'
import { useDraft } from '@/composables/useDraft'
import { useLoad } from '@/composables/useLoad'
import { useSession } from '@/composables/useSession'
import { minutesSeconds } from '@/domain/time'
import SplitPanel from './SplitPanel.vue'

type Draft = Schemas['SongDraft']
const CHECK_AFTER_MS = 250
const NEW: Draft = {
  title: '',
  artist: '',
  bpm: '',
  rate: '1',
  length: '',
  intro: '',
  meter: '4/4',
  style: '',
  phrases: '',
  kept: '',
  explicitWords: false,
  version: 0,
}

const route = useRoute()
const router = useRouter()
const session = useSession()
const { busy, run } = useDo()
const id = computed(() => (route.params.id ? Number(route.params.id) : undefined))
const draft = reactive<Draft>({ ...NEW })
/** What is entered, and what is safe, as texts: so a draft is kept as any other. */
const entered = computed({
  get: () => JSON.stringify({ ...draft, version: 0 }),
  set: (text: string) => Object.assign(draft, JSON.parse(text), { version: draft.version }),
})
const saved = ref(entered.value)
const changed = computed(() => entered.value !== saved.value)
const kept = useDraft(() => `ulna-song-${id.value ?? 'new'}`, entered, saved)
const allDances = ref(false)

const { data, problem, loading, load } = useLoad(async () => {
  const own = id.value
  if (own === undefined) return { card: undefined, dances: [] }
  const path = { id: own }
  const [card, dances] = await Promise.all([
    ask(api.GET('/api/songs/{id}', { params: { path } })),
    ask(api.GET('/api/songs/{id}/dances', { params: { path } })),
  ])
  return { card, dances }
})

function fill(card: Schemas['SongCard'] | undefined) {
  const now: Draft = card
    ? {
        title: card.title,
        artist: card.artist ?? '',
        bpm: card.bpm ?? '',
        rate: card.rate,
        length: card.seconds == null ? '' : minutesSeconds(card.seconds),
        intro: card.intro == null ? '' : String(card.intro),
        meter: card.meter,
        style: card.style ?? '',
        phrases: card.phrases,
        kept: card.kept ?? '',
        explicitWords: card.explicitWords,
        version: card.version,
      }
    : { ...NEW }
  Object.assign(draft, now)
  saved.value = entered.value
  if (session.isInstructor) kept.restore()
}

watch(
  id,
  async () => {
    await load()
    if (data.value) fill(data.value.card)
  },
  { immediate: true },
)
/** What was marked by ear in a sound file, in seconds. */
const marks = reactive<{ beat?: number; step?: number }>({})
const reading = useLoad(() =>
  ask(
    api.POST('/api/songs/check', {
      body: {
        draft,
        firstBeatMillis: marks.beat === undefined ? undefined : Math.round(marks.beat * 1000),
        firstStepMillis: marks.step === undefined ? undefined : Math.round(marks.step * 1000),
      },
    }),
  ),
)
let soon = 0
watch(
  [entered, marks],
  () => {
    window.clearTimeout(soon)
    soon = window.setTimeout(reading.load, CHECK_AFTER_MS)
  },
  { immediate: true },
)
onBeforeUnmount(() => window.clearTimeout(soon))
const fault = (field: string) =>
  changed.value ? reading.data.value?.faults.find((one) => one.field === field)?.message : undefined

async function save() {
  let now: Schemas['SongCard'] | undefined
  const own = id.value
  const ok = await run(async () => {
    now = await ask(
      own === undefined
        ? api.POST('/api/songs', { body: draft })
        : api.PUT('/api/songs/{id}', { params: { path: { id: own } }, body: draft }),
    )
  }, 'Saved.')
  if (!ok || !now) return
  kept.forget()
  if (own === undefined) {
    await router.replace(`/songs/${now.id}`)
  } else {
    await load()
    fill(data.value?.card)
  }
}

async function remove() {
  const card = data.value?.card
  if (!card) return
  try {
    await ElMessageBox.confirm(
      'The song goes from the list; dances that name it stay.',
      `Remove ${card.title}`,
      {
        confirmButtonText: 'Remove',
        cancelButtonText: 'Keep',
        type: 'warning',
      },
    )
  } catch {
    return
  }
  const gone = await run(
    () =>
      ask(
        api.DELETE('/api/songs/{id}', {
          params: { path: { id: card.id }, query: { version: card.version } },
        }),
      ),
    'Removed.',
  )
  if (gone) {
    kept.forget()
    await router.push('/songs')
  }
}

const RATES = [
  { value: '1/2', label: '1/2: a count to two beats' },
  { value: '1', label: '1: a count to a beat' },
  { value: '2', label: '2: two counts to a beat' },
]
</script>

<template>
  <div class="stack">
    <PageState :loading :problem :ready="!!data" @again="load">
      <template v-if="data">
        <div>
          <p class="quiet"><RouterLink to="/songs">‹ Songs</RouterLink></p>
          <h1>{{ data.card?.title ?? 'New song' }}</h1>
          <p class="quiet">
            {{ data.card?.artist
            }}<template v-if="reading.data.value?.countsPerMinute">
              · danced at {{ reading.data.value.countsPerMinute }} counts a minute</template
            >
          </p>
        </div>
        <p v-if="kept.restored.value" class="note">
          This was entered here but not saved.
          <button class="plain-button" type="button" @click="kept.discard()">Go back to the saved one</button>
        </p>
        <div class="halves">
          <form class="card form" @submit.prevent="save">
            <fieldset :disabled="!session.isInstructor">
              <label
                >title <el-input v-model="draft.title" name="title" maxlength="200" /><span
                  v-if="fault('title')"
                  class="fault"
                  >{{ fault('title') }}</span
                ></label
              >
              <label
                >artist <el-input v-model="draft.artist" name="artist" maxlength="200" /><span
                  v-if="fault('artist')"
                  class="fault"
                  >{{ fault('artist') }}</span
                ></label
              >
              <div class="pair">
                <label
                  >bpm, as printed <el-input v-model="draft.bpm" name="bpm" inputmode="decimal" /><span
                    v-if="fault('bpm')"
                    class="fault"
                    >{{ fault('bpm') }}</span
                  ></label
                >
                <label>
                  count rate
                  <el-select v-model="draft.rate" aria-label="Count rate">
                    <el-option v-for="one in RATES" :key="one.value" v-bind="one" />
                  </el-select>
                </label>
                <label
                  >length <el-input v-model="draft.length" name="length" placeholder="3:10" /><span
                    v-if="fault('length')"
                    class="fault"
                    >{{ fault('length') }}</span
                  ></label
                >
                <label
                  >intro, in counts <el-input v-model="draft.intro" name="intro" inputmode="numeric" /><span
                    v-if="fault('intro')"
                    class="fault"
                    >{{ fault('intro') }}</span
                  ></label
                >
                <label>
                  meter
                  <el-select v-model="draft.meter" aria-label="Meter">
                    <el-option value="4/4" label="4/4" />
                    <el-option value="3/4" label="3/4, waltz" />
                  </el-select>
                </label>
                <label
                  >style <el-input v-model="draft.style" name="style" maxlength="60" /><span
                    v-if="fault('style')"
                    class="fault"
                    >{{ fault('style') }}</span
                  ></label
                >
              </div>
              <label>
                phrases: counts per phrase, after the intro
                <el-input v-model="draft.phrases" name="phrases" placeholder="32 32 16 32, or 32x4" /><span
                  v-if="fault('phrases')"
                  class="fault"
                  >{{ fault('phrases') }}</span
                >
              </label>
              <template v-if="reading.data.value?.phrases.length">
                <PhraseBar :counts="reading.data.value.phrases" />
                <p class="quiet number">
                  {{ reading.data.value.phrases.length }} phrases,
                  {{ reading.data.value.phraseCounts }} counts
                </p>
              </template>
              <label
                >where the club has it <el-input v-model="draft.kept" name="kept" maxlength="200" /><span
                  v-if="fault('where')"
                  class="fault"
                  >{{ fault('where') }}</span
                ></label
              >
              <el-checkbox v-model="draft.explicitWords" label="explicit words: not for every hall" />
            </fieldset>
            <div v-if="session.isInstructor" class="row spread">
              <el-button type="primary" native-type="submit" :loading="busy" :disabled="!changed">
                {{ data.card ? 'Save' : 'Keep this song' }}
              </el-button>
              <span class="quiet">{{
                changed
                  ? 'Not saved yet; kept on this machine.'
                  : data.card
                    ? `Saved by ${data.card.updatedBy}.`
                    : ''
              }}</span>
              <el-button v-if="data.card" text @click="remove">Remove</el-button>
            </div>
            <p v-else class="quiet">An instructor can change the song.</p>
          </form>
          <div class="stack">
            <section class="card stack">
              <h2>Measure the tempo</h2>
              <div class="measure">
                <div class="stack">
                  <h3>Tapped</h3>
                  <TapTempo
                    :printed="draft.bpm"
                    :rate="draft.rate"
                    @take="draft.bpm = $event"
                    @rate="draft.rate = $event"
                  />
                </div>
                <div class="stack">
                  <h3>From a sound file</h3>
                  <SoundTempo
                    :intro-counts="reading.data.value?.introCounts"
                    @marks="
                      (beat, step) => {
                        marks.beat = beat
                        marks.step = step
                      }
                    "
                    @take="draft.bpm = $event"
                    @intro="draft.intro = String($event)"
                    @length="draft.length = minutesSeconds($event)"
                  />
                </div>
              </div>
            </section>
            <section v-if="data.card" class="card stack">
              <h2>Dances that go with it</h2>
              <p v-if="!data.card.bpm">It needs its beats a minute first.</p>
              <p v-else-if="data.dances.length === 0">None of the club’s dances goes with it.</p>
              <ul class="list">
                <li v-for="one in allDances ? data.dances : data.dances.slice(0, 8)" :key="one.dance">
                  <span class="what">
                    <RouterLink :to="`/dances/${one.dance}/walls?song=list-${data.card.id}`"
                      ><b>{{ one.title }}</b></RouterLink
                    >
                    <span class="quiet"
                      ><LevelMark :level="one.level" /> {{ one.own ? 'its own song' : '' }}</span
                    >
                  </span>
                  <MatchScore :match="one.match" />
                </li>
              </ul>
              <button
                v-if="!allDances && data.dances.length > 8"
                class="plain-button"
                type="button"
                @click="allDances = true"
              >
                Show all {{ data.dances.length }}
              </button>
            </section>
          </div>
        </div>
        <SplitPanel
          v-if="data.card && data.dances.length > 1"
          :key="data.card.id"
          :song="data.card.id"
          :dances="data.dances"
        />
      </template>
    </PageState>
  </div>
</template>

<style scoped>
.halves {
  display: grid;
  grid-template-columns: minmax(0, 440px) minmax(0, 1fr);
  gap: var(--space-4);
  align-items: start;
}
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
  display: grid;
  gap: var(--space-3);
}
.form {
  display: grid;
  gap: var(--space-4);
}
label:not(.el-checkbox) {
  display: grid;
  align-content: start;
  gap: 2px;
  font-weight: 600;
}
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: var(--space-3);
}
.measure {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(270px, 100%), 1fr));
  gap: var(--space-5);
  align-items: start;
}
.measure .stack {
  gap: var(--space-2);
}
.list {
  list-style: none;
  margin: 0;
  padding: 0;
}
.list li {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  gap: 2px var(--space-3);
  border-top: 1px solid var(--rule);
  padding: 5px 0;
}
.what {
  display: grid;
}
.fault {
  color: var(--wrong);
  font-size: 14px;
  font-weight: 400;
}
.note {
  background: var(--brass-wash);
  padding: var(--space-2) var(--space-3);
  border-radius: var(--radius-small);
}
@media (max-width: 1000px) {
  .halves {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
