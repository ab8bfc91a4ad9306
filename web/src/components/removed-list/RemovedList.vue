<script setup lang="ts">
import { ref, watch } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import PageState from '@/components/page-state/PageState.vue'
import { useLoad } from '@/composables/useLoad'
import { moment } from '@/domain/time'

/** What was removed of a kind, and the way back. */
const props = defineProps<{ thing: 'DANCE' | 'SONG' | 'GROUP' }>()
defineEmits<{ bringBack: [removed: Schemas['ArchivedThing']] }>()
const shown = ref(false)
const { data, problem, loading, load } = useLoad(() =>
  ask(api.GET('/api/history/{thing}', { params: { path: { thing: props.thing } } })),
)
watch(shown, () => (shown.value ? load() : undefined))
defineExpose({ load })
</script>

<template>
  <details class="removed" @toggle="shown = ($event.target as HTMLDetailsElement).open">
    <summary>Removed</summary>
    <PageState :loading :problem :ready="!!data" @again="load">
      <p v-if="data?.length === 0" class="quiet">Nothing has been removed.</p>
      <ul>
        <li v-for="one in data" :key="one.id" class="row spread">
          <span
            ><b>{{ one.subject }}</b> <span class="quiet"> by {{ one.by }}, {{ moment(one.at) }}</span></span
          >
          <el-button size="small" @click="$emit('bringBack', one)">Bring back</el-button>
        </li>
      </ul>
    </PageState>
  </details>
</template>

<style scoped>
summary {
  cursor: pointer;
  font-weight: 600;
}
ul {
  list-style: none;
  margin: var(--space-2) 0 0;
  padding: 0;
  max-width: 720px;
}
li {
  border-top: 1px solid var(--rule);
  padding: 5px 0;
}
</style>
