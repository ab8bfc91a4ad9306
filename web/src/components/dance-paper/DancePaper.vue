<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import { useClock } from '@/composables/sound/useClock'
import { clock } from '@/domain/facing'
import { CLOCK_VIEWS } from '@/domain/clock-view'
import { LEVEL_WORDS, OPTION_WORDS } from '@/domain/labels'
import { minutesSeconds } from '@/domain/time'
import { turnWords } from '@/domain/turn'
import { sheetLines } from './sheet'

/** A dance as one or two printed pages, by the names of its figures. */
const props = withDefaults(defineProps<{ reading: Schemas['Reading']; wall?: number }>(), { wall: 1 })
const shown = useClock()
const start = computed(
  () => props.reading.sequence.find((one) => one.number === props.wall)?.startFacing ?? 0,
)
/** A facing of the wall, which is written as if it began at 12, as it is to be told. */
const label = (facing: number) => shown.label(facing + start.value, start.value)
const says = computed(() => {
  const words = CLOCK_VIEWS.find((one) => one.value === shown.view.value)?.says ?? ''
  return shown.view.value === 'wall' ? words : `Facings of wall ${props.wall}. ${words}`
})
</script>

<template>
  <article class="paper sheet">
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
      <p>Intro {{ reading.intro }} counts; start with the weight on {{ reading.startWeight }}. {{ says }}</p>
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
</template>

<style scoped>
.sentences {
  font-size: var(--size-4);
  line-height: 1.4;
  gap: 2px;
}
.counted {
  display: grid;
  grid-template-columns: 5em minmax(0, 1fr);
}
.sheet {
  font-size: var(--size-4);
  line-height: 1.35;
}
h2 {
  font-size: var(--size-6);
  border-bottom: 2px solid var(--print-ink);
  padding-bottom: 2px;
}
small {
  font: 400 var(--size-3) var(--type);
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
    font-size: var(--size-1);
  }
}
</style>
