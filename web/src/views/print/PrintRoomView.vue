<script setup lang="ts">
import { computed, onMounted, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, ask } from '@/api/client'
import CallPaper from '@/components/call-paper/CallPaper.vue'
import ClockSwitch from '@/components/clock-switch/ClockSwitch.vue'
import DancePaper from '@/components/dance-paper/DancePaper.vue'
import LinePaper from '@/components/evening-paper/LinePaper.vue'
import PlanPaper from '@/components/evening-paper/PlanPaper.vue'
import PocketCard from '@/components/evening-paper/PocketCard.vue'
import TeachPaper from '@/components/evening-paper/TeachPaper.vue'
import PageHead from '@/components/page-head/PageHead.vue'
import PageState from '@/components/page-state/PageState.vue'
import { useChoice } from '@/composables/useChoice'
import { provideClock } from '@/composables/useClock'
import { useLoad } from '@/composables/useLoad'
import { day, hourMinute, later } from '@/domain/time'
import { usePapers, type PaperKind } from './usePapers'

/** Everything on paper for an evening: chosen here, printed at once, each on a page of its own. */
const KINDS: { value: PaperKind; label: string }[] = [
  { value: 'plan', label: 'running order' },
  { value: 'songs', label: 'songs' },
  { value: 'teach', label: 'teaches' },
  { value: 'calls', label: 'call sheets' },
  { value: 'sheet', label: 'sheets for dancers' },
  { value: 'card', label: 'pocket cards' },
]
const CARDS_A_PAGE = 4
const route = useRoute()
const router = useRouter()
const view = provideClock()
const agenda = useLoad(() => ask(api.GET('/api/classes')))
const { sheet, music, dances, problem, loading, load } = usePapers()
/** Kept as words with spaces between, for the next evening. */
const kept = useChoice<string>('print-room', 'plan teach calls')
const chosen = computed({
  get: () => kept.value.split(' ').filter(Boolean) as PaperKind[],
  set: (now: PaperKind[]) => (kept.value = now.join(' ')),
})
const on = (kind: PaperKind) => chosen.value.includes(kind)
const evenings = computed(() =>
  (agenda.data.value?.coming ?? []).flatMap((one) =>
    one.planned ? [{ id: one.planned.id, label: `${one.groupName}, ${day(one.nextDate)}` }] : [],
  ),
)
const id = computed(() => Number(route.query.class) || undefined)
onMounted(async () => {
  await agenda.load()
  const first = evenings.value[0]
  if (!id.value && first) choose(first.id)
})
watch(id, (now) => now && void load(now), { immediate: true })
const choose = (of: number) => void router.replace({ query: { class: of } })

const sub = computed(() =>
  sheet.value
    ? `${day(sheet.value.date)}, ${hourMinute(sheet.value.startsAt)}, ${sheet.value.minutes} minutes, ${sheet.value.place}`
    : '',
)
const cards = computed(() =>
  Array.from({ length: Math.ceil(dances.value.length / CARDS_A_PAGE) }, (_, i) =>
    dances.value.slice(i * CARDS_A_PAGE, (i + 1) * CARDS_A_PAGE),
  ),
)
const print = () => window.print()
</script>

<template>
  <div class="stack room">
    <div class="no-print stack">
      <PageHead title="Print room">
        <template #actions>
          <el-button type="primary" :disabled="loading || !sheet || !chosen.length" @click="print"
            >Print</el-button
          >
        </template>
      </PageHead>
      <div class="card row">
        <el-select
          :model-value="id"
          placeholder="Which evening"
          aria-label="Which evening"
          style="width: 280px"
          @update:model-value="choose"
        >
          <el-option v-for="one in evenings" :key="one.id" :value="one.id" :label="one.label" />
        </el-select>
        <el-checkbox-group v-model="chosen" aria-label="What to print">
          <el-checkbox v-for="one in KINDS" :key="one.value" :value="one.value" :label="one.label" />
        </el-checkbox-group>
        <ClockSwitch v-model="view" small />
      </div>
      <p v-if="loading" role="status">Getting the papers: {{ dances.length }} dances so far…</p>
      <p v-if="agenda.data.value && !evenings.length && !id" class="card">
        No class is planned. <RouterLink to="/classes">Plan one</RouterLink>, and its papers are here.
      </p>
    </div>
    <PageState :loading="loading && !sheet" :problem :ready="!!sheet || !id" @again="id && load(id)">
      <div v-if="sheet" class="papers">
        <PlanPaper
          v-if="on('plan')"
          :title="sheet.groupName"
          :sub
          :starts-at="sheet.startsAt"
          :lines="sheet.lines"
        />
        <LinePaper v-if="on('songs') && music" :title="`${sheet.groupName}: songs`" :sub>
          <li v-for="one in music.lines" :key="one.line">
            <span class="number">{{ later(sheet.startsAt, one.start) }}</span>
            <span
              ><b>{{ one.title ?? 'no song' }}</b
              >{{ one.artist ? `, ${one.artist}` : '' }}</span
            >
            <span>{{ one.danceTitle }}</span>
          </li>
        </LinePaper>
        <template v-for="one in dances" :key="one.walls.dance">
          <TeachPaper
            v-if="on('teach') && one.teach"
            :title="`${one.reading.title}: teach`"
            :sub="`${sheet.groupName}, ${one.teach.minutes} minutes`"
            :drills="one.teach.drills"
          />
          <CallPaper v-if="on('calls')" :data="one.walls" />
          <DancePaper v-if="on('sheet')" :reading="one.reading" />
        </template>
        <template v-if="on('card')">
          <div v-for="(page, i) in cards" :key="i" class="cards">
            <PocketCard v-for="one in page" :key="one.walls.dance" :reading="one.reading" />
          </div>
        </template>
        <p v-if="!chosen.length" class="no-print">Choose above what goes on paper.</p>
      </div>
    </PageState>
  </div>
</template>

<style scoped>
.papers {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: var(--space-5);
}
.cards {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 10px;
  max-width: 800px;
}
@media (max-width: 600px) {
  .cards {
    grid-template-columns: minmax(0, 1fr);
  }
}
/* A grid is not parted over pages as a browser likes: in Firefox it leaves blank ones. */
@media print {
  .room,
  .papers {
    display: block;
  }
  .papers > * {
    break-after: page;
  }
  .papers > :last-child {
    break-after: auto;
  }
  .cards {
    grid-template-columns: repeat(2, minmax(0, 1fr));
    grid-auto-rows: 128mm;
  }
}
</style>
