<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, ask, type Schemas } from '@/api/client'
import PageHead from '@/components/page-head/PageHead.vue'
import PageState from '@/components/page-state/PageState.vue'
import WhoIsHere from '@/components/who-is-here/WhoIsHere.vue'
import { useDo } from '@/composables/page/useDo'
import { keptAs, useEvening } from '@/composables/evening/useEvening'
import { own } from '@/composables/device/own'
import { useKept } from '@/composables/device/useKept'
import { useLoad } from '@/composables/page/useLoad'
import { useOutbox } from '@/composables/device/useOutbox'
import { useSession } from '@/composables/people/useSession'
import { useChanges } from '@/composables/together/useLive'
import { sayDone } from '@/composables/page/say'
import { filledIn, keptOf, toSend, unsaid, type Log } from '@/domain/log'
import { same } from '@/domain/merge'
import { day, hourMinute } from '@/domain/time'
import LogCame from './LogCame.vue'
import LogLineCard from './LogLineCard.vue'

/** Afterwards, with one thumb: how the class was. It comes filled in, and is kept on the device until it is sent. */
const route = useRoute()
const router = useRouter()
const id = computed(() => Number(route.params.id))
const { busy, run } = useDo()
const session = useSession()
const outbox = useOutbox()
const all = useKept(
  () => keptAs('log-begin', id.value),
  async () => {
    const path = { id: id.value }
    const sheet = await ask(api.GET('/api/classes/{id}', { params: { path } }))
    const [expected, register] = await Promise.all([
      sheet.canRecord ? ask(api.GET('/api/classes/{id}/expected', { params: { path } })) : [],
      ask(api.GET('/api/groups/{id}/register', { params: { path: { id: sheet.group } } })),
    ])
    return { sheet, expected, register }
  },
  // Names of dancers lie on a device only in a log that somebody writes.
  (found) => ({ ...found, register: { ...found.register, dancers: [] } }),
)
const { data, problem, loading, load, old } = all
const leaders = useLoad(() => ask(api.GET('/api/people/leaders')))
/** Without a network nobody's names are here but who leads, and who writes. */
const mayHaveLed = computed(() => {
  const known = leaders.data.value ?? [data.value?.sheet.leader, session.me]
  return [...new Map(known.flatMap((one) => (one ? [[one.id, one] as const] : []))).values()]
})
const evening = useEvening(id)
const draft = useLocalStorage<Log | null>(() => keptAs('log', id.value), null, {
  serializer: { read: (text) => JSON.parse(text) as Log | null, write: (log) => JSON.stringify(log) },
})
const log = ref<Log>()
/** How it was when it had just been filled in: that is no log of somebody's yet. */
const begun = ref<Log>()
const waits = computed(() => outbox.of(id.value))
const whose = own('outbox')

/** Fills the log in, and puts back what was written before. */
async function begin() {
  await load()
  if (!data.value?.sheet.canRecord) return
  const fresh = filledIn(data.value.sheet, data.value.expected, evening.value, Date.now())
  begun.value = JSON.parse(JSON.stringify(fresh)) as Log
  log.value = draft.value ? keptOf(draft.value, fresh) : fresh
}

// Somebody else may write it down at the same time.
useChanges(
  ['CLASS'],
  () => id.value,
  () => !busy.value && void load(),
)
watch(id, () => Promise.all([begin(), leaders.load()]), { immediate: true })
watch(log, (now) => (draft.value = now && !same(now, begun.value) ? now : null), { deep: true })

const missing = computed(() => log.value && unsaid(log.value))
const some = computed(() => log.value?.lines.some((line) => line.danced) ?? false)

function came(): Schemas['CameForm'] | undefined {
  const register = data.value?.register
  if (!log.value || !register) return undefined
  const version = register.came.find((one) => one.day === data.value?.sheet.date)?.version ?? 0
  if (register.kind === 'NAMES' && log.value.there) return { there: log.value.there, version }
  if (register.kind === 'HEADS' && log.value.heads !== undefined) return { heads: log.value.heads, version }
  return undefined
}

async function send() {
  const [now, sheet] = [log.value, data.value?.sheet]
  if (!now || !sheet) return
  const key = waits.value?.body.key ?? crypto.randomUUID()
  const words = `${sheet.groupName}, ${day(sheet.date)}`
  const body = toSend(now, sheet.version, key, came())
  await run(() => outbox.send({ id: id.value, words, body }))
  if (!waits.value) await sent()
}

async function sent() {
  sayDone('Written down; your colleagues see it.')
  await router.push(`/classes/${id.value}`)
}

// What waited is sent by itself: then there is nothing left to do here.
watch(waits, (now, before) => {
  // Where somebody signs out it is not gone, but theirs.
  if (before && !now && !busy.value && own('outbox') === whose) void sent()
})

/** The class may be another one by now: what was written stays with the lines that are still there. */
async function again() {
  outbox.forget(id.value)
  await begin()
}
</script>

<template>
  <div class="stack log">
    <PageState :loading :problem :ready="!!data" @again="load">
      <template v-if="data">
        <PageHead
          :title="`How was it, ${data.sheet.groupName}?`"
          back="the class"
          :back-to="`/classes/${id}`"
        >
          <template #above
            ><p class="when">{{ day(data.sheet.date) }}, {{ hourMinute(data.sheet.startsAt) }}</p></template
          >
          <WhoIsHere :place="{ spot: 'LOG', id, group: 0 }" />
        </PageHead>
        <p v-if="old" class="card">
          The server does not answer. Write it down all the same: it is kept on this device and sent once.
        </p>
        <div v-if="waits" class="card waits" role="status">
          <template v-if="waits.refused">
            <p><b>Not taken:</b> {{ waits.refused }}</p>
            <p class="quiet">What you wrote is still here. Look at it again, then send it.</p>
            <el-button @click="again">Look at the class as it is now</el-button>
          </template>
          <p v-else><b>Kept on this device.</b> It is sent by itself once the network is back.</p>
        </div>
        <p v-if="data.sheet.recorded" class="card">
          This class is written down already, by {{ data.sheet.recordedBy?.name }}. Take the record back on
          <RouterLink :to="`/classes/${id}`">its page</RouterLink> to correct it.
        </p>
        <p v-else-if="!session.mayInClass('LOG', data.sheet.leader)" class="card">
          {{ data.sheet.leader?.name ?? 'Nobody yet' }} leads this class, and writes it down. If it was you,
          take it over on <RouterLink :to="`/classes/${id}`">its page</RouterLink> first.
        </p>
        <p v-else-if="!data.sheet.canRecord" class="card">
          The log can be written on the day of the class and afterwards; it comes filled in as planned.
        </p>
        <template v-else-if="log">
          <el-button
            v-if="some && !missing"
            class="huge"
            type="primary"
            size="large"
            :loading="busy"
            @click="send"
            >It went as it stands here</el-button
          >
          <LogCame v-model="log" :register="data.register" />
          <LogLineCard v-for="(line, i) in log.lines" :key="line.line" v-model="log.lines[i]" />
          <p v-if="log.lines.length === 0" class="card">No dance was planned in this class.</p>
          <section class="card stack">
            <el-input
              v-model="log.note"
              type="textarea"
              :rows="2"
              maxlength="2000"
              placeholder="A word for whoever takes the next class"
              aria-label="A word for whoever takes the next class"
            />
            <label class="row">
              led by
              <el-select
                v-model="log.ledBy"
                value-key="id"
                clearable
                placeholder="me"
                aria-label="Who led"
                style="width: 220px"
              >
                <el-option v-for="one in mayHaveLed" :key="one.id" :value="one" :label="one.name" />
              </el-select>
            </label>
          </section>
          <p v-if="missing" role="status">Choose which sections of {{ missing.title }} were taught.</p>
          <el-button
            class="huge"
            type="primary"
            size="large"
            :loading="busy"
            :disabled="!!missing"
            @click="send"
          >
            {{ some ? 'Write it down' : 'Write down that nothing was danced' }}
          </el-button>
        </template>
      </template>
    </PageState>
  </div>
</template>

<style scoped>
.log {
  max-width: 720px;
  margin-inline: auto;
}
.when {
  font: 700 var(--size-6) var(--type-head);
  color: var(--accent);
}
.waits {
  border-left: 6px solid var(--notice);
}
.huge {
  width: 100%;
  min-height: 60px;
  font-size: var(--size-7);
}
</style>
