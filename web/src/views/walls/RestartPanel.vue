<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import PageState from '@/components/page-state/PageState.vue'
import PhraseBar from '@/components/phrase-bar/PhraseBar.vue'
import { useLoad } from '@/composables/page/useLoad'
import { useSession } from '@/composables/people/useSession'
import { clock } from '@/domain/facing'
import { useTakeOver } from './useTakeOver'

/** What keeps the walls on the song's phrases, and on which counts a restart is possible at all. */
const props = defineProps<{ walls: Schemas['Walls']; query: { song?: string; optional: boolean } }>()
const emit = defineEmits<{ taken: [] }>()
const session = useSession()
const { busy, takeOver } = useTakeOver(
  () => props.walls,
  () => emit('taken'),
)
const typed = ref('')
const { data, problem, loading, load } = useLoad(() =>
  ask(
    api.GET('/api/dances/{id}/restarts', {
      params: {
        path: { id: props.walls.dance },
        query: { song: props.query.song, phrases: typed.value.trim() || undefined },
      },
    }),
  ),
)
watch(
  () => [props.walls.dance, props.walls.version, props.query],
  () => {
    typed.value = ''
    void load()
  },
  { immediate: true },
)

const offNow = computed(() => data.value?.off ?? [])
const sections = computed(() => {
  const all = new Map<number, Schemas['RestartCountView'][]>()
  for (const count of data.value?.counts ?? []) {
    all.set(count.section, [...(all.get(count.section) ?? []), count])
  }
  return [...all]
})
const SIGNS: Record<string, string> = { STRAIGHT: '✓', WITH_CHANGE: '~', IMPOSSIBLE: '✕' }
const chosen = ref<Schemas['RestartCountView']>()

function take(plan: Schemas['PlanView']) {
  const lines = plan.lines.map((line) => line.words).join('; ')
  return takeOver(
    plan.stepText,
    'Write these into the dance?',
    `The phrasing of the dance becomes: ${lines}. What it has now goes.`,
    'The phrasing is in the dance.',
  )
}
</script>

<template>
  <section class="stack">
    <h2>Phrases and restarts</h2>
    <form class="row" @submit.prevent="load">
      <label class="row phrases">
        Counts per phrase
        <el-input
          v-model="typed"
          :placeholder="data?.phrases || '32 32 16 32'"
          aria-label="Counts per phrase"
          name="phrases"
        />
      </label>
      <el-button native-type="submit">Try</el-button>
      <span v-if="walls.music?.listed && !data?.phraseCounts.length" class="quiet">
        Enter them for good on
        <RouterLink :to="`/songs/${walls.music.listed}`">the song’s page</RouterLink>.
      </span>
    </form>
    <p v-if="problem" class="wrong" role="alert">{{ problem }}</p>
    <PageState :loading problem="" :ready="!!data" @again="load">
      <template v-if="data">
        <template v-if="data.phraseCounts.length">
          <PhraseBar :counts="data.phraseCounts" />
          <p v-if="walls.phrased">
            A phrased dance keeps its own order; this only tells whether parts begin on phrases.
          </p>
          <p v-if="offNow.length === 0">As written, every wall starts on a phrase.</p>
          <p v-else>
            As written, {{ offNow.length === 1 ? 'wall' : 'walls' }} {{ offNow.join(', ') }} start inside a
            phrase.
          </p>
          <ol v-if="data.plans.length" class="plans">
            <li v-for="plan in data.plans" :key="plan.stepText" class="card">
              <h3>{{ plan.name }}</h3>
              <ul>
                <li v-for="line in plan.lines" :key="line.words">
                  {{ line.words }}<span v-if="line.note" class="quiet after">({{ line.note }})</span>
                </li>
              </ul>
              <p class="quiet">
                {{
                  plan.off.length
                    ? `walls ${plan.off.join(', ')} still start inside a phrase`
                    : 'every wall starts on a phrase'
                }}
              </p>
              <el-button v-if="session.may('PROPOSE')" size="small" :loading="busy" @click="take(plan)">{{
                session.may('CHANGE_DANCES') ? 'Take this one' : 'Propose this one'
              }}</el-button>
            </li>
          </ol>
        </template>
        <p v-else class="quiet">The phrases of this song are not entered.</p>
        <h3>Where a restart is possible</h3>
        <div class="counts">
          <div v-for="[section, own] in sections" :key="section" class="row line">
            <span class="quiet">section {{ section }}</span>
            <button
              v-for="count in own"
              :key="count.after"
              type="button"
              class="count number"
              :class="[count.verdict, { on: chosen?.after === count.after }]"
              :aria-label="`after ${count.after}: ${count.verdict === 'STRAIGHT' ? 'possible' : count.verdict === 'WITH_CHANGE' ? 'with a changed step' : 'not possible'}`"
              @click="chosen = count"
            >
              {{ count.sectionCount }}<small>{{ SIGNS[count.verdict] }}</small>
            </button>
          </div>
        </div>
        <p v-if="chosen" role="status">
          After <b>{{ chosen.after }}</b> counts the weight is on {{ chosen.weight }}, facing
          {{ clock(chosen.facing) }} of its wall.
          <template v-if="chosen.verdict === 'STRAIGHT'">A restart is possible as it stands.</template>
          <template v-else-if="chosen.verdict === 'WITH_CHANGE'"
            >Possible if count {{ chosen.after }} becomes: {{ chosen.change }}.</template
          >
          <template v-else>Not possible: the foot that begins the dance carries the weight.</template>
          <template v-if="chosen.cutFigure"> It leaves the {{ chosen.cutFigure }} half done.</template>
        </p>
        <p class="quiet">
          ✓ as it stands, ~ with one changed step, ✕ not possible. Press a count to see why.
        </p>
      </template>
    </PageState>
  </section>
</template>

<style scoped>
.phrases {
  flex-wrap: nowrap;
  white-space: nowrap;
}
.phrases .el-input {
  width: 250px;
}
.plans {
  list-style: none;
  padding: 0;
  margin: 0;
  display: grid;
  gap: var(--space-3);
  grid-template-columns: repeat(auto-fill, minmax(260px, 1fr));
}
.plans .card {
  display: grid;
  gap: 4px;
  align-content: start;
  justify-items: start;
}
.plans ul {
  margin: 0;
  padding-left: 18px;
}
.counts {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(430px, 1fr));
  gap: 6px var(--space-4);
}
.line {
  gap: 4px;
  flex-wrap: nowrap;
}
.line .quiet {
  width: 74px;
  flex: none;
}
.count {
  min-width: 36px;
  min-height: 36px;
  border: 1px solid var(--line);
  border-radius: var(--radius-small);
  background: var(--surface);
  cursor: pointer;
  font-weight: 700;
  padding: 0 4px;
}
.count small {
  font-weight: 700;
  margin-left: 2px;
}
.STRAIGHT {
  border-color: var(--good);
  color: var(--good);
}
.WITH_CHANGE {
  border-color: var(--notice);
  color: var(--notice-text);
}
.IMPOSSIBLE {
  color: var(--text-soft);
  border-style: dashed;
}
.on {
  outline: 3px solid var(--accent);
}
.wrong {
  color: var(--wrong);
}
@media (max-width: 700px) {
  .counts {
    grid-template-columns: minmax(0, 1fr);
  }
  .count {
    min-width: 30px;
    padding: 0;
  }
  .line .quiet {
    width: 62px;
    font-size: var(--size-1);
  }
}
</style>
