<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import StageMark from '@/components/stage-mark/StageMark.vue'
import { useLoad } from '@/composables/page/useLoad'
import { HAPPENED_WORDS, OUTCOME_WORDS } from '@/domain/labels'
import { day, dueWords } from '@/domain/time'
import { closedIn, marks, monthsOver, weeksUntil } from '@/domain/weeks'
import HappenedMark from './HappenedMark.vue'

/** What the group has danced: weeks across, dances down, each occasion a mark. */
const props = defineProps<{ group: number; today: string; dances: Schemas['DanceStanding'][] }>()
const emit = defineEmits<{ open: [dance: number] }>()
const SHOWN = 26
const register = useLoad(() =>
  ask(api.GET('/api/groups/{id}/register', { params: { path: { id: props.group } } })),
)
const calendar = useLoad(() => ask(api.GET('/api/calendar')))
onMounted(calendar.load)
watch(() => [props.group, props.dances], register.load, { immediate: true })

const weeks = computed(() =>
  weeksUntil(
    props.today,
    props.dances.flatMap((one) => one.entries.map((entry) => entry.date)),
    SHOWN,
  ),
)
const months = computed(() => monthsOver(weeks.value))
const closed = computed(() => closedIn(weeks.value, calendar.data.value?.closed ?? [], props.group))
const heads = computed(() => marks(weeks.value, register.data.value?.came ?? [], (one) => one.day))
const rows = computed(() =>
  props.dances.map((one) => ({ one, cells: marks(weeks.value, one.entries, (entry) => entry.date) })),
)
/** On a small screen the last weeks are in sight first. */
const scroll = ref<HTMLElement>()
watch(weeks, () => scroll.value?.scrollTo({ left: scroll.value.scrollWidth }), {
  immediate: true,
  flush: 'post',
})
const anyHeads = computed(() => heads.value.some((week) => week.length > 0))

function words(entry: Schemas['RecordEntry']): string {
  const note = entry.note ? `: ${entry.note}` : ''
  return `${day(entry.date)}, ${HAPPENED_WORDS[entry.happened]}, ${OUTCOME_WORDS[entry.outcome]}${note}`
}
const back = (one: Schemas['DanceStanding']) =>
  one.due ? dueWords(one.comesBack ?? one.due, props.today) : ''
const KINDS = ['INTRODUCED', 'TAUGHT', 'WALKED', 'DANCED_CALLED', 'DANCED'] as const
const HOW = ['SOLID', 'SHAKY', 'LOST'] as const
</script>

<template>
  <section class="card" aria-label="Weeks and dances">
    <div
      ref="scroll"
      class="scroll"
      tabindex="0"
      role="region"
      aria-label="Weeks and dances, to be scrolled sideways"
    >
      <table>
        <thead>
          <tr>
            <th scope="col" class="name">Dance</th>
            <th v-for="one in months" :key="one.from" scope="colgroup" :colspan="one.weeks" class="month">
              {{ one.weeks > 1 ? one.name : '' }}
            </th>
            <th scope="col">stage</th>
            <th scope="col">still there</th>
            <th scope="col">next</th>
          </tr>
        </thead>
        <tbody>
          <tr v-if="anyHeads" class="heads">
            <th scope="row" class="name quiet">came</th>
            <td v-for="(came, i) in heads" :key="weeks[i]" class="number" :class="{ closed: closed[i] }">
              <small :title="closed[i]">{{ came[0]?.heads ?? '' }}</small>
            </td>
            <td colspan="3"></td>
          </tr>
          <tr v-for="row in rows" :key="row.one.dance" :class="{ due: row.one.isDue }">
            <th scope="row" class="name">
              <button type="button" class="plain-button" @click="emit('open', row.one.dance)">
                {{ row.one.title }}
              </button>
            </th>
            <td
              v-for="(cell, i) in row.cells"
              :key="weeks[i]"
              :class="{ closed: closed[i] }"
              :title="closed[i]"
            >
              <HappenedMark
                v-for="entry in cell"
                :key="entry.id"
                :happened="entry.happened"
                :outcome="entry.outcome"
                :label="words(entry)"
              />
            </td>
            <td><StageMark :stage="row.one.stage" /></td>
            <td class="number share">
              {{ row.one.strength ? `${row.one.strength} %` : '' }}
              <small v-if="row.one.coverage && row.one.coverage.there < row.one.coverage.of" class="quiet"
                >{{ row.one.coverage.there }} of {{ row.one.coverage.of }} saw it</small
              >
            </td>
            <td class="next">{{ back(row.one) }}</td>
          </tr>
        </tbody>
      </table>
    </div>
    <p class="key quiet" aria-hidden="true">
      <span v-for="kind in KINDS" :key="kind"
        ><HappenedMark :happened="kind" outcome="SOLID" label="" /> {{ HAPPENED_WORDS[kind] }}</span
      >
      <span v-for="how in HOW" :key="how"
        ><HappenedMark happened="DANCED_CALLED" :outcome="how" label="" /> {{ OUTCOME_WORDS[how] }}</span
      >
      <span><i class="closed" /> no class</span>
    </p>
  </section>
</template>

<style scoped>
.scroll {
  overflow-x: auto;
}
table {
  border-collapse: collapse;
  width: 100%;
  font-size: var(--size-4);
}
th {
  text-align: left;
  font-weight: 600;
  font-size: var(--size-2);
  color: var(--text-soft);
}
.month {
  border-left: 1px solid var(--line);
  padding-left: 4px;
}
tbody tr {
  border-top: 1px solid var(--line);
}
tbody td {
  height: 30px;
  min-width: 18px;
  padding: 0 1px;
  text-align: center;
  white-space: nowrap;
}
.name {
  position: sticky;
  left: 0;
  background: var(--surface);
  padding-right: var(--space-3);
  white-space: nowrap;
}
.name .plain-button {
  font: 700 var(--size-4) var(--type-head);
  color: var(--text);
  padding: 0;
}
.due .name .plain-button::after {
  content: ' •';
  color: var(--notice-text);
}
.heads small {
  font-size: var(--size-1);
}
.share small {
  display: block;
}
.share,
.next {
  padding: 0 var(--space-2);
  white-space: nowrap;
}
.closed {
  background: repeating-linear-gradient(45deg, var(--line) 0 2px, transparent 2px 7px);
}
.key {
  display: flex;
  flex-wrap: wrap;
  gap: 2px var(--space-4);
  margin-top: var(--space-3);
}
.key span {
  display: inline-flex;
  gap: 5px;
  align-items: center;
}
.key i {
  width: 16px;
  height: 16px;
  border: 1px solid var(--line);
}
</style>
