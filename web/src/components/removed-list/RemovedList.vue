<script setup lang="ts">
import { ref, watch } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import PageState from '@/components/page-state/PageState.vue'
import { useDo } from '@/composables/page/useDo'
import { useLoad } from '@/composables/page/useLoad'
import { moment } from '@/domain/time'

/** What was removed of a kind, and the way back. */
const props = defineProps<{ thing: 'DANCE' | 'SONG' | 'GROUP' | 'CLASS' }>()
const emit = defineEmits<{ back: [] }>()
const { run } = useDo()
const shown = ref(false)
const { data, problem, loading, load } = useLoad(() =>
  ask(api.GET('/api/history/{thing}', { params: { path: { thing: props.thing } } })),
)
watch(shown, () => (shown.value ? load() : undefined))

function send(id: number, version: number): Promise<unknown> {
  const params = { path: { id } }
  const body = { to: version, version }
  switch (props.thing) {
    case 'DANCE':
      return ask(api.POST('/api/dances/{id}/bring-back', { params, body }))
    case 'SONG':
      return ask(api.POST('/api/songs/{id}/bring-back', { params, body }))
    case 'GROUP':
      return ask(api.POST('/api/groups/{id}/bring-back', { params, body }))
    case 'CLASS':
      return ask(api.POST('/api/classes/{id}/bring-back', { params, body }))
  }
}
async function bringBack({ id, version, subject }: Schemas['ArchivedThing']) {
  if (await run(() => send(id, version), `${subject} is back.`)) emit('back')
  await load()
}
</script>

<template>
  <details class="removed" @toggle="shown = ($event.target as HTMLDetailsElement).open">
    <summary>Removed</summary>
    <PageState :loading :problem :ready="!!data" @again="load">
      <p v-if="data?.length === 0" class="quiet">Nothing has been removed.</p>
      <ul>
        <li v-for="one in data" :key="one.id" class="row spread">
          <span
            ><b>{{ one.subject }}</b>
            <span class="quiet"> by {{ one.by.name }}, {{ moment(one.at) }}</span></span
          >
          <el-button size="small" @click="bringBack(one)">Bring back</el-button>
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
  border-top: 1px solid var(--line);
  padding: 5px 0;
}
</style>
