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
import { useChoice } from '@/composables/page/useChoice'
import { provideClock } from '@/composables/sound/useClock'
import { useLoad } from '@/composables/page/useLoad'
import { day, hourMinute, later } from '@/domain/time'
import { calledOf, PAUSE_WORDS, timeAt } from '@/views/socials/order'
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
const socials = useLoad(() => ask(api.GET('/api/socials')))
const { sheet, social, music, dances, problem, loading, load, loadSocial } = usePapers()
/** Kept as words with spaces between, for the next evening. */
const kept = useChoice<string>('print-room', 'plan teach calls')
const chosen = computed({
  get: () => kept.value.split(' ').filter(Boolean) as PaperKind[],
  set: (now: PaperKind[]) => (kept.value = now.join(' ')),
})
const on = (kind: PaperKind) => chosen.value.includes(kind)
/** A class or a social, by the address of its papers. */
interface Evening {
  query: { class?: number; social?: number }
  label: string
}
const evenings = computed<Evening[]>(() => [
  ...(agenda.data.value?.coming ?? []).flatMap((one) =>
    one.planned
      ? [{ query: { class: one.planned.id }, label: `${one.groupName}, ${day(one.nextDate)}` }]
      : [],
  ),
  ...(socials.data.value ?? []).map((one) => ({
    query: { social: one.id },
    label: `${one.name}, ${day(one.date)}`,
  })),
])
const classId = computed(() => Number(route.query.class) || undefined)
const socialId = computed(() => Number(route.query.social) || undefined)
const chosenEvening = computed(() => {
  const at = evenings.value.findIndex(
    ({ query }) => query.class === classId.value && query.social === socialId.value,
  )
  return at < 0 ? undefined : at
})
const any = computed(() => classId.value ?? socialId.value)
onMounted(async () => {
  await Promise.all([agenda.load(), socials.load()])
  if (!any.value && evenings.value.length) choose(0)
})
function again() {
  if (classId.value) void load(classId.value)
  else if (socialId.value) void loadSocial(socialId.value)
}
watch([classId, socialId], again, { immediate: true })
const choose = (at: number) => void router.replace({ query: evenings.value[at]?.query ?? {} })

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
          <el-button type="primary" :disabled="loading || !(sheet || social) || !chosen.length" @click="print"
            >Print</el-button
          >
        </template>
      </PageHead>
      <div class="card row">
        <el-select
          :model-value="chosenEvening"
          placeholder="Which evening"
          aria-label="Which evening"
          style="width: 280px"
          @update:model-value="choose"
        >
          <el-option v-for="(one, at) in evenings" :key="one.label" :value="at" :label="one.label" />
        </el-select>
        <el-checkbox-group v-model="chosen" aria-label="What to print">
          <el-checkbox v-for="one in KINDS" :key="one.value" :value="one.value" :label="one.label" />
        </el-checkbox-group>
        <ClockSwitch v-model="view" small />
      </div>
      <p v-if="loading" role="status">Getting the papers: {{ dances.length }} dances so far…</p>
      <p v-if="agenda.data.value && socials.data.value && !evenings.length && !any" class="card">
        No class is planned. <RouterLink to="/classes">Plan one</RouterLink>, and its papers are here.
      </p>
    </div>
    <PageState
      :loading="loading && !sheet && !social"
      :problem
      :ready="!!sheet || !!social || !any"
      @again="again"
    >
      <div v-if="sheet || social" class="papers">
        <LinePaper
          v-if="social && (on('plan') || on('songs'))"
          :title="`${social.name}: set list`"
          :sub="`${day(social.date)}, ${hourMinute(social.startsAt)}, ${social.minutes} minutes`"
        >
          <li v-for="(line, at) in social.order.lines" :key="at">
            <span class="number">{{ timeAt(social.startsAt, line.start) }}</span>
            <b>{{ line.pause ? PAUSE_WORDS[line.pause] : calledOf(line) }}</b>
            <span>{{ [line.song, line.artist].filter(Boolean).join(', ') }}</span>
          </li>
        </LinePaper>
        <PlanPaper
          v-if="sheet && on('plan')"
          :title="sheet.groupName"
          :sub
          :starts-at="sheet.startsAt"
          :lines="sheet.lines"
        />
        <LinePaper v-if="sheet && on('songs') && music" :title="`${sheet.groupName}: songs`" :sub>
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
            v-if="sheet && on('teach') && one.teach"
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
@media (max-width: 700px) {
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
