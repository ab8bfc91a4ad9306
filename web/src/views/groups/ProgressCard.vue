<script setup lang="ts">
import { computed, watch } from 'vue'
import { api, ask } from '@/api/client'
import { useLoad } from '@/composables/page/useLoad'
import ProgressChart from './ProgressChart.vue'

/** What the group has learned over the weeks, drawn. */
const props = defineProps<{ group: number }>()
const { data, load } = useLoad(() =>
  ask(api.GET('/api/groups/{id}/progress', { params: { path: { id: props.group } } })),
)
watch(() => props.group, load, { immediate: true })
const LEAST = 3
const enough = computed(() => (data.value?.length ?? 0) >= LEAST)
const last = computed(() => data.value?.[data.value.length - 1])
const first = computed(() => data.value?.[0])
</script>

<template>
  <section v-if="data && enough && first && last" class="card stack" aria-label="Over the weeks">
    <h2>
      Over {{ data.length }} weeks
      <span class="quiet"
        >{{ last.known }} known, {{ last.figures }} figures met, {{ last.figures - first.figures }} of them
        since the first week</span
      >
    </h2>
    <ProgressChart :weeks="data" />
  </section>
</template>
