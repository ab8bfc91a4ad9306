<script setup lang="ts">
import { watchDebounced } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, ask } from '@/api/client'
import ConflictPanel from '@/components/conflict-panel/ConflictPanel.vue'
import DraftNote from '@/components/draft-note/DraftNote.vue'
import HistoryPanel from '@/components/history-panel/HistoryPanel.vue'
import PageHead from '@/components/page-head/PageHead.vue'
import PageState from '@/components/page-state/PageState.vue'
import WhoIsHere from '@/components/who-is-here/WhoIsHere.vue'
import { confirmed } from '@/composables/page/confirm'
import { useDo } from '@/composables/page/useDo'
import { useLoad } from '@/composables/page/useLoad'
import { useSession } from '@/composables/people/useSession'
import { useTogether } from '@/composables/together/useTogether'
import SongDances from './SongDances.vue'
import SongForm from './SongForm.vue'
import SongMeasure, { type Marks } from './SongMeasure.vue'
import SplitPanel from './SplitPanel.vue'
import { useSong, type SongEntry } from './useSong'

const CHECK_AFTER_MS = 250
const route = useRoute()
const router = useRouter()
const session = useSession()
const { busy, run, save: saved } = useDo()
const song = useSong()
useTogether(song.entry, ['SONG'], () => song.id.value)
const { card } = song
const { value: entry, changed, restored, clash, loading, problem } = song.entry
const id = computed(() => (route.params.id ? Number(route.params.id) : undefined))
const opened = ref(false)

const dances = useLoad(async () =>
  card.value ? ask(api.GET('/api/songs/{id}/dances', { params: { path: { id: card.value.id } } })) : [],
)
watch(
  id,
  async (which) => {
    if (opened.value && which === song.id.value) return
    opened.value = false
    await song.open(which)
    opened.value = !problem.value
  },
  { immediate: true },
)
watch(() => card.value?.version, dances.load)

const marks = ref<Marks>({})
const millis = (seconds?: number) => (seconds === undefined ? undefined : Math.round(seconds * 1000))
const reading = useLoad(() =>
  ask(
    api.POST('/api/songs/check', {
      body: {
        draft: { ...entry.value, version: 0 },
        firstBeatMillis: millis(marks.value.beat),
        firstStepMillis: millis(marks.value.step),
      },
    }),
  ),
)
watchDebounced([entry, marks], reading.load, { debounce: CHECK_AFTER_MS, deep: true, immediate: true })

const LABELS: Record<keyof SongEntry, string> = {
  title: 'title',
  artist: 'artist',
  bpm: 'bpm',
  countRate: 'count rate',
  length: 'length',
  intro: 'intro',
  meter: 'meter',
  style: 'style',
  phrases: 'phrases',
  location: 'where',
  explicitWords: 'explicit words',
}
const lines = (of: SongEntry) =>
  (Object.keys(LABELS) as (keyof SongEntry)[]).map((field) => `${LABELS[field]}: ${of[field]}`)

async function save() {
  if (!(await saved(song.entry))) return
  if (id.value !== song.id.value) await router.replace(`/songs/${song.id.value}`)
}

async function remove() {
  const sure = await confirmed(
    `Remove ${card.value?.song.title}`,
    'The song leaves the list; dances that name it stay. It can be brought back from the list of songs.',
    'Remove',
    'Keep',
  )
  if (sure && (await run(song.remove, 'Removed.'))) await router.push('/songs')
}
</script>

<template>
  <div class="stack">
    <PageState :loading :problem :ready="opened" @again="song.open(id)">
      <PageHead :title="card?.song.title ?? 'New song'" back="Songs" back-to="/songs">
        <WhoIsHere v-if="card" :place="{ spot: 'SONG', id: card.id, group: 0 }" />
        <p class="quiet">
          {{ card?.song.artist
          }}<template v-if="reading.data.value?.countsPerMinute">
            · danced at {{ reading.data.value.countsPerMinute }} counts a minute</template
          >
        </p>
      </PageHead>
      <ConflictPanel :of="song.entry" :lines="lines" />
      <DraftNote :restored @discard="song.entry.discard()" />
      <div class="halves">
        <form class="card form" @submit.prevent="save">
          <SongForm
            v-model="entry"
            :reading="reading.data.value"
            :disabled="!(session.may('CHANGE_DANCES') || (session.may('PROPOSE') && card)) || !!clash"
          />
          <div v-if="session.may('CHANGE_DANCES')" class="row spread">
            <el-button type="primary" native-type="submit" :loading="busy" :disabled="!changed || !!clash">
              {{ card ? 'Save' : 'Keep this song' }}
            </el-button>
            <span class="quiet">{{
              changed
                ? 'Not saved yet; kept on this machine.'
                : card
                  ? `Saved, version ${card.version}, by ${card.updatedBy.name}.`
                  : ''
            }}</span>
            <el-button v-if="card" text @click="remove">Remove</el-button>
          </div>
          <div v-else-if="session.may('PROPOSE') && card" class="row spread">
            <el-button
              type="primary"
              :loading="busy"
              :disabled="!changed || !!clash"
              @click="run(song.proposeIt)"
              >Propose this change</el-button
            >
            <span class="quiet">{{
              changed
                ? 'Not proposed yet; kept on this machine.'
                : 'Change it, and propose it to the instructors.'
            }}</span>
            <el-button v-if="changed" text @click="song.entry.discard()">Leave it</el-button>
          </div>
          <p v-else class="quiet">An instructor can change the song.</p>
        </form>
        <div class="stack">
          <SongMeasure
            v-model="entry"
            :intro-counts="reading.data.value?.introCounts"
            @marks="marks = $event"
          />
          <SongDances v-if="card && dances.data.value" :card :dances="dances.data.value" />
        </div>
      </div>
      <SplitPanel
        v-if="card && dances.data.value && dances.data.value.length > 1"
        :key="card.id"
        :song="card.id"
        :dances="dances.data.value"
      />
      <HistoryPanel
        v-if="card"
        :id="card.id"
        thing="SONG"
        :version="card.version"
        :may-bring-back="session.may('CHANGE_DANCES') && !changed && !clash"
        @bring-back="(to) => run(() => song.bringBack(to), `Version ${to} is back.`)"
      />
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
.form {
  display: grid;
  gap: var(--space-4);
}
@media (max-width: 1000px) {
  .halves {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
