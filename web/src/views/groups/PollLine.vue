<script setup lang="ts">
import { onMounted } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import { confirmed } from '@/composables/page/confirm'
import { useDo } from '@/composables/page/useDo'
import { useLoad } from '@/composables/page/useLoad'
import { useSession } from '@/composables/people/useSession'
import { moment } from '@/domain/time'

/** The polls of a group that are open: what was ticked how often, until they are counted. */
const props = defineProps<{ group: number }>()
const emit = defineEmits<{ counted: [] }>()
const session = useSession()
const { busy, run } = useDo()
const path = () => ({ id: props.group })
const polls = useLoad(() => ask(api.GET('/api/groups/{id}/polls', { params: { path: path() } })))
onMounted(polls.load)
const most = (poll: Schemas['PollView']) => Math.max(1, ...poll.ticked.map((one) => one.votes))

async function count(poll: Schemas['PollView']) {
  const words = 'The poll is closed, and what was ticked goes onto this list with how many want it.'
  if (!(await confirmed('Count the poll', words, 'Count it', 'Not yet'))) return
  const at = { ...path(), poll: poll.id }
  const done = await run(() => ask(api.POST('/api/groups/{id}/polls/{poll}/count', { params: { path: at } })))
  if (!done) return
  await polls.load()
  emit('counted')
}
</script>

<template>
  <section v-for="poll in polls.data.value ?? []" :key="poll.id" class="poll" aria-label="Poll">
    <div class="row spread">
      <b>Poll: {{ poll.devices }} {{ poll.devices === 1 ? 'has' : 'have' }} voted</b>
      <el-button
        v-if="session.may('PLAN')"
        size="small"
        :disabled="busy || !poll.devices"
        @click="count(poll)"
        >Count it</el-button
      >
    </div>
    <p class="quiet">open until {{ moment(poll.goodUntil) }}</p>
    <ul>
      <li v-for="one in poll.ticked" :key="one.dance">
        <span>{{ one.title }}</span>
        <span class="bar" :style="{ width: `${(100 * one.votes) / most(poll)}%` }" aria-hidden="true" />
        <span class="number">{{ one.votes }}</span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.poll {
  background: var(--inset);
  border-radius: var(--radius-small);
  padding: var(--space-2) var(--space-3);
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 90px 24px;
  gap: 10px;
  align-items: center;
}
.bar {
  height: 10px;
  border-radius: 5px;
  background: var(--accent);
}
.number {
  text-align: right;
}
</style>
