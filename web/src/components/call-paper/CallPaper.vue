<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import HallSign from '@/components/hall-sign/HallSign.vue'
import { useClock } from '@/composables/sound/useClock'
import { CLOCK_VIEWS } from '@/domain/clock-view'
import { callOn, warnOn } from '@/domain/calls'
import { minutesSeconds } from '@/domain/time'

/** One black and white page to call from: every wall, what to call, when: a warning eight counts ahead, the call four. */
const props = defineProps<{ data: Schemas['Walls'] }>()
const { label, view } = useClock()
const says = computed(() => CLOCK_VIEWS.find((one) => one.value === view.value)?.says)
const at = (millis: number | undefined) => (millis == null ? '' : minutesSeconds(millis / 1000))
const walls = computed(() => props.data.walls.filter((wall) => wall.held > 0 || wall.wall.startCount === 0))
const fit = computed(() => props.data.fit)
const lastStart = computed(
  () => props.data.walls.find((wall) => wall.wall.number === fit.value.endWall)?.wall.startFacing ?? 0,
)
const anyCalls = computed(() => walls.value.some((wall) => wall.calls.length > 0))
</script>

<template>
  <article class="paper sheet" :class="walls.length > 14 ? 'many' : 'few'">
    <header>
      <h1>{{ data.title }}: call sheet</h1>
      <p v-if="data.music">
        “{{ data.music.song.title }}”{{ data.music.song.artist ? `, ${data.music.song.artist}` : ''
        }}{{ data.music.song.countsPerMinute ? `, ${data.music.song.countsPerMinute} counts a minute` : ''
        }}{{ data.music.song.seconds ? `, ${minutesSeconds(data.music.song.seconds)}` : ''
        }}{{ data.optional ? '; with the optional ones' : '' }}
      </p>
      <p>
        <b>{{ data.counts }} counts</b>. {{ fit.introCounts ? `Intro ${fit.introCounts} counts` : 'No intro'
        }}{{ fit.introMillis ? `: the first step at ${at(fit.introMillis)}` : '' }}, on the
        {{ data.startFoot === 'L' ? 'left' : 'right' }} foot. {{ says }}
      </p>
    </header>
    <table>
      <thead>
        <tr>
          <th scope="col">wall</th>
          <th scope="col">at</th>
          <th scope="col" colspan="2">starts</th>
          <th scope="col">counts</th>
          <th scope="col">warn eight counts ahead, call four</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="wall in walls" :key="wall.wall.number" :class="{ special: wall.calls.length > 0 }">
          <th scope="row">
            {{ wall.wall.number }}<small v-if="data.phrased"> {{ wall.wall.part }}</small>
          </th>
          <td class="number">{{ at(wall.wall.startMillis) }}</td>
          <td class="hall">
            <HallSign :facing="wall.wall.startFacing" :start="wall.wall.startFacing" :size="26" />
          </td>
          <td class="number facing">{{ label(wall.wall.startFacing, wall.wall.startFacing) }}</td>
          <td class="number counts">
            {{ wall.wall.counts }}{{ wall.wall.tagCounts ? ` + ${wall.wall.tagCounts}` : '' }}
          </td>
          <td>
            <p v-for="call in wall.calls" :key="call.words + call.point.count">
              <b>“{{ call.shout }}”</b> on {{ callOn(call)
              }}{{ call.callMillis == null ? '' : `, at ${at(call.callMillis)}` }}; warn on
              {{ warnOn(call) }}.
              <template v-if="call.steps.length"
                >{{
                  call.event?.kind === 'RESTART'
                    ? `Changed in section ${call.point.section}`
                    : 'Facing ' + label(call.facing, wall.wall.startFacing)
                }}: {{ call.steps.join(', ') }}.</template
              >
              {{ call.then.text }}.
            </p>
          </td>
        </tr>
        <tr v-if="fit.endWall != null" class="stop">
          <th scope="row">end</th>
          <td class="number">{{ at(walls[walls.length - 1]?.endMillis) }}</td>
          <td class="hall"><HallSign :facing="fit.endFacing ?? 0" :start="lastStart" :size="26" /></td>
          <td class="number facing">{{ label(fit.endFacing ?? 0, lastStart) }}</td>
          <td />
          <td>
            The music stops on count {{ fit.endCount }} of wall {{ fit.endWall
            }}{{ fit.endFacing === 0 ? ', at the front.' : '.' }}
          </td>
        </tr>
      </tbody>
    </table>
    <p v-if="!anyCalls">Every wall is danced alike: nothing to call but the figures.</p>
    <p v-if="fit.idle > 0">The dance is over {{ fit.idle }} counts before the music.</p>
  </article>
</template>

<style scoped>
.sheet {
  --text: var(--print-ink);
  --text-soft: var(--print-ink);
  --inset: var(--print-ground);
  --accent: var(--print-ink);
}
h1 {
  font-size: var(--size-10);
}
table {
  border-collapse: collapse;
  width: 100%;
}
thead th {
  padding-right: 10px;
  font-size: var(--size-2);
  text-align: left;
  font-weight: 600;
  border-bottom: 2px solid var(--print-ink);
}
td,
tbody th {
  padding: 3px 10px 3px 0;
  border-bottom: 1px solid #b9b3ab;
  vertical-align: middle;
  text-align: left;
}
tbody th {
  font: 700 var(--size-7)/1.1 var(--type-head);
  white-space: nowrap;
  padding-left: 6px;
}
small {
  font-size: var(--size-3);
}
.hall {
  width: 34px;
}
.facing {
  font-weight: 700;
}
.counts {
  white-space: nowrap;
}
.few {
  font-size: var(--size-6);
}
.few td,
.few tbody th {
  padding-block: 7px;
}
.special td,
.special th {
  border-bottom: 2px solid var(--print-ink);
  border-top: 2px solid var(--print-ink);
}
.special th {
  box-shadow: inset 5px 0 var(--print-ink);
  padding-left: 12px;
}
.special p + p {
  margin-top: 4px;
}
.special b {
  font: 700 var(--size-7) var(--type-head);
}
.stop td,
.stop th {
  border-bottom: 0;
}
@media print {
  .sheet {
    gap: 8px;
  }
  .many {
    font-size: var(--size-1);
    line-height: 1.25;
  }
  .many td,
  .many tbody th {
    padding-block: 1px;
  }
  .many tbody th {
    font-size: var(--size-4);
  }
  .many .special b {
    font-size: var(--size-3);
  }
  .many h1 {
    font-size: var(--size-9);
  }
  .many :deep(svg) {
    width: 20px;
    height: 20px;
  }
  tr {
    break-inside: avoid;
  }
}
@media (max-width: 400px) {
  td,
  tbody th {
    padding-right: 4px;
  }
  tbody th {
    font-size: var(--size-5);
    white-space: normal;
  }
  .counts {
    white-space: normal;
  }
}
</style>
