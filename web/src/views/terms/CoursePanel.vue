<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import { useLoad } from '@/composables/page/useLoad'
import { HAPPENED_WORDS } from '@/domain/labels'
import { day } from '@/domain/time'
import type { Bar } from './lanes'

/** A dance in the term of a group: why it is there, when it is on, where else it could be, what instead. */
const props = defineProps<{
  term: number
  sheet: Schemas['TermSheet']
  bar: Bar
  may: boolean
  busy: boolean
}>()
const emit = defineEmits<{
  move: [date: string | undefined]
  stays: [stays: boolean]
  swap: [dance: number, date: string]
  close: []
}>()
const open = computed(() =>
  (props.sheet.groups.find((one) => one.id === props.bar.group)?.classes ?? []).filter(
    (cell) => !cell.held && !cell.closed,
  ),
)
const at = computed(() => open.value.findIndex((cell) => cell.date === props.bar.start))
const shown = ref(false)
const others = useLoad(() =>
  ask(
    api.GET('/api/terms/{id}/instead', {
      params: { path: { id: props.term }, query: { group: props.bar.group, dance: props.bar.dance } },
    }),
  ),
)
watch(
  () => [props.bar.dance, props.bar.group, props.bar.start],
  () => (shown.value = false),
)
watch(shown, (now) => (now ? others.load() : undefined))
const plus = (points: number) => (points > 0 ? `+${points}` : String(points))
</script>

<template>
  <section class="card stack" :aria-label="bar.title">
    <div class="row spread">
      <h2>
        <RouterLink :to="`/dances/${bar.dance}`">{{ bar.title }}</RouterLink>
      </h2>
      <button class="plain-button" type="button" aria-label="Close" @click="emit('close')">✕</button>
    </div>
    <p class="quiet">
      {{ sheet.groups.find((one) => one.id === bar.group)?.name
      }}<template v-if="bar.known && bar.kind !== 'RETURN'">, known on {{ day(bar.known) }}</template>
    </p>
    <ul class="rows">
      <li v-for="knot in bar.knots" :key="knot.date" class="pair">
        <span>{{ day(knot.date) }}: {{ HAPPENED_WORDS[knot.happened] }}</span>
        <span class="quiet">{{ knot.minutes }} min</span>
      </li>
    </ul>
    <div v-if="bar.reasons.length">
      <h3>Why</h3>
      <ul class="rows">
        <li v-for="(reason, i) in bar.reasons" :key="i" class="pair">
          <span>{{ reason.text }}</span>
          <span class="number" :class="{ wrong: reason.points < 0 }">{{ plus(reason.points) }}</span>
        </li>
      </ul>
    </div>
    <div v-if="may" class="row">
      <el-button size="small" :disabled="at <= 0 || busy" @click="emit('move', open[at - 1].date)"
        >A class earlier</el-button
      >
      <el-button
        size="small"
        :disabled="at < 0 || at >= open.length - 1 || busy"
        @click="emit('move', open[at + 1].date)"
        >A class later</el-button
      >
      <el-button
        size="small"
        :type="bar.stays ? 'primary' : 'default'"
        :aria-pressed="bar.stays"
        :disabled="busy"
        @click="emit('stays', !bar.stays)"
        >{{ bar.stays ? 'Stays here' : 'Let it stay' }}</el-button
      >
      <el-button v-if="bar.kind !== 'GO_ON'" size="small" :disabled="busy" @click="emit('move', undefined)"
        >Take it out</el-button
      >
    </div>
    <template v-if="bar.kind === 'NEW'">
      <el-button size="small" @click="shown = !shown">What instead?</el-button>
      <p v-if="shown && others.loading.value" role="status">Looking at all there is…</p>
      <ul v-else-if="shown" class="rows">
        <li v-for="one in others.data.value" :key="`${one.dance} ${one.start}`" class="pair">
          <span
            ><b>{{ one.dance === bar.dance ? 'the same' : one.title }}</b
            >, {{ day(one.start) }} <span v-if="!one.sound" class="wrong">breaks a rule</span></span
          >
          <span>
            <span class="number">{{ plus(one.points) }}</span>
            <el-button
              v-if="may && one.sound"
              size="small"
              class="after"
              :disabled="busy"
              @click="emit('swap', one.dance, one.start)"
              >Take it</el-button
            >
          </span>
        </li>
      </ul>
    </template>
  </section>
</template>

<style scoped>
h2 a {
  color: inherit;
}
.rows {
  font-size: var(--size-3);
}
.pair {
  display: grid;
  grid-template-columns: minmax(0, 1fr) max-content;
  gap: var(--space-2);
  align-items: center;
}
.wrong {
  color: var(--wrong);
}
</style>
