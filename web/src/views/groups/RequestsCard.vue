<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { api, ask } from '@/api/client'
import { useDo } from '@/composables/page/useDo'
import { useLoad } from '@/composables/page/useLoad'
import { useSession } from '@/composables/people/useSession'
import { day } from '@/domain/time'
import PollLine from './PollLine.vue'

/** What the group has asked for: who, when, and what has been answered since. */
const props = defineProps<{ group: number }>()
const session = useSession()
const { busy, run } = useDo()
const list = useLoad(() =>
  ask(api.GET('/api/groups/{id}/requests', { params: { path: { id: props.group } } })),
)
const dances = useLoad(() => ask(api.GET('/api/dances')))
const asking = ref(false)
const dance = ref<number>()
const askedBy = ref('')
const note = ref('')
const open = computed(() => (list.data.value ?? []).filter((one) => !one.answeredOn))
const answered = computed(() => (list.data.value ?? []).filter((one) => one.answeredOn))

onMounted(dances.load)
watch(() => props.group, list.load, { immediate: true })

async function add() {
  if (dance.value === undefined) return
  const body = { dance: dance.value, askedBy: askedBy.value, note: note.value }
  const path = { id: props.group }
  if (!(await run(() => ask(api.POST('/api/groups/{id}/requests', { params: { path }, body }))))) return
  asking.value = false
  dance.value = undefined
  askedBy.value = ''
  note.value = ''
  await list.load()
}
async function drop(request: number) {
  const path = { id: props.group, request }
  await run(() => ask(api.DELETE('/api/groups/{id}/requests/{request}', { params: { path } })))
  await list.load()
}
</script>

<template>
  <section class="card stack" aria-label="Asked for">
    <div class="row spread">
      <h2>Asked for</h2>
      <el-button v-if="session.may('LOG')" size="small" @click="asking = !asking">Add</el-button>
    </div>
    <PollLine :key="group" :group @counted="list.load" />
    <form v-if="asking" class="ask" @submit.prevent="add">
      <el-select v-model="dance" filterable placeholder="Dance" aria-label="Dance asked for">
        <el-option v-for="one in dances.data.value" :key="one.id" :label="one.title" :value="one.id" />
      </el-select>
      <el-input v-model="askedBy" maxlength="60" placeholder="who asked" aria-label="Who asked" />
      <el-input v-model="note" maxlength="200" placeholder="a note" aria-label="Note" />
      <el-button
        type="primary"
        native-type="submit"
        :loading="busy"
        :disabled="dance === undefined || !askedBy.trim()"
        >Put on the list</el-button
      >
    </form>
    <ul class="list">
      <li v-for="one in open" :key="one.id">
        <RouterLink :to="`/dances/${one.dance}`">{{ one.title }}</RouterLink>
        <span class="quiet"
          >{{ one.people > 1 ? `${one.people} people, ` : '' }}{{ one.askedBy }}, {{ day(one.askedOn)
          }}<template v-if="one.note">. {{ one.note }}</template></span
        >
        <button
          v-if="session.may('LOG')"
          class="plain-button"
          type="button"
          :aria-label="`Drop ${one.title}, asked for by ${one.askedBy}`"
          @click="drop(one.id)"
        >
          Drop
        </button>
      </li>
    </ul>
    <p v-if="list.data.value && open.length === 0" class="quiet">
      Nothing is open. What is asked for weighs in when a class is planned, and is ticked off when it is
      danced.
    </p>
    <details v-if="answered.length">
      <summary>{{ answered.length }} answered</summary>
      <ul class="list">
        <li v-for="one in answered" :key="one.id">
          <span>✓ {{ one.title }}</span>
          <span class="quiet">{{ one.askedBy }}, danced {{ day(one.answeredOn ?? '') }}</span>
        </li>
      </ul>
    </details>
  </section>
</template>

<style scoped>
.ask {
  display: grid;
  gap: var(--space-2);
}
.list {
  list-style: none;
  margin: 0;
  padding: 0;
}
.list li {
  display: flex;
  flex-wrap: wrap;
  gap: 2px var(--space-2);
  align-items: baseline;
  padding: 4px 0;
  border-top: 1px solid var(--line);
}
.list .quiet {
  flex: 1;
  font-size: var(--size-3);
}
</style>
