<script setup lang="ts">
import MoveKeys from '@/components/move-keys/MoveKeys.vue'
import { computed, ref, watch } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import { LEVEL_WORDS } from '@/domain/labels'

/** For those who do not like typing: figures to choose from, to drag into another order, to take out. */
const props = defineProps<{
  reading: Schemas['Reading']
  text: string
  /** Whether the reading is of this very text; until then nothing can be moved. */
  fresh: boolean
}>()
const emit = defineEmits<{ change: [text: string]; explain: [figure: string] }>()

type Place = Schemas['PlaceView']
type Offer = Schemas['OfferView']
type Wanted = Schemas['WantedFigure']

const number = ref(1)
const words = ref('')
const problem = ref('')
const offers = ref<Schemas['PossibleView']>()
const dragged = ref<number>()

const section = computed(() => props.reading.sections.find((one) => one.number === number.value))
const runs = computed(() => {
  const found: Place[] = []
  for (const place of section.value?.places ?? []) {
    if (found.length === 0 || found[found.length - 1].run !== place.run) found.push(place)
  }
  return found
})
const shown = computed(() => {
  const wanted = words.value.toLowerCase()
  const found = (offers.value?.offers ?? []).filter((offer) =>
    `${offer.text} ${offer.family}`.toLowerCase().includes(wanted),
  )
  const families = new Map<string, Offer[]>()
  for (const offer of found) families.set(offer.family, [...(families.get(offer.family) ?? []), offer])
  return [...families]
})

/** The end of the section's last item: what comes next is asked for there. */
const end = computed(() => {
  const last = section.value?.places[section.value.places.length - 1]
  if (last) return last.end
  const heading = props.text.toLowerCase().split('\n')
  let offset = 0
  let seen = 0
  for (const line of heading) {
    offset += line.length + 1
    if (/^\s*section\b/.test(line) && ++seen === number.value) return offset - 1
  }
  return props.text.length
})

watch(
  [() => props.fresh, end],
  async () => {
    if (!section.value || !props.fresh) return
    try {
      offers.value = await ask(
        api.POST('/api/writing/possible', { body: { stepText: props.text, offset: end.value } }),
      )
    } catch (e) {
      problem.value = (e as Error).message
    }
  },
  { immediate: true },
)

async function write(order: Wanted[]) {
  problem.value = ''
  try {
    const now = await ask(
      api.POST('/api/writing/order', { body: { stepText: props.text, section: number.value, order } }),
    )
    emit('change', now.stepText)
  } catch (e) {
    problem.value = (e as Error).message
  }
}

const kept = () => runs.value.map((place): Wanted => ({ run: place.run }))
const add = (offer: Offer) => write([...kept(), { item: offer.text }])
const drop = (index: number) => write(kept().filter((_, i) => i !== index))

function move(from: number, to: number) {
  if (from === to || to < 0 || to >= runs.value.length) return
  const order = kept()
  order.splice(to, 0, ...order.splice(from, 1))
  void write(order)
}

function addSection() {
  const next = props.reading.sections.length + 1
  const text = props.text.replace(/\s*$/, '\n')
  const at = text.search(/\n(tag|bridge|ending|option|phrasing|part)\b/i)
  const heading = `\nsection ${next}\n`
  emit('change', at < 0 ? text + heading : text.slice(0, at) + heading + text.slice(at))
  number.value = next
}
</script>

<template>
  <div class="builder">
    <div class="row" role="group" aria-label="Section to build">
      <button
        v-for="one in reading.sections"
        :key="one.number"
        type="button"
        class="tab"
        :aria-pressed="one.number === number"
        @click="number = one.number"
      >
        {{ one.number }}
      </button>
      <button type="button" class="plain-button" @click="addSection">New section</button>
    </div>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    <ol v-if="section" class="runs" aria-label="Figures of the section, in order">
      <li
        v-for="(place, i) in runs"
        :key="place.run"
        :draggable="fresh"
        @dragstart="dragged = i"
        @dragover.prevent
        @drop.prevent="dragged !== undefined && move(dragged, i)"
      >
        <span class="number count">{{ place.count }}</span>
        <button class="plain-button" type="button" @click="emit('explain', place.figure)">
          {{ place.call }}
        </button>
        <span class="acts">
          <MoveKeys
            :up="`${place.call} earlier`"
            :down="`${place.call} later`"
            :out="`Take ${place.call} out`"
            :at="i"
            :of="runs.length"
            :busy="!fresh"
            @move="move(i, i + $event)"
            @drop="drop(i)"
          />
        </span>
      </li>
      <li v-if="runs.length === 0" class="quiet">Choose the first figure below.</li>
    </ol>
    <template v-if="offers && section">
      <p v-if="offers.countsLeft" class="next">
        Next: count <b>{{ offers.nextCount }}</b>, {{ offers.countsLeft }} left, weight on
        <b>{{ offers.weight }}</b>
      </p>
      <p v-else class="next">The section is full.</p>
      <el-input
        v-if="offers.countsLeft"
        v-model="words"
        clearable
        placeholder="Search the figures that fit"
        aria-label="Search the figures that fit"
      />
      <div class="offers">
        <section v-for="[family, list] in shown" :key="family">
          <h3>{{ family }}</h3>
          <button
            v-for="offer in list"
            :key="offer.text"
            type="button"
            class="chip"
            :disabled="!fresh"
            :title="`${offer.counts} counts, ${LEVEL_WORDS[offer.level]}`"
            @click="add(offer)"
          >
            {{ offer.text }} <span class="quiet">{{ offer.counts }}</span>
          </button>
        </section>
      </div>
    </template>
  </div>
</template>

<style scoped>
.builder {
  display: grid;
  gap: var(--space-3);
}
.tab {
  min-width: 40px;
  min-height: 36px;
  border: 1px solid var(--line);
  border-radius: var(--radius-small);
  background: var(--surface);
  font-weight: 700;
  cursor: pointer;
}
.tab[aria-pressed='true'] {
  background: var(--action);
  color: var(--on-action);
}
.runs {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 4px;
}
.runs li {
  display: flex;
  align-items: center;
  gap: var(--space-2);
  background: var(--surface);
  border: 1px solid var(--line);
  border-radius: var(--radius-small);
  padding: 2px var(--space-2);
  cursor: grab;
}
.count {
  min-width: 28px;
  font-weight: 700;
}
.acts {
  margin-left: auto;
}
.offers {
  max-height: 340px;
  overflow: auto;
  display: grid;
  gap: var(--space-3);
}
.offers h3 {
  font-size: var(--size-3);
  color: var(--text-soft);
  margin-bottom: 4px;
}
.offers .chip {
  cursor: pointer;
  margin: 0 4px 4px 0;
  font-size: var(--size-3);
}
.problem {
  color: var(--wrong);
}
</style>
