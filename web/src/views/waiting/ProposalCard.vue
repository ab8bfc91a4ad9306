<script setup lang="ts">
import { diffIndices } from 'node-diff3'
import { computed, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask, type Schemas } from '@/api/client'
import { useDo } from '@/composables/page/useDo'
import { useLoad } from '@/composables/page/useLoad'
import { useSession } from '@/composables/people/useSession'
import { mergeFields, mergeText, type Merged } from '@/domain/merge'
import { ago } from '@/domain/time'
import { mergeOrders, orderOf, orderWords, type Order } from '@/views/classes/order'

/** A change that somebody proposes: what differs, and one key to take it over. */
const props = defineProps<{ proposal: Schemas['ProposedView'] }>()
const emit = defineEmits<{ changed: [] }>()
const session = useSession()
const router = useRouter()
const { busy, run } = useDo()
const declining = ref(false)
const why = ref('')
const path = computed(() => ({ path: { id: props.proposal.id } }))
const WHERE = { DANCE: 'dances', SONG: 'songs', CLASS: 'classes' } as Record<string, string>
const place = computed(() => `/${WHERE[props.proposal.thing]}/${props.proposal.thingId}`)

const dances = useLoad(() => ask(api.GET('/api/dances')))
onMounted(() => (props.proposal.thing === 'CLASS' ? dances.load() : undefined))
const title = (dance: number) => dances.data.value?.find((one) => one.id === dance)?.title ?? `dance ${dance}`
function lines(text: string): string[] {
  if (props.proposal.thing === 'DANCE') return text.split('\n')
  if (props.proposal.thing === 'CLASS') return orderWords(JSON.parse(text) as Order, title)
  return JSON.stringify(JSON.parse(text), null, 1)
    .split('\n')
    .map((line) => line.trim())
}
/** What is taken out and what is put in, line by line. */
const differences = computed(() => {
  const [was, now] = [lines(props.proposal.base), lines(props.proposal.content)]
  return diffIndices(was, now).map(({ buffer1: [a, gone], buffer2: [b, come] }) => ({
    gone: was.slice(a, a + gone),
    come: now.slice(b, b + come),
  }))
})

/** The proposed change put together with what has been changed since. */
async function together(): Promise<{ version: number; merged: Merged<string> }> {
  const { thing, thingId: id, base, content } = props.proposal
  if (thing === 'DANCE') {
    const now = await ask(api.GET('/api/dances/{id}', { params: { path: { id } } }))
    const text = now.stepText.replace(/\r\n?/g, '\n')
    return { version: now.version, merged: mergeText(base, content, text) }
  }
  if (thing === 'SONG') {
    const now = await ask(api.GET('/api/songs/{id}', { params: { path: { id } } }))
    const { entryOf } = await import('@/views/songs/useSong')
    const both = mergeFields(JSON.parse(base), JSON.parse(content), entryOf(now))
    return {
      version: now.version,
      merged: { value: JSON.stringify({ ...both.value, version: now.version }), conflicts: both.conflicts },
    }
  }
  const now = await ask(api.GET('/api/classes/{id}', { params: { path: { id } } }))
  const both = mergeOrders(JSON.parse(base) as Order, JSON.parse(content) as Order, orderOf(now))
  return {
    version: now.version,
    merged: { value: JSON.stringify({ ...both.value, version: now.version }), conflicts: both.conflicts },
  }
}

async function take() {
  await run(async () => {
    const { version, merged } = await together()
    if (merged.conflicts) {
      throw new Error(
        `${props.proposal.title} was changed in the same place since. Open it, change it by hand, then say that it is done.`,
      )
    }
    const body = { version, content: merged.value }
    await ask(api.POST('/api/proposals/{id}/take', { params: path.value, body }))
    emit('changed')
  }, 'Taken over.')
}

async function done() {
  const body = { version: 0 }
  await run(() => ask(api.POST('/api/proposals/{id}/take', { params: path.value, body })), 'Marked as done.')
  emit('changed')
}

async function decline() {
  const body = { answer: why.value }
  await run(() => ask(api.POST('/api/proposals/{id}/decline', { params: path.value, body })), 'Declined.')
  emit('changed')
}

async function withdraw() {
  await run(() => ask(api.DELETE('/api/proposals/{id}', { params: path.value })), 'Withdrawn.')
  emit('changed')
}
</script>

<template>
  <article class="card stack">
    <div class="row spread">
      <p>
        <RouterLink :to="place" class="title">{{ proposal.title }}</RouterLink>{{ ' ' }}
        <span class="quiet"> {{ proposal.by.name }}, {{ ago(proposal.at, Date.now()) }}</span>
      </p>
      <el-button v-if="session.isMe(proposal.by)" size="small" :loading="busy" @click="withdraw"
        >Withdraw</el-button
      >
    </div>
    <p v-if="proposal.note">“{{ proposal.note }}”</p>
    <div v-for="(one, i) in differences" :key="i" class="difference">
      <del v-for="line in one.gone" :key="line">{{ line || '\u00a0' }}</del>
      <ins v-for="line in one.come" :key="line">{{ line || '\u00a0' }}</ins>
    </div>
    <div v-if="proposal.decides" class="row">
      <el-button type="primary" :loading="busy" @click="take">Take it over</el-button>
      <el-button @click="router.push(place)">Open it</el-button>
      <el-button text @click="done">Done by hand</el-button>
      <el-button text @click="declining = !declining">Decline…</el-button>
    </div>
    <form v-if="declining" class="row" @submit.prevent="decline">
      <el-input
        v-model="why"
        maxlength="300"
        placeholder="why"
        aria-label="Why not"
        style="width: min(420px, 70vw)"
      />
      <el-button native-type="submit" :loading="busy">Decline</el-button>
    </form>
  </article>
</template>

<style scoped>
.title {
  font: 700 var(--size-7) var(--type-head);
  color: inherit;
}
.difference {
  font: 400 var(--size-3)/1.5 var(--type-mono);
  display: grid;
  border-left: 3px solid var(--line);
  padding-left: var(--space-2);
  white-space: pre-wrap;
}
del::before {
  content: '− ';
}
ins::before {
  content: '+ ';
}
del {
  color: var(--wrong);
  text-decoration: line-through;
}
ins {
  text-decoration: none;
  background: var(--accent-wash);
}
</style>
