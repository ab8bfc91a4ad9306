<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { api, ask } from '@/api/client'
import PageState from '@/components/page-state/PageState.vue'
import WallSelect from '@/components/wall-select/WallSelect.vue'
import ClockSwitch from '@/components/clock-switch/ClockSwitch.vue'
import { clockOf, provideClock } from '@/composables/useClock'
import { useChoice } from '@/composables/useChoice'
import { useLoad } from '@/composables/useLoad'
import { clock } from '@/domain/facing'
import { CLOCK_VIEWS } from '@/domain/clock-view'
import { LEVEL_WORDS, OPTION_WORDS } from '@/domain/labels'
import { minutesSeconds } from '@/domain/time'
import { turnWords } from '@/domain/turn'
import { sheetLines } from './sheet'

/** A dance as one or two printed pages, in the club's words. */
const route = useRoute()
const id = computed(() => Number(route.params.id))
const { data, problem, loading, load } = useLoad(() =>
  ask(api.GET('/api/dances/{id}', { params: { path: { id: id.value } } })),
)
onMounted(load)
const wording = useChoice<'names' | 'sentences'>('sheet-wording', 'names')
const prose = useLoad(() => ask(api.GET('/api/dances/{id}/prose', { params: { path: { id: id.value } } })))
/** The sheet line by line: its counts, where it has any, and its words. */
const sentences = computed(() =>
  (prose.data.value?.text ?? '')
    .trimEnd()
    .split('\n')
    .map((line) => {
      const counted = /^([\d&][\d&ae -]*?)\s{2,}(.*)$/.exec(line)
      return counted ? { counts: counted[1], words: counted[2] } : { counts: '', words: line }
    }),
)
watch(wording, (now) => (now === 'sentences' ? prose.load() : undefined), { immediate: true })
const reading = computed(() => data.value?.reading)
const print = () => window.print()
const view = provideClock()
const shown = clockOf(view)
const wall = ref(1)
const start = computed(
  () => reading.value?.sequence.find((one) => one.number === wall.value)?.startFacing ?? 0,
)
/** A facing of the wall, which is written as if it began at 12, as it is to be told. */
const label = (facing: number) => shown.label(facing + start.value, start.value)
const says = computed(() => {
  const words = CLOCK_VIEWS.find((one) => one.value === view.value)?.says ?? ''
  return view.value === 'wall' ? words : `Facings of wall ${wall.value}. ${words}`
})
</script>

<template>
  <PageState :loading :problem :ready="!!data" @again="load">
    <div v-if="reading" class="stack">
      <div class="row no-print">
        <RouterLink :to="`/dances/${id}`">‹ back to the dance</RouterLink>
        <el-button type="primary" @click="print">Print</el-button>
        <a :href="`/api/dances/${id}/sheet.pdf`" download>Save as PDF</a>
        <el-radio-group v-model="wording" size="small" aria-label="Wording">
          <el-radio-button label="by name" value="names" />
          <el-radio-button label="in full sentences" value="sentences" />
        </el-radio-group>
        <ClockSwitch v-if="wording === 'names'" v-model="view" small />
        <WallSelect v-if="wording === 'names' && view !== 'wall'" v-model="wall" :walls="reading.sequence" />
      </div>
      <PageState
        v-if="wording === 'sentences'"
        :loading="prose.loading.value"
        :problem="prose.problem.value"
        :ready="!!prose.data.value"
        @again="prose.load"
      >
        <article class="paper sentences">
          <p v-for="(line, i) in sentences" :key="i" :class="{ counted: line.counts }">
            <b v-if="line.counts">{{ line.counts }}</b>
            <span>{{ line.words || '\u00a0' }}</span>
          </p>
        </article>
      </PageState>
      <article v-else class="paper sheet">
        <header>
          <h1>{{ reading.title }}</h1>
          <p>
            <b>{{ reading.counts }} counts</b>,
            {{ reading.phrased ? 'phrased' : `${reading.walls} ${reading.walls === 1 ? 'wall' : 'walls'}` }},
            {{ LEVEL_WORDS[reading.level.stated ?? reading.level.measured] }}
            <template v-if="reading.level.stated && reading.level.stated !== reading.level.measured">
              (measured {{ LEVEL_WORDS[reading.level.measured] }})</template
            >{{ reading.by ? ` · by ${reading.by}` : '' }}
          </p>
          <p v-for="song in reading.songs" :key="song.title">
            “{{ song.title }}”{{ song.artist ? `, ${song.artist}` : ''
            }}{{ song.countsPerMinute ? `, ${song.countsPerMinute} counts a minute` : ''
            }}{{ song.seconds ? `, ${minutesSeconds(song.seconds)}` : '' }}
          </p>
          <p>
            Intro {{ reading.intro }} counts; start with the weight on {{ reading.startWeight }}. {{ says }}
          </p>
        </header>
        <section v-for="section in reading.sections" :key="section.number">
          <h2>
            {{ section.number }}. {{ section.title || `Section ${section.number}` }}
            <small
              >{{ label(section.startFacing) }} to {{ label(section.endFacing) }}, ends on
              {{ section.endWeight }}</small
            >
          </h2>
          <table>
            <tbody>
              <tr v-for="line in sheetLines(section.places, label)" :key="line.counts + line.call">
                <th scope="row">{{ line.counts }}</th>
                <td>
                  {{ line.call }}<template v-if="line.note"> ({{ line.note }})</template>
                </td>
                <td class="facing">{{ line.facing }}</td>
              </tr>
            </tbody>
          </table>
          <div
            v-for="option in reading.options.filter((one) => one.section === section.number)"
            :key="option.name"
            class="option"
          >
            <b>{{ option.name }}</b> ({{ OPTION_WORDS[option.kind] }}):
            {{
              sheetLines(option.places, label)
                .map((line) => `${line.counts} ${line.call}`)
                .join('; ')
            }}
          </div>
        </section>
        <section v-for="extra in reading.extras" :key="extra.name">
          <h2>
            {{ extra.name }}
            <small>{{ extra.counts }} counts{{ extra.turn ? `, turns ${turnWords(extra.turn)}` : '' }}</small>
          </h2>
          <p>
            {{
              sheetLines(extra.places, label)
                .map((line) => `${line.counts} ${line.call}`)
                .join('; ')
            }}
          </p>
        </section>
        <section v-if="reading.phrasing.length">
          <h2>Phrasing</h2>
          <ul>
            <li v-for="line in reading.phrasing" :key="line.words">{{ line.words }}</li>
          </ul>
          <table class="walls">
            <thead>
              <tr>
                <th scope="col">wall</th>
                <th scope="col">starts (room)</th>
                <th scope="col">counts</th>
                <th scope="col">at</th>
                <th scope="col">what</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="row in reading.sequence" :key="row.number">
                <td>{{ row.number }}{{ reading.phrased ? ` ${row.part}` : '' }}</td>
                <td>{{ clock(row.startFacing) }}</td>
                <td>{{ row.counts }}</td>
                <td>{{ row.startMillis == null ? '' : minutesSeconds(row.startMillis / 1000) }}</td>
                <td>
                  {{ row.events.map((event) => `${event.text}, facing ${clock(event.to)}`).join('; ') }}
                </td>
              </tr>
            </tbody>
          </table>
        </section>
        <p v-for="note in reading.notes" :key="note">{{ note }}</p>
      </article>
    </div>
  </PageState>
</template>

<style scoped>
.sentences {
  font-size: 15px;
  line-height: 1.4;
  gap: 2px;
}
.counted {
  display: grid;
  grid-template-columns: 5em minmax(0, 1fr);
}
.sheet {
  font-size: 15px;
  line-height: 1.35;
}
h2 {
  font-size: 17px;
  border-bottom: 2px solid var(--print-ink);
  padding-bottom: 2px;
}
small {
  font: 400 14px var(--type);
}
table {
  border-collapse: collapse;
  width: 100%;
}
th {
  text-align: left;
  font-weight: 700;
  padding: 1px 14px 1px 0;
  white-space: nowrap;
}
th[scope='row'] {
  width: 80px;
}
td {
  padding: 1px 14px 1px 0;
}
.facing {
  text-align: right;
  white-space: nowrap;
}
.option {
  border-left: 3px solid var(--print-ink);
  padding-left: 8px;
  margin-top: 3px;
}
section {
  break-inside: avoid;
}
ul {
  margin: 4px 0;
}
@media print {
  .sheet {
    font-size: 12px;
  }
}
</style>
