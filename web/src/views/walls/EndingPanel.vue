<script setup lang="ts">
import { watch } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import PageState from '@/components/page-state/PageState.vue'
import { useLoad } from '@/composables/page/useLoad'
import { useSession } from '@/composables/people/useSession'
import { useTakeOver } from './useTakeOver'

/** Finishes that face 12 on the last beat, each danced through before it is offered. */
const props = defineProps<{ walls: Schemas['Walls']; query: { song?: string; optional: boolean } }>()
const emit = defineEmits<{ taken: [] }>()
const session = useSession()
const { busy, takeOver } = useTakeOver(
  () => props.walls,
  () => emit('taken'),
)
const { data, problem, loading, load } = useLoad(() =>
  ask(
    api.GET('/api/dances/{id}/endings', { params: { path: { id: props.walls.dance }, query: props.query } }),
  ),
)
watch(() => [props.walls.dance, props.walls.version, props.query], load, { immediate: true })

function take(ending: Schemas['EndingView']) {
  return takeOver(
    ending.stepText,
    'Write this ending into the dance?',
    `Wall ${ending.wall} then ends after ${ending.after} counts with: ${ending.lines.join('; ')}.`,
    'The ending is in the dance.',
  )
}
</script>

<template>
  <section class="stack">
    <h2>Ending</h2>
    <PageState :loading :problem :ready="!!data" @again="load">
      <template v-if="data">
        <p>{{ data.said.text }}</p>
        <ol class="endings">
          <li v-for="ending in data.endings" :key="ending.lines.join()" class="card">
            <h3>{{ ending.name }}</h3>
            <p class="quiet">
              wall {{ ending.wall }}, after {{ ending.after }} counts, {{ ending.counts }}
              {{ ending.counts === 1 ? 'count' : 'counts' }}
            </p>
            <pre>{{ ending.lines.join('\n') }}</pre>
            <p class="quiet why">{{ ending.why.text }}</p>
            <el-button v-if="session.may('PROPOSE')" size="small" :loading="busy" @click="take(ending)">{{
              session.may('CHANGE_DANCES') ? 'Take this one' : 'Propose this one'
            }}</el-button>
          </li>
        </ol>
      </template>
    </PageState>
  </section>
</template>

<style scoped>
.endings {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(236px, 1fr));
  gap: var(--space-3);
}
.card {
  display: grid;
  gap: 4px;
  align-content: start;
  justify-items: start;
}
pre {
  font: 500 var(--size-3)/1.4 var(--type-mono);
  margin: 0;
  white-space: pre-wrap;
}
.why {
  line-height: 1.35;
}
</style>
