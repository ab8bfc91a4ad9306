<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { api, ask, type Schemas } from '@/api/client'
import PageHead from '@/components/page-head/PageHead.vue'
import PageState from '@/components/page-state/PageState.vue'
import { useChanges } from '@/composables/together/useLive'
import { useDo } from '@/composables/page/useDo'
import { useLoad } from '@/composables/page/useLoad'
import { useSession } from '@/composables/people/useSession'
import { day } from '@/domain/time'
import ClassPanel from './ClassPanel.vue'
import CoursePanel from './CoursePanel.vue'
import type { Bar } from './lanes'
import PlanPanel from './PlanPanel.vue'
import TermGrid, { type Chosen } from './TermGrid.vue'
import { useTerm } from './useTerm'

/** A term: what each group gets until it ends, why, and what a change costs. */
const route = useRoute()
const id = computed(() => Number(route.params.id))
const term = useTerm(() => id.value)
const { data: sheet, problem, loading, load, job, names } = term
const session = useSession()
const may = computed(() => session.may('PLAN'))
const { busy, run } = useDo()
const dances = useLoad(() => ask(api.GET('/api/dances')))
const chosen = ref<Chosen>()
/** So many dances that fell behind are shown at once; more of them would hide the term. */
const FEW = 2
/** A move that is asked about, with what it comes to. */
const asked = ref<{
  bar: { group: number; dance: number; title: string }
  date?: string
  cost: Schemas['Cost']
}>()
watch(id, () => Promise.all([load(), term.look()]), { immediate: true })
onMounted(dances.load)
useChanges(
  ['TERM', 'CLASS', 'EVIDENCE', 'CALENDAR', 'REQUEST'],
  () => undefined,
  () => void load(),
)

const bar = computed(() =>
  sheet.value?.courses.find((one) => one.group === chosen.value?.group && one.dance === chosen.value.dance),
)
const group = computed(() => sheet.value?.groups.find((one) => one.id === chosen.value?.group))
const cell = computed(() => group.value?.classes.find((one) => one.date === chosen.value?.date))
const unmet = useLoad(() => ask(api.GET('/api/terms/{id}/unmet', { params: { path: { id: id.value } } })))
const groupName = (of: number) => sheet.value?.groups.find((one) => one.id === of)?.name ?? ''

/** Asks what a move would come to, before it is done. */
async function price(of: { group: number; dance: number; title: string }, date: string | undefined) {
  await run(async () => (asked.value = { bar: of, date, cost: await term.cost(of, date) }))
}
async function doIt() {
  const now = asked.value
  if (!now) return
  const done = await run(() => term.start(now.bar, now.date, true))
  if (!done) return
  asked.value = undefined
  chosen.value = now.date ? { group: now.bar.group, dance: now.bar.dance } : undefined
}
/** What stays where it is though a rule does not hold there. */
const barsOf = (clash: Schemas['Clash']) =>
  (sheet.value?.courses ?? []).filter(
    (one) => one.group === clash.group && clash.anchored.includes(one.dance),
  )
const stays = (of: Schemas['CourseBar'], to: boolean) => run(() => term.start(of, of.start, to))
async function swap(of: Bar, dance: number, date: string) {
  const insteadOf = dance === of.dance ? undefined : of.dance
  if (!(await run(() => term.start({ group: of.group, dance }, date, true, insteadOf)))) return
  chosen.value = { group: of.group, dance }
}
function add(dance: number) {
  const at = chosen.value
  if (!at?.date) return
  const title = dances.data.value?.find((one) => one.id === dance)?.title ?? ''
  void price({ group: at.group, dance, title }, at.date)
}
const print = () => window.print()
</script>

<template>
  <div class="stack">
    <PageState :loading="loading && !sheet" :problem :ready="!!sheet" @again="load">
      <template v-if="sheet">
        <PageHead :title="sheet.name" back="Terms" back-to="/terms">
          <p class="quiet">
            {{ day(sheet.from) }} to {{ day(sheet.to)
            }}<template v-if="sheet.social">, social on {{ day(sheet.social) }}</template
            >; {{ sheet.points }} points
          </p>
          <template #actions>
            <RouterLink :to="`/terms/${id}/report`"><el-button tag="span">Look back</el-button></RouterLink>
            <RouterLink :to="`/terms/${id}/poster`"><el-button tag="span">Poster</el-button></RouterLink>
            <el-button class="no-print" @click="print">Print</el-button>
            <el-button v-if="may && !job?.running" type="primary" :loading="busy" @click="run(term.plan)">{{
              sheet.courses.some((one) => one.kind === 'NEW') ? 'Plan again' : 'Plan the term'
            }}</el-button>
          </template>
        </PageHead>
        <PlanPanel
          v-if="job"
          class="no-print"
          :job
          :busy
          @stop="run(term.stop)"
          @take="(changes) => run(() => term.takeOver(changes), 'Taken.')"
          @leave="job = undefined"
        />
        <section v-if="sheet.broken.length" class="broken" aria-label="What does not hold">
          <h2>What does not hold</h2>
          <ul class="rows">
            <li v-for="(one, i) in sheet.broken" :key="i" class="row">
              <span>{{ one.text }}</span>
              <template v-if="may">
                <el-button
                  v-for="held in barsOf(one)"
                  :key="held.dance"
                  size="small"
                  :disabled="busy"
                  @click="stays(held, false)"
                  >Let {{ held.title }} move</el-button
                >
              </template>
            </li>
          </ul>
        </section>
        <details
          v-if="sheet.slips.length"
          class="card slips"
          :open="sheet.slips.length <= FEW || undefined"
          aria-label="Later than settled"
        >
          <summary>
            {{ sheet.slips.length === 1 ? 'One dance' : `${sheet.slips.length} dances` }} later than settled
          </summary>
          <ul class="rows">
            <li v-for="one in sheet.slips" :key="`${one.group} ${one.dance}`" class="row spread">
              <span>{{ one.text }}</span>
              <el-button
                size="small"
                class="no-print"
                @click="chosen = { group: one.group, dance: one.dance }"
                >Show</el-button
              >
            </li>
          </ul>
          <div v-if="may" class="row no-print">
            <el-button size="small" :disabled="busy" @click="run(term.settle, 'Settled as it is now.')"
              >Take it as it is</el-button
            >
            <span class="quiet">Or plan again: what has happened stays, and as little as can be moves.</span>
          </div>
        </details>
        <section v-if="asked" class="card row spread asked" role="status">
          <span>
            <b>{{ asked.bar.title }}</b>, {{ groupName(asked.bar.group) }}:
            {{ asked.date ? `from ${day(asked.date)}` : 'out of the term' }}.
            {{
              asked.cost.points === 0
                ? 'Worth as much.'
                : asked.cost.points > 0
                  ? `${asked.cost.points} points more.`
                  : `Costs ${-asked.cost.points} points.`
            }}
            <span v-for="words in asked.cost.breaks" :key="words" class="wrong">{{ words }} </span>
          </span>
          <span class="row">
            <el-button type="primary" :loading="busy" @click="doIt">{{
              asked.date ? 'Do it' : 'Take it out'
            }}</el-button>
            <el-button @click="asked = undefined">Leave it</el-button>
          </span>
        </section>
        <div class="sides" :class="{ open: bar || cell }">
          <TermGrid
            :sheet
            :names
            :may
            :chosen
            @choose="chosen = $event"
            @drop="(of, date) => price(of, date)"
          />
          <aside v-if="bar || cell" class="no-print">
            <CoursePanel
              v-if="bar"
              :term="id"
              :sheet
              :bar
              :may
              :busy
              @move="price(bar, $event)"
              @stays="stays(bar, $event)"
              @swap="(dance, date) => swap(bar!, dance, date)"
              @close="chosen = undefined"
            />
            <ClassPanel
              v-else-if="cell && group"
              :sheet
              :group
              :cell
              :dances="dances.data.value ?? []"
              :may
              :busy
              @lead="(leader) => run(() => term.lead(group!.id, cell!.date, leader))"
              @add="add"
              @close="chosen = undefined"
            />
          </aside>
        </div>
        <details class="no-print">
          <summary>What it is worth</summary>
          <ul class="rows worth">
            <li v-for="one in sheet.rules" :key="one.rule" class="row spread">
              <span>{{ one.rule }}</span>
              <span class="number" :class="{ wrong: one.points < 0 }">{{ one.points }}</span>
            </li>
          </ul>
        </details>
        <details class="no-print" @toggle="($event.target as HTMLDetailsElement).open && unmet.load()">
          <summary>Wishes that are not met</summary>
          <p v-if="unmet.loading.value" role="status">Looking for a place for each…</p>
          <p v-else-if="unmet.data.value?.length === 0">All that was asked for is in the term.</p>
          <ul class="rows">
            <li v-for="one in unmet.data.value" :key="`${one.group} ${one.dance}`">
              <b>{{ one.title }}</b>, {{ groupName(one.group) }}
              <span class="quiet">asked for by {{ one.asked }}</span>
              <span v-for="words in one.gives" :key="words" class="gives">{{ words }}</span>
            </li>
          </ul>
        </details>
      </template>
    </PageState>
  </div>
</template>

<style scoped>
.sides.open {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 330px;
  gap: var(--space-4);
  align-items: start;
}
aside {
  position: sticky;
  top: var(--space-3);
}
.asked {
  border-color: var(--notice);
  background: var(--notice-wash);
}
.slips {
  border-color: var(--notice);
  background: var(--notice-wash);
  padding: var(--space-2) var(--space-3);
}
.broken {
  border-left: 5px solid var(--wrong);
  background: var(--wrong-wash);
  padding: var(--space-2) var(--space-3);
}
.wrong {
  color: var(--wrong);
}
.gives {
  display: block;
  font-size: var(--size-3);
}
summary {
  font: 700 var(--size-7) var(--type-head);
  cursor: pointer;
}
.worth {
  max-width: 460px;
}
@media (max-width: 1000px) {
  .sides.open {
    grid-template-columns: minmax(0, 1fr);
  }
  aside {
    position: static;
    grid-row: 1;
  }
}
</style>
