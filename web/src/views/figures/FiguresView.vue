<script setup lang="ts">
import FilterBar from '@/components/filter-bar/FilterBar.vue'
import PageHead from '@/components/page-head/PageHead.vue'
import { computed, onMounted, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { api, ask, type Schemas } from '@/api/client'
import LevelMark from '@/components/level-mark/LevelMark.vue'
import { useDo } from '@/composables/page/useDo'
import { useFigures, type Figure } from '@/composables/page/useFigures'
import { useSession } from '@/composables/people/useSession'
import { LEVEL_WORDS } from '@/domain/labels'
import ClubText from './ClubText.vue'
import FigureDrawer from '@/views/dances/FigureDrawer.vue'

/** The figure book as this club uses it. */
const session = useSession()
const { figures, reload } = useFigures()
const { run } = useDo()
const route = useRoute()
const words = ref(String(route.query.words ?? ''))
watch(
  () => route.query.words,
  (now) => now && (words.value = String(now)),
)
const explained = ref('')
const club = ref<Schemas['ClubTexts']>()
onMounted(async () => (club.value = await ask(api.GET('/api/figures/club'))))

const families = computed(() => {
  const wanted = words.value.toLowerCase()
  const found = new Map<string, Figure[]>()
  for (const figure of figures.value) {
    if (![...figure.names, figure.family, LEVEL_WORDS[figure.level]].join(' ').toLowerCase().includes(wanted))
      continue
    found.set(figure.family, [...(found.get(figure.family) ?? []), figure])
  }
  return [...found]
})

async function choose(figure: Figure, word: string) {
  await run(async () => {
    await ask(
      api.PUT('/api/figures/{name}/word', {
        params: { path: { name: figure.name } },
        body: { word, before: figure.call },
      }),
    )
    await reload()
  }, `“${word}” is said everywhere from now on.`)
}

const EXAMPLE = `figure barn turn
  also our turn
  level beginner
  rhythm 1 2
  steps F step side, O step together
  turn on 2 default 1/4 toward
  say Step aside, close as you turn.`
</script>

<template>
  <div class="stack">
    <PageHead title="Figures">
      <p class="quiet">{{ figures.length }} figures; every name of a figure is understood, one is shown</p>
    </PageHead>
    <FilterBar v-model="words" placeholder="Search the figures" label="Search the figures" />
    <section v-for="[family, list] in families" :key="family">
      <h2>{{ family }}</h2>
      <ul class="figures">
        <li v-for="figure in list" :key="figure.name" class="card">
          <div class="row spread">
            <button class="plain-button name" type="button" @click="explained = figure.name">
              {{ figure.call }}
            </button>
            <LevelMark :level="figure.level" />
          </div>
          <p class="quiet">{{ figure.say }}</p>
          <label v-if="session.may('CHANGE_DANCES') && figure.names.length > 1" class="row quiet">
            we say
            <el-select
              :model-value="figure.call"
              size="small"
              style="width: 170px"
              :aria-label="`Our word for ${figure.name}`"
              @change="choose(figure, $event)"
            >
              <el-option v-for="name in figure.names" :key="name" :label="name" :value="name" />
            </el-select>
            <span v-if="figure.chosenBy">chosen by {{ figure.chosenBy.name }}</span>
          </label>
          <p v-else-if="figure.names.length > 1" class="quiet">also {{ figure.names.join(', ') }}</p>
        </li>
      </ul>
    </section>
    <p v-if="families.length === 0" class="card">No figure is called that.</p>

    <section v-if="session.may('CHANGE_DANCES') && club" class="halves">
      <ClubText which="own-figures" title="Our own figures" keep="Keep these figures" @kept="reload">
        <p class="quiet">
          Written like the book: F is the leading foot, O the other, a dash no foot. For example:
        </p>
        <pre>{{ EXAMPLE }}</pre>
      </ClubText>
      <ClubText which="level-table" title="Our table of levels" keep="Keep this table">
        <p class="quiet">Lines written here take the place of these, which are a rule of thumb:</p>
        <pre tabindex="0" aria-label="The usual table">{{ club.standardLevelTable }}</pre>
      </ClubText>
    </section>
    <FigureDrawer v-model="explained" />
  </div>
</template>

<style scoped>
.figures {
  list-style: none;
  margin: var(--space-2) 0 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(290px, 100%), 1fr));
  gap: var(--space-3);
}
h2::first-letter {
  text-transform: uppercase;
}
.name {
  font: 700 var(--size-7) var(--type-head);
  text-decoration: underline;
  padding-left: 0;
}
.halves {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(420px, 100%), 1fr));
  gap: var(--space-4);
  align-items: start;
}
pre {
  margin: 0;
  padding: var(--space-3);
  background: var(--inset);
  border-radius: var(--radius-small);
  overflow: auto;
  max-height: 260px;
  font: 400 var(--size-2)/1.5 var(--type-mono);
}
</style>
