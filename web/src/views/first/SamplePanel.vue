<script setup lang="ts">
import { computed, onMounted } from 'vue'
import { useIntervalFn } from '@vueuse/core'
import { api, ask } from '@/api/client'
import { confirmed } from '@/composables/page/confirm'
import { useDo } from '@/composables/page/useDo'
import { useLoad } from '@/composables/page/useLoad'

/** An invented club to look around in, beside one's own; it is removed again. */
const LOOK_AGAIN_MS = 1000
const { data: sample, problem, load } = useLoad(() => ask(api.GET('/api/sample')))
const { busy, run } = useDo()
const waits = useIntervalFn(
  async () => {
    await load()
    if (sample.value?.state !== 'OPENING') waits.pause()
  },
  LOOK_AGAIN_MS,
  { immediate: false },
)

async function look() {
  await load()
  if (sample.value?.state === 'OPENING') waits.resume()
}
onMounted(look)

async function open() {
  await run(() => ask(api.POST('/api/sample')))
  await look()
}

async function remove() {
  const sure = await confirmed(
    'Remove the sample club?',
    'What was written in it is gone; your own club is not touched. You can open a new one at any time.',
    'Remove it',
    'Keep it',
  )
  if (!sure) return
  await run(() => ask(api.DELETE('/api/sample')), 'The sample club is removed.')
  await load()
}

const address = computed(() => `${location.protocol}//${location.hostname}:${sample.value?.port}/sign-in`)
/** What stands behind the # is not sent anywhere; the door of the sample fills its fields from it. */
const door = (name: string) =>
  `${address.value}#${new URLSearchParams({ as: name, word: sample.value?.password ?? '' })}`
</script>

<template>
  <section class="card stack" aria-label="A sample club">
    <h2>A sample club, to look around first</h2>
    <p>
      Two dozen dances, half a year of classes, a term in progress and a social to come, all invented. It
      opens beside your club; nothing in it reaches yours, and you remove it when you have seen enough.
    </p>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    <p v-else-if="sample?.whyNot" class="quiet">{{ sample.whyNot }}</p>
    <div v-else-if="sample" role="status" class="stack">
      <p v-if="sample.state === 'FAILED'" class="problem">
        It did not start; the server's log says why. Your own club is not touched.
      </p>
      <p v-if="sample.state === 'OPENING'">It is being set up; that takes some seconds.</p>
      <template v-if="sample.state === 'OPEN'">
        <p>It is open. Go in as one of its people, in a tab of its own:</p>
        <ul class="rows">
          <li v-for="one in sample.people" :key="one.name">
            <a :href="door(one.name)" target="_blank" rel="noopener">{{ one.name }}</a>
            <span class="quiet after">{{ one.role.name }}</span>
          </li>
        </ul>
        <p class="quiet">
          On another device: <code>{{ address }}</code>, with any of the names and the password
          <code class="word">{{ sample.password }}</code>. It goes by itself when nobody has used it for an
          hour.
        </p>
        <div class="row"><el-button :loading="busy" @click="remove">Remove it</el-button></div>
      </template>
      <div v-else class="row">
        <el-button :loading="busy || sample.state === 'OPENING'" @click="open">Open a sample club</el-button>
      </div>
    </div>
  </section>
</template>

<style scoped>
.word {
  overflow-wrap: anywhere;
  user-select: all;
}
</style>
