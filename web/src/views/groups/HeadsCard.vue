<script setup lang="ts">
import { watch } from 'vue'
import { api, ask } from '@/api/client'
import PageState from '@/components/page-state/PageState.vue'
import { useLoad } from '@/composables/page/useLoad'
import HeadsBars from './HeadsBars.vue'

/** How many came, for whoever does not see who. */
const props = defineProps<{ group: number }>()
const { data, problem, loading, load } = useLoad(() =>
  ask(api.GET('/api/groups/{id}/heads', { params: { path: { id: props.group } } })),
)
watch(() => props.group, load, { immediate: true })
</script>

<template>
  <section class="card stack" aria-label="How many came">
    <h2>How many came</h2>
    <PageState :loading="loading && !data" :problem :ready="!!data" @again="load">
      <HeadsBars :came="data ?? []" />
      <p v-if="!data?.length" class="quiet">Nobody was counted yet.</p>
    </PageState>
  </section>
</template>
