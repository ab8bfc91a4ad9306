<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '@/api/client'
import { HAPPENED_WORDS, OUTCOME_WORDS } from '@/domain/labels'
import { day } from '@/domain/time'

/** A class of the term: what is on, who leads, and room for one more dance. */
const props = defineProps<{
  sheet: Schemas['TermSheet']
  group: Schemas['GroupColumn']
  cell: Schemas['ClassCell']
  dances: Schemas['DanceName'][]
  may: boolean
  busy: boolean
}>()
const emit = defineEmits<{ lead: [leader: number | undefined]; add: [dance: number]; close: [] }>()
const wanted = ref<number>()
const on = computed(() =>
  props.sheet.courses
    .filter((bar) => bar.group === props.group.id)
    .flatMap((bar) =>
      bar.knots
        .filter((knot) => knot.date === props.cell.date)
        .map((knot) => ({ ...knot, title: bar.title, dance: bar.dance })),
    ),
)
const isIn = (dance: number) =>
  props.sheet.courses.some((bar) => bar.group === props.group.id && bar.dance === dance)
</script>

<template>
  <section class="card stack" :aria-label="`Class on ${day(cell.date)}`">
    <div class="row spread">
      <h2>{{ day(cell.date) }}</h2>
      <button class="plain-button" type="button" aria-label="Close" @click="emit('close')">✕</button>
    </div>
    <p class="quiet">
      {{ group.name
      }}<template v-if="!cell.held">: {{ cell.minutes }} of {{ cell.room }} minutes for dances</template>
    </p>
    <ul class="rows">
      <li v-for="(line, i) in cell.happened" :key="i" class="pair">
        <span>{{ line.title }}, {{ HAPPENED_WORDS[line.happened] }}</span>
        <span class="quiet">{{ OUTCOME_WORDS[line.outcome] }}</span>
      </li>
      <li v-for="one in on" :key="one.dance" class="pair">
        <span>{{ one.title }}, {{ HAPPENED_WORDS[one.happened] }}</span>
        <span class="quiet">{{ one.minutes }} min</span>
      </li>
    </ul>
    <template v-if="may && !cell.held">
      <label class="row"
        >Led by
        <el-select
          :model-value="cell.leader"
          clearable
          placeholder="nobody yet"
          size="small"
          aria-label="Led by"
          style="width: 190px"
          @change="(to: number | undefined) => emit('lead', to || undefined)"
        >
          <el-option v-for="one in sheet.leaders" :key="one.id" :value="one.id" :label="one.name" />
        </el-select>
      </label>
      <form class="row" @submit.prevent="wanted && emit('add', wanted)">
        <el-select
          v-model="wanted"
          filterable
          placeholder="A dance begins here"
          size="small"
          aria-label="A dance begins here"
          style="width: 190px"
        >
          <el-option
            v-for="one in dances.filter((it) => it.sound && !isIn(it.id))"
            :key="one.id"
            :value="one.id"
            :label="one.title"
          />
        </el-select>
        <el-button size="small" native-type="submit" :disabled="!wanted" :loading="busy">Add</el-button>
      </form>
    </template>
  </section>
</template>

<style scoped>
.rows {
  font-size: var(--size-3);
}
.pair {
  display: grid;
  grid-template-columns: minmax(0, 1fr) max-content;
  gap: var(--space-2);
  align-items: center;
}
</style>
