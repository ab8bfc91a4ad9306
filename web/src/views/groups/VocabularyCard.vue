<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import { useLoad } from '@/composables/page/useLoad'
import { LEVEL_WORDS } from '@/domain/labels'

/** The figures of the group by family: known, danced, met, and still to come. */
const props = defineProps<{ group: number }>()
type Figure = Schemas['FigureKnown']
const { data, load } = useLoad(() =>
  ask(api.GET('/api/groups/{id}/vocabulary', { params: { path: { id: props.group } } })),
)
watch(() => props.group, load, { immediate: true })
const HOW = { KNOWN: 'known', DANCED: 'danced', MET: 'met' } as const
const SIGN = { KNOWN: '●', DANCED: '◐', MET: '○' } as const
const toCome = ref(false)
const words = (one: Figure) => (one.how ? HOW[one.how] : 'still to come')
function about(one: Figure): string {
  const from = one.in.length ? `; in ${one.in.join(', ')}` : ''
  const first = one.missing.length
    ? `; first ${one.missing.map((it) => `${it.on} (${it.why})`).join(', ')}`
    : ''
  return `${one.call}: ${words(one)}, ${LEVEL_WORDS[one.level]}${from}${first}`
}
const families = computed(() =>
  (data.value ?? [])
    .map((family) => ({
      name: family.family,
      met: family.figures.filter((one) => one.how),
      next: family.figures.filter((one) => !one.how),
    }))
    .filter((family) => family.met.length || toCome.value),
)
const count = computed(() => (data.value ?? []).flatMap((one) => one.figures).filter((one) => one.how).length)
</script>

<template>
  <section class="card stack" aria-label="Figures">
    <div class="row spread">
      <h2>
        Figures <span class="quiet number">{{ count }} met</span>
      </h2>
      <p class="row quiet">
        <span>● known</span><span>◐ danced</span><span>○ met</span>
        <el-checkbox v-model="toCome" label="what is still to come" />
      </p>
    </div>
    <p v-if="data && count === 0" class="quiet">
      Nothing met yet. Figures are counted from the steps that were really danced, whatever they are called.
    </p>
    <dl class="families">
      <div v-for="family in families" :key="family.name">
        <dt>{{ family.name }}</dt>
        <dd>
          <span
            v-for="one in family.met"
            :key="one.call"
            class="figure"
            :class="one.how?.toLowerCase()"
            :title="about(one)"
            ><span aria-hidden="true">{{ one.how ? SIGN[one.how] : '' }}</span> {{ one.call
            }}<span class="hidden">, {{ words(one) }}</span></span
          >
          <template v-if="toCome">
            <span v-for="one in family.next" :key="one.call" class="figure next" :title="about(one)"
              >{{ one.call }}<span class="hidden">, still to come</span></span
            >
          </template>
        </dd>
      </div>
    </dl>
  </section>
</template>

<style scoped>
h2 .quiet {
  font: 400 var(--size-3) var(--type);
  margin-left: 8px;
}
.families {
  margin: 0;
  display: grid;
  gap: var(--space-2);
}
.families > div {
  display: grid;
  grid-template-columns: 190px minmax(0, 1fr);
  gap: var(--space-3);
  border-top: 1px solid var(--line);
  padding-top: var(--space-2);
}
dt {
  color: var(--text-soft);
}
dd {
  margin: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 4px var(--space-2);
}
.figure {
  border: 1px solid var(--line);
  border-radius: var(--radius-small);
  padding: 1px 8px;
  background: var(--surface);
}
.figure.known {
  background: var(--accent-wash);
  border-color: var(--accent);
}
.figure.next {
  border-style: dashed;
  color: var(--text-soft);
  background: none;
}
.hidden {
  position: absolute;
  clip-path: inset(50%);
  width: 1px;
  height: 1px;
  overflow: hidden;
}
@media (max-width: 700px) {
  .families > div {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
