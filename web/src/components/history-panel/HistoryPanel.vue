<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import LineDifferences from '@/components/line-differences/LineDifferences.vue'
import PageState from '@/components/page-state/PageState.vue'
import { useLoad } from '@/composables/page/useLoad'
import { moment } from '@/domain/time'

/** Who changed a thing, when and how; and the way back to an earlier version. */
type Entry = Schemas['HistoryEntry']
type Thing = 'DANCE' | 'SONG' | 'GROUP' | 'CLASS'
const props = defineProps<{ thing: Thing; id: number; version: number; mayBringBack: boolean }>()
const emit = defineEmits<{ bringBack: [version: number] }>()
const shown = ref(false)
const { data, problem, loading, load } = useLoad(() =>
  ask(api.GET('/api/history/{thing}/{id}', { params: { path: { thing: props.thing, id: props.id } } })),
)
/** Two versions, from the older to the newer one, that are compared. */
const from = ref<number>()
const to = ref<number>()
const versions = computed(() => [
  ...new Map(
    (data.value ?? []).filter((one) => one.toVersion > 0).map((one) => [one.toVersion, one]),
  ).values(),
])
const between = useLoad(() =>
  ask(
    api.GET('/api/history/{thing}/{id}/between', {
      params: {
        path: { thing: props.thing, id: props.id },
        query: { from: from.value ?? 1, to: to.value ?? props.version },
      },
    }),
  ),
)
watch([from, to], () => (from.value && to.value ? between.load() : undefined))
watch([shown, () => props.id, () => props.version], () => (shown.value ? load() : undefined))

const WORDS: Record<Entry['action'], string> = {
  ADDED: 'made it',
  CHANGED: 'changed it',
  ARCHIVED: 'removed it',
  BROUGHT_BACK: 'brought an earlier version back',
  RECORDED: 'wrote it down',
  TAKEN_BACK: 'took the record back',
  IMPORTED: 'imported it',
  SAID: 'noted',
  SIGNED_IN: 'came in',
  REFUSED: 'was refused',
  EXPORTED: 'took a copy',
}
/** A version that one can go back to: another one than that of now, and one that changed something. */
const canGoBack = (entry: Entry) =>
  props.mayBringBack &&
  entry.toVersion !== props.version &&
  !['ARCHIVED', 'RECORDED', 'TAKEN_BACK'].includes(entry.action)
</script>

<template>
  <details class="history no-print" @toggle="shown = ($event.target as HTMLDetailsElement).open">
    <summary>History</summary>
    <PageState :loading :problem :ready="!!data" @again="load">
      <p v-if="data?.length === 0" class="quiet">
        Nothing has been changed since versions are kept (it is version {{ version }}).
      </p>
      <div v-if="versions.length > 1" class="row">
        <label v-for="end in ['from', 'to'] as const" :key="end" class="row"
          >{{ end === 'from' ? 'What changed from' : 'to' }}
          <el-select
            :model-value="end === 'from' ? from : to"
            size="small"
            style="width: 230px"
            :aria-label="end === 'from' ? 'From version' : 'To version'"
            @update:model-value="(now: number) => (end === 'from' ? (from = now) : (to = now))"
          >
            <el-option
              v-for="one in versions"
              :key="one.toVersion"
              :value="one.toVersion"
              :label="`version ${one.toVersion}, ${moment(one.at)}`"
            />
          </el-select>
        </label>
      </div>
      <PageState
        v-if="from && to"
        :loading="between.loading.value"
        :problem="between.problem.value"
        :ready="!!between.data.value"
        @again="between.load"
      >
        <p v-if="!between.data.value?.length">These two are danced alike.</p>
        <LineDifferences v-else :lines="between.data.value" />
      </PageState>
      <ol>
        <li v-for="entry in data" :key="entry.id">
          <p class="row spread">
            <span>
              <b>{{ moment(entry.at) }}</b> {{ entry.by.name }} {{ WORDS[entry.action] }}
              <span class="quiet">version {{ entry.toVersion }}</span>
            </span>
            <el-button v-if="canGoBack(entry)" size="small" @click="emit('bringBack', entry.toVersion)">
              Bring version {{ entry.toVersion }} back
            </el-button>
          </p>
          <LineDifferences v-if="entry.differences.length" :lines="entry.differences" />
        </li>
      </ol>
    </PageState>
  </details>
</template>

<style scoped>
.history {
  border-top: 1px solid var(--line);
  padding-top: var(--space-2);
}
summary {
  font: 700 var(--size-7) var(--type-head);
  cursor: pointer;
}
ol {
  list-style: none;
  margin: var(--space-2) 0 0;
  padding: 0;
}
ol > li {
  border-top: 1px solid var(--line);
  padding: var(--space-2) 0;
}
</style>
