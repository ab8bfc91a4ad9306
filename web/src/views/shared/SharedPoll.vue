<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { computed, ref } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import LevelMark from '@/components/level-mark/LevelMark.vue'
import { useDo } from '@/composables/page/useDo'

/** What would you like to dance next? A few ticks, no name; this device has one vote. */
const props = defineProps<{ word: string; title: string; poll: Schemas['PollChoices'] }>()
const KEY_BYTES = 16
const { busy, run } = useDo()
/** What tells this device from others, in this poll and no other. */
const device = useLocalStorage(`ulna-poll-${props.word.slice(0, 12)}`, fresh())
const ticked = useLocalStorage<number[]>(`ulna-ticked-${props.word.slice(0, 12)}`, [])
const sent = ref(false)
const news = computed(() => props.poll.dances.filter((one) => !one.learned))
const old = computed(() => props.poll.dances.filter((one) => one.learned))
const full = computed(() => ticked.value.length >= props.poll.most)

function fresh(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(KEY_BYTES))
  return Array.from(bytes, (one) => one.toString(16).padStart(2, '0')).join('')
}
function tick(dance: number, now: boolean) {
  sent.value = false
  ticked.value = now ? [...ticked.value, dance] : ticked.value.filter((one) => one !== dance)
}
async function vote() {
  const header = { 'X-Share-Word': props.word }
  const there = new Set(props.poll.dances.map((one) => one.dance))
  const body = { device: device.value, dances: ticked.value.filter((one) => there.has(one)) }
  sent.value = await run(() => ask(api.POST('/api/shared/vote', { params: { header }, body })))
}
</script>

<template>
  <section class="card stack">
    <div>
      <h1>What next?</h1>
      <p>
        {{ title }}: tick up to {{ poll.most }} dances. No name is asked; this device has one vote, and you
        may change it.
      </p>
    </div>
    <fieldset
      v-for="part in [
        { words: 'Something new', dances: news },
        { words: 'One we know, again', dances: old },
      ]"
      :key="part.words"
    >
      <template v-if="part.dances.length">
        <legend>{{ part.words }}</legend>
        <ul class="rows">
          <li v-for="one in part.dances" :key="one.dance" class="row spread">
            <el-checkbox
              :model-value="ticked.includes(one.dance)"
              :disabled="full && !ticked.includes(one.dance)"
              :label="one.title"
              size="large"
              @update:model-value="(now: string | number | boolean) => tick(one.dance, !!now)"
            />
            <LevelMark :level="one.level" />
          </li>
        </ul>
      </template>
    </fieldset>
    <div class="row">
      <el-button type="primary" size="large" :loading="busy" @click="vote">Send</el-button>
      <span v-if="sent" role="status">Thank you. That is heard.</span>
      <span v-else class="quiet">{{ ticked.length }} of {{ poll.most }} ticked</span>
    </div>
  </section>
</template>

<style scoped>
legend {
  font: 700 var(--size-7) var(--type-head);
  padding: 0;
}
</style>
