<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import ClockSwitch from '@/components/clock-switch/ClockSwitch.vue'
import HallSign from '@/components/hall-sign/HallSign.vue'
import LevelMark from '@/components/level-mark/LevelMark.vue'
import PageState from '@/components/page-state/PageState.vue'
import { provideClock } from '@/composables/sound/useClock'
import { LEVEL_WORDS } from '@/domain/labels'
import { useLoad } from '@/composables/page/useLoad'

/** Two dances of different levels on one floor to one song. */
const props = defineProps<{ song: number; dances: Schemas['DanceForSong'][] }>()
const view = provideClock()
const first = ref<number>()
const second = ref<number>()
watch(
  () => props.dances,
  () => (first.value = first.value ?? props.dances[0]?.dance),
  { immediate: true },
)
const cards = useLoad(() =>
  ask(
    api.GET('/api/songs/{id}/splits', {
      params: { path: { id: props.song }, query: { dance: first.value ?? 0 } },
    }),
  ),
)
watch(
  first,
  async () => {
    second.value = undefined
    if (first.value) await cards.load()
    second.value = cards.data.value?.[0]?.dance
  },
  { immediate: true },
)
const split = useLoad(() =>
  ask(
    api.GET('/api/songs/{id}/splits/{first}/{second}', {
      params: { path: { id: props.song, first: first.value ?? 0, second: second.value ?? 0 } },
    }),
  ),
)
watch(second, () => (second.value ? split.load() : undefined))
const metres = (centimetres: number) => `${(centimetres / 100).toFixed(2)} m`
/** Where the second one stands, and how much more room is left between. */
const stands = (one: { howWords: string; extra: number; nearest: number }) =>
  one.extra > 0
    ? `${one.howWords} with ${metres(one.extra)} more between`
    : `${one.howWords}, never nearer than ${metres(one.nearest)}`
const allCards = ref(false)
const best = computed(() => split.data.value?.standings[0])
</script>

<template>
  <section class="stack">
    <div class="row spread">
      <h2>Two dances on one floor</h2>
      <ClockSwitch v-model="view" small />
    </div>
    <label class="row">
      beside
      <el-select v-model="first" filterable style="width: 260px" aria-label="First dance">
        <el-option
          v-for="one in dances"
          :key="one.dance"
          :value="one.dance"
          :label="`${one.title}, ${LEVEL_WORDS[one.level]}`"
        />
      </el-select>
    </label>
    <PageState
      :loading="cards.loading.value"
      :problem="cards.problem.value"
      :ready="!!cards.data.value"
      @again="cards.load"
    >
      <p v-if="cards.data.value?.length === 0">No dance of another level goes with this song.</p>
      <div v-else class="halves">
        <ul class="list">
          <li v-for="one in allCards ? cards.data.value : cards.data.value?.slice(0, 8)" :key="one.dance">
            <button
              type="button"
              :class="{ on: one.dance === second }"
              :aria-pressed="one.dance === second"
              @click="second = one.dance"
            >
              <b>{{ one.title }}</b>
              <LevelMark :level="one.level" />
              <span class="quiet">{{ stands(one) }}, same way {{ one.same }} %</span>
            </button>
          </li>
          <li v-if="!allCards && (cards.data.value?.length ?? 0) > 8">
            <button class="plain-button" type="button" @click="allCards = true">
              Show all {{ cards.data.value?.length }}
            </button>
          </li>
        </ul>
        <div v-if="split.data.value && best" class="card stack">
          <h3>
            {{ split.data.value.first }} and {{ split.data.value.second }}:
            {{ split.data.value.verdictWords }}
          </h3>
          <p>
            Best {{ stands(best)
            }}<template v-if="best.wall">; nearest on wall {{ best.wall }}, count {{ best.count }}</template
            >. They face the same way on {{ split.data.value.same }} % of the counts.
          </p>
          <p class="quiet">
            {{ split.data.value.standings.slice(1).map(stands).join('; ') }}. From middle to middle,
            neighbours 1.10 m apart in a line and 1.20 m from line to line.
          </p>
          <table>
            <thead>
              <tr>
                <th scope="col">wall</th>
                <th scope="col" colspan="2">{{ split.data.value.first }}</th>
                <th scope="col" colspan="3">{{ split.data.value.second }}</th>
                <th scope="col">nearest</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="wall in split.data.value.walls" :key="wall.wall">
                <td class="number">{{ wall.wall }}</td>
                <td class="sign"><HallSign :facing="wall.facing" :start="wall.facing" :size="24" /></td>
                <td />
                <td class="sign">
                  <HallSign :facing="wall.otherFacing" :start="wall.otherFacing" :size="24" />
                </td>
                <td class="quiet">in wall {{ wall.otherWall }}</td>
                <td class="quiet">{{ wall.facing === wall.otherFacing ? 'same way' : '' }}</td>
                <td class="number">{{ metres(wall.nearest) }}</td>
              </tr>
            </tbody>
          </table>
        </div>
      </div>
    </PageState>
  </section>
</template>

<style scoped>
.halves {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.2fr);
  gap: var(--space-4);
  align-items: start;
}
.list {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 6px;
}
button {
  width: 100%;
  text-align: left;
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 2px var(--space-3);
  border: 1px solid var(--line);
  background: var(--surface);
  border-radius: var(--radius-small);
  padding: 6px var(--space-3);
  cursor: pointer;
}
button .quiet {
  grid-column: 1 / -1;
}
.on {
  border: 2px solid var(--accent);
  background: var(--accent-wash);
}
table {
  border-collapse: collapse;
}
td,
th {
  text-align: left;
  padding: 2px 12px 2px 0;
}
@media (max-width: 400px) {
  td,
  th {
    padding-right: 4px;
    font-size: var(--size-3);
  }
}
@media (max-width: 1000px) {
  .halves {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
