<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import QrPicture from '@/components/qr-picture/QrPicture.vue'
import { sayDone } from '@/composables/page/say'
import { useDo } from '@/composables/page/useDo'
import { useSession } from '@/composables/people/useSession'

/** Shows one thing to people without an account: makes a link, as words and as a picture. */
const props = defineProps<{
  /** What can be shown, the usual one first. */
  offers: { words: string; what: Omit<Schemas['ShareForm'], 'days'> }[]
  large?: boolean
}>()
const session = useSession()
const { busy, run } = useDo()
const open = ref(false)
const chosen = ref(0)
const days = ref(30)
const made = ref<Schemas['ShareLink']>()
const address = computed(() => `${location.origin}/s#${made.value?.word}`)
const DAYS = [
  { days: 1, words: 'a day' },
  { days: 7, words: 'a week' },
  { days: 30, words: 'a month' },
  { days: 120, words: 'a term' },
  { days: 366, words: 'a year' },
]

async function make() {
  const body = { ...props.offers[chosen.value].what, days: days.value }
  await run(async () => (made.value = await ask(api.POST('/api/shares', { body }))))
}

async function copy() {
  await navigator.clipboard.writeText(address.value)
  sayDone('Copied.')
}
</script>

<template>
  <el-popover
    v-if="session.may('SHARE') && offers.length"
    v-model:visible="open"
    trigger="click"
    :width="340"
    placement="bottom-end"
    @hide="made = undefined"
  >
    <template #reference><el-button :size="large ? 'large' : 'default'">Share…</el-button></template>
    <div class="stack">
      <template v-if="!made">
        <p>A link for people without an account. It shows this and nothing else, and can be taken back.</p>
        <el-radio-group v-model="chosen" class="offers" aria-label="What is shown">
          <el-radio v-for="(one, i) in offers" :key="one.words" :value="i">{{ one.words }}</el-radio>
        </el-radio-group>
        <label class="row"
          >good for
          <el-select v-model="days" size="small" aria-label="For how long" style="width: 110px">
            <el-option v-for="one in DAYS" :key="one.days" :value="one.days" :label="one.words" />
          </el-select>
        </label>
        <el-button type="primary" :loading="busy" @click="make">Make a link</el-button>
      </template>
      <template v-else>
        <p class="picture"><QrPicture :address :size="180" /></p>
        <code>{{ address }}</code>
        <p class="quiet">It is shown this once. Under your name you see when it was last used.</p>
        <div class="row">
          <el-button type="primary" size="small" @click="copy">Copy</el-button>
          <el-button size="small" @click="open = false">Done</el-button>
        </div>
      </template>
    </div>
  </el-popover>
</template>

<style scoped>
.offers {
  display: grid;
  justify-items: start;
}
.picture {
  text-align: center;
}
code {
  overflow-wrap: anywhere;
  user-select: all;
  font-size: var(--size-2);
}
</style>
