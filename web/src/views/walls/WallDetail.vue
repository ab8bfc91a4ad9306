<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import FootSign from '@/components/foot-sign/FootSign.vue'
import HallSign from '@/components/hall-sign/HallSign.vue'
import { useClock } from '@/composables/sound/useClock'
import { minutesSeconds } from '@/domain/time'
import CallLine from './CallLine.vue'

/** One wall: section by section, figure by figure, with facings and clock times. */
const props = defineProps<{ wall: Schemas['WallLine']; last: number }>()
const emit = defineEmits<{ open: [wall: number | undefined] }>()
const { label } = useClock()
const start = computed(() => props.wall.wall.startFacing)

function onKey(event: KeyboardEvent) {
  if (event.key === 'ArrowLeft' && props.wall.wall.number > 1) emit('open', props.wall.wall.number - 1)
  if (event.key === 'ArrowRight' && props.wall.wall.number < props.last)
    emit('open', props.wall.wall.number + 1)
  if (event.key === 'Escape') emit('open', undefined)
}
</script>

<template>
  <section class="detail" tabindex="-1" :aria-label="`Wall ${wall.wall.number}`" @keydown="onKey">
    <div class="row spread">
      <button class="plain-button" type="button" @click="emit('open', undefined)">‹ all walls</button>
      <div class="row">
        <el-button :disabled="wall.wall.number === 1" @click="emit('open', wall.wall.number - 1)"
          >‹ wall before</el-button
        >
        <el-button :disabled="wall.wall.number === last" @click="emit('open', wall.wall.number + 1)"
          >next wall ›</el-button
        >
      </div>
    </div>
    <div class="row head">
      <HallSign :facing="wall.wall.startFacing" :start :size="72" what="starts facing" />
      <div>
        <h2>
          Wall {{ wall.wall.number }}
          <template v-if="wall.wall.startMillis != null"
            >at <span class="number">{{ minutesSeconds(wall.wall.startMillis / 1000) }}</span></template
          >
        </h2>
        <p>
          starts facing <b>{{ label(wall.wall.startFacing, start) }}</b>, {{ wall.wall.counts }} counts, ends
          facing
          <b>{{ label(wall.wall.endFacing, start) }}</b>
          <template v-if="wall.held < wall.wall.counts">; the music holds {{ wall.held }} of them</template>
        </p>
        <p v-if="wall.late" class="warn">
          It starts {{ wall.late }} counts after a phrase of the song began.
        </p>
      </div>
    </div>
    <CallLine v-for="call in wall.calls" :key="call.words + call.point.count" :call :start />
    <div class="parts">
      <section v-for="(part, i) in wall.parts" :key="i" class="part" :class="{ special: part.event }">
        <header>
          <h3>{{ part.what }}</h3>
          <span class="quiet number"
            >{{ label(part.startFacing, start) }} → {{ label(part.endFacing, start) }}</span
          >
        </header>
        <table>
          <tbody>
            <tr
              v-for="figure in part.figures"
              :key="figure.count + figure.call"
              :class="{ gone: figure.count > wall.held }"
            >
              <td class="number quiet">
                {{ figure.millis == null ? '' : minutesSeconds(figure.millis / 1000) }}
              </td>
              <td class="number counts">{{ figure.counts }}</td>
              <td><FootSign :foot="figure.foot" :weight="figure.takesWeight" :size="18" /></td>
              <td>{{ figure.call }}</td>
              <td class="number to">
                <template v-if="figure.endFacing !== figure.startFacing"
                  >to {{ label(figure.endFacing, start) }}</template
                >
              </td>
            </tr>
          </tbody>
        </table>
      </section>
    </div>
  </section>
</template>

<style scoped>
h3::first-letter {
  text-transform: uppercase;
}
.detail {
  display: grid;
  gap: var(--space-3);
}
.detail:focus {
  outline: none;
}
.head {
  flex-wrap: nowrap;
}
.parts {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(290px, 1fr));
  gap: var(--space-3);
  align-items: start;
}
.part {
  background: var(--surface);
  border: 1px solid var(--line);
  border-radius: var(--radius);
  padding: var(--space-2) var(--space-3);
}
h3::first-letter {
  text-transform: uppercase;
}
.part.special {
  border: 2px solid var(--notice);
}
header {
  display: flex;
  justify-content: space-between;
  gap: var(--space-2);
}
table {
  width: 100%;
  border-collapse: collapse;
}
td {
  padding: 2px 6px 2px 0;
  vertical-align: middle;
}
.counts {
  font-weight: 700;
  white-space: nowrap;
}
.to {
  text-align: right;
  white-space: nowrap;
  font-weight: 600;
}
.gone {
  opacity: 0.45;
  text-decoration: line-through;
}
.warn {
  color: var(--wrong);
}
</style>
