<script setup lang="ts">
import { reactive, ref } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import { useDo } from '@/composables/page/useDo'
import { useLoad } from '@/composables/page/useLoad'
import { useSession } from '@/composables/people/useSession'
import { ago } from '@/domain/time'

/** What leaders tell and ask one another about a group; answered where it was asked. */
type Person = Schemas['ClubPerson']
const props = defineProps<{ id: number; notes: Schemas['BriefNoteView'][]; lastLeader?: Person }>()
const emit = defineEmits<{ changed: [] }>()
const session = useSession()
const { busy, run } = useDo()
const text = ref('')
const asked = ref<Person>()
const answers = reactive<Record<number, string>>({})
const leaders = useLoad(() => ask(api.GET('/api/people/leaders')))

async function add() {
  const body = { text: text.value, asked: asked.value }
  const path = { id: props.id }
  const words = asked.value ? `${asked.value.name} will see the question.` : 'Noted.'
  if (!(await run(() => ask(api.POST('/api/classes/{id}/brief/notes', { params: { path }, body })), words)))
    return
  text.value = ''
  asked.value = undefined
  emit('changed')
}

async function answer(note: number) {
  const path = { id: props.id, note }
  const body = { text: answers[note] ?? '' }
  const say = () => ask(api.PUT('/api/classes/{id}/brief/notes/{note}', { params: { path }, body }))
  if (await run(say, 'Answered.')) emit('changed')
}

async function remove(note: number) {
  const path = { id: props.id, note }
  await run(() => ask(api.DELETE('/api/classes/{id}/brief/notes/{note}', { params: { path } })))
  emit('changed')
}

function askSomebody() {
  void leaders.load()
  if (!asked.value && props.lastLeader && !session.isMe(props.lastLeader)) asked.value = props.lastLeader
}
</script>

<template>
  <section class="card stack" aria-label="Notes and questions">
    <h2>Notes and questions</h2>
    <ul v-if="notes.length">
      <li v-for="note in notes" :key="note.id" :class="{ open: note.mayAnswer }">
        <div class="row spread">
          <p>
            <b>{{ note.by.name }}</b><template v-if="note.asked"> asks {{ note.asked.name }}</template
            >: {{ note.text }} <span class="quiet">{{ ago(note.at, Date.now()) }}</span>
          </p>
          <button
            v-if="note.mine"
            type="button"
            class="plain-button no-print"
            :aria-label="`Remove “${note.text}”`"
            @click="remove(note.id)"
          >
            ×
          </button>
        </div>
        <p v-if="note.answer" class="answer">
          <b>{{ note.answeredBy?.name }}:</b> {{ note.answer }}
        </p>
        <p v-else-if="note.asked && !note.mayAnswer" class="quiet">not answered yet</p>
        <form v-else-if="note.mayAnswer" class="row no-print" @submit.prevent="answer(note.id)">
          <el-input
            v-model="answers[note.id]"
            maxlength="500"
            placeholder="your answer"
            :aria-label="`Answer “${note.text}”`"
            class="grow"
          />
          <el-button native-type="submit" :loading="busy" :disabled="!answers[note.id]?.trim()"
            >Answer</el-button
          >
        </form>
      </li>
    </ul>
    <form class="row no-print" @submit.prevent="add">
      <el-input
        v-model="text"
        maxlength="500"
        class="grow"
        :placeholder="asked ? `a question to ${asked.name}` : 'a note for whoever leads next'"
        aria-label="A note or a question"
      />
      <el-select
        v-model="asked"
        value-key="id"
        clearable
        placeholder="to everybody"
        aria-label="Whom it asks"
        style="width: 190px"
        @visible-change="askSomebody"
      >
        <el-option
          v-for="one in (leaders.data.value ?? []).filter((person) => !session.isMe(person))"
          :key="one.id"
          :value="one"
          :label="`ask ${one.name}`"
        />
      </el-select>
      <el-button type="primary" native-type="submit" :loading="busy" :disabled="!text.trim()">
        {{ asked ? 'Ask' : 'Note it' }}
      </el-button>
    </form>
  </section>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: var(--space-2);
}
li {
  border-left: 4px solid var(--line);
  padding-left: var(--space-3);
}
.open {
  border-left-color: var(--notice);
}
.answer {
  padding-left: var(--space-4);
}
.grow {
  flex: 1 1 220px;
}
</style>
