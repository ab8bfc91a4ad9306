<script setup lang="ts">
import { useEventListener, watchDebounced } from '@vueuse/core'
import { computed, nextTick, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask, type Schemas } from '@/api/client'
import PageHead from '@/components/page-head/PageHead.vue'
import WallMap from '@/components/wall-map/WallMap.vue'
import { useLatest } from '@/composables/page/useLatest'
import { provideClock } from '@/composables/sound/useClock'
import { useDo } from '@/composables/page/useDo'
import DropPlace from './DropPlace.vue'
import DoubtPanel from './DoubtPanel.vue'
import PileBar from './PileBar.vue'
import SheetPaper from './SheetPaper.vue'
import UnderstoodPanel from './UnderstoodPanel.vue'
import { toLookAt, twin, usePile } from '@/composables/sheets/usePile'

/** Sheets that were read: the paper, what was understood of it, and what is in doubt. */
const pile = usePile()
const { sheets, current, problems, progress } = pile
const router = useRouter()
const { busy, run } = useDo()
provideClock()
const reading = ref<Schemas['Reading']>()
/** The line of the sheet that is looked at, by its number. */
const shown = ref(0)
const adding = ref(false)

const stepText = computed(() => current.value?.stepText ?? '')
const waiting = computed(() => (current.value ? toLookAt(current.value) : []))
const line = computed(() => current.value?.lines.find((one) => one.number === shown.value))
const errors = computed(() => reading.value?.remarks.filter((remark) => remark.severity === 'ERROR') ?? [])

const { problem: trouble, run: read } = useLatest()
const check = () =>
  read(async (isWanted) => {
    if (!stepText.value) return
    const found = await ask(api.POST('/api/writing/check', { body: { stepText: stepText.value } }))
    if (isWanted()) reading.value = found
  })
watchDebounced(stepText, check, { debounce: 150, immediate: true })
watch(
  () => current.value?.key,
  () => {
    reading.value = undefined
    shown.value = waiting.value[0]?.number ?? 0
    void check()
  },
  { immediate: true },
)

/** Goes to the next line in doubt, or the one before. */
function go(by: number) {
  const all = current.value?.lines.filter((one) => one.remarks.length) ?? []
  if (!all.length) return
  const here = all.findIndex((one) => one.number >= shown.value)
  const now = all[here]?.number === shown.value ? here : by > 0 ? here - 1 : here
  shown.value = all[(now + by + all.length) % all.length].number
}

function confirm() {
  const sheet = current.value
  if (!sheet || !line.value?.remarks.length) return
  if (!sheet.confirmed.includes(shown.value)) sheet.confirmed.push(shown.value)
  const next = waiting.value.find((one) => one.number > shown.value) ?? waiting.value[0]
  if (next) shown.value = next.number
}

function putLine(stepLine: number, words: string) {
  const sheet = current.value
  if (!sheet) return
  const lines = sheet.stepText.split('\n')
  lines[stepLine - 1] = words
  sheet.stepText = lines.join('\n')
}

function takeOther(index: number) {
  const other = line.value?.others[index]
  if (!other) return
  putLine(other.stepLine, other.line)
  confirm()
}

async function keep() {
  const sheet = current.value
  if (!sheet) return
  const done = await run(() => pile.keep(sheet), `${sheet.title} is in the club's list.`)
  if (done && sheets.value.every((one) => one.state !== 'open') && sheets.value.length === 1) {
    const dance = sheet.dance
    pile.clear()
    await router.push(`/dances/${dance}`)
  }
}

function onKey(event: KeyboardEvent) {
  const typing = (event.target as Element).closest?.('input, textarea, [contenteditable], [role=dialog]')
  if (typing || event.ctrlKey || event.metaKey || event.altKey) return
  if (event.key === 'ArrowDown' || event.key === 'j') go(1)
  else if (event.key === 'ArrowUp' || event.key === 'k') go(-1)
  else if (event.key === 'Enter' && !(event.target as Element).closest?.('button, a, summary')) confirm()
  else if (/^[1-9]$/.test(event.key)) takeOther(Number(event.key) - 1)
  else return
  event.preventDefault()
}

useEventListener(window, 'keydown', onKey)

watch(shown, async () => {
  await nextTick()
  document.querySelector('[data-shown="true"]')?.scrollIntoView({ block: 'nearest' })
})
</script>

<template>
  <div class="stack">
    <PageHead title="Sheets" back="A new dance" back-to="/dances/new">
      <template #actions>
        <el-button v-if="sheets.length" @click="adding = !adding">More sheets</el-button>
        <el-button
          v-if="sheets.length && sheets.every((one) => one.state !== 'open')"
          type="primary"
          @click="pile.clear()"
          >Clear the pile</el-button
        >
      </template>
    </PageHead>
    <DropPlace v-if="adding || !sheets.length || progress" />
    <ul v-if="problems.length" class="wrong" role="alert">
      <li v-for="problem in problems" :key="problem">{{ problem }}</li>
    </ul>
    <PileBar v-if="sheets.length > 1" v-model="pile.at.value" :sheets />
    <template v-if="current">
      <div class="row spread">
        <div>
          <h2>{{ reading?.title ?? current.title }}</h2>
          <p v-if="reading" class="quiet">
            {{ reading.counts }} counts,
            {{ reading.phrased ? 'phrased' : reading.walls === 1 ? '1 wall' : `${reading.walls} walls` }},
            starts with the weight on
            {{
              reading.startWeight === 'both' ? 'both feet' : reading.startWeight === 'L' ? 'left' : 'right'
            }}
          </p>
        </div>
        <div v-if="current.state === 'open'" class="row">
          <span role="status" class="quiet">
            {{ waiting.length ? `${waiting.length} to look at` : 'Nothing left to look at' }}
            <template v-if="errors.length"> · {{ errors.length }} to mend</template>
          </span>
          <el-button text @click="pile.leave(current)">Leave it out</el-button>
          <el-button type="primary" :loading="busy" @click="keep">Keep this dance</el-button>
        </div>
        <div v-else class="row">
          <span v-if="current.state === 'left'">Left out.</span>
          <el-button v-if="current.state === 'left'" @click="pile.leave(current)">Take it back</el-button>
          <RouterLink v-else :to="`/dances/${current.dance}`">It is in the list of dances</RouterLink>
        </div>
      </div>
      <p v-for="one in current.known" :key="one.dance" class="note" role="note">
        <template v-if="current.dance !== one.dance">
          <RouterLink :to="`/dances/${one.dance}`">{{ one.title }}</RouterLink>
          {{
            one.likeness === 'SAME_FEET'
              ? 'is in the club already: the same feet on the same counts.'
              : 'is a dance of the club with this title; its feet are others.'
          }}
        </template>
      </p>
      <p v-if="twin(sheets, current)" class="note" role="note">
        Another sheet of this pile has the same title.
      </p>
      <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
      <div class="desk">
        <SheetPaper v-model="shown" :sheet="current" />
        <UnderstoodPanel
          v-if="reading"
          :reading
          :step-text="stepText"
          :lines="line?.stepLines ?? []"
          @show="
            (stepLine) =>
              (shown = current?.lines.find((one) => one.stepLines.includes(stepLine))?.number ?? 0)
          "
        />
        <DoubtPanel
          :sheet="current"
          :line
          :waiting="waiting.length"
          :errors
          @confirm="confirm"
          @other="takeOther"
          @go="go"
          @put="putLine"
        />
      </div>
      <section v-if="reading?.sequence.length" class="stack">
        <h2>Walls</h2>
        <WallMap :walls="reading.sequence" :song-end="reading.songEnd" :parts="reading.phrased" />
      </section>
    </template>
    <p v-else-if="!progress" class="quiet">There is no sheet here. Paste one, or choose files.</p>
  </div>
</template>

<style scoped>
.desk {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.15fr) minmax(250px, 0.7fr);
  gap: var(--space-4);
  align-items: start;
}
.note {
  background: var(--notice-wash);
  border-radius: var(--radius-small);
  padding: var(--space-2) var(--space-3);
}
.note:empty {
  display: none;
}
.wrong {
  background: var(--wrong-wash);
  color: var(--wrong);
  padding: var(--space-2) var(--space-3);
  border-radius: var(--radius-small);
  margin: 0;
  list-style: none;
}
@media (max-width: 1000px) {
  .desk {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
