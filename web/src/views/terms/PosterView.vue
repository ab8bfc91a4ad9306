<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { useRoute } from 'vue-router'
import { api, ask, type Schemas } from '@/api/client'
import PageState from '@/components/page-state/PageState.vue'
import { useLoad } from '@/composables/page/useLoad'
import { day } from '@/domain/time'
import { isTeach } from './lanes'

/** The term for the wall of the hall: what is new when, for all groups or for one. */
const route = useRoute()
const id = computed(() => Number(route.params.id))
const only = ref<number>()
const { data, problem, loading, load } = useLoad(() =>
  ask(api.GET('/api/terms/{id}', { params: { path: { id: id.value } } })),
)
onMounted(load)
const groups = computed(() =>
  (data.value?.groups ?? []).filter((one) => !only.value || one.id === only.value),
)
function news(group: Schemas['GroupColumn'], cell: Schemas['ClassCell']): string[] {
  const planned = (data.value?.courses ?? [])
    .filter((bar) => bar.group === group.id)
    .flatMap((bar) =>
      bar.knots.filter((knot) => knot.date === cell.date && isTeach(knot)).map(() => bar.title),
    )
  const was = cell.happened.filter(isTeach).map((line) => line.title)
  return [...new Set([...was, ...planned])]
}
const print = () => window.print()
</script>

<template>
  <div class="stack">
    <div class="row no-print">
      <RouterLink :to="`/terms/${id}`">‹ The term</RouterLink>
      <el-select v-model="only" clearable placeholder="all groups" aria-label="Group" style="width: 220px">
        <el-option v-for="one in data?.groups ?? []" :key="one.id" :value="one.id" :label="one.name" />
      </el-select>
      <el-button type="primary" @click="print">Print</el-button>
    </div>
    <PageState :loading :problem :ready="!!data" @again="load">
      <article v-if="data" class="paper poster">
        <h1>{{ data.name }}</h1>
        <p v-if="data.social" class="social">We all dance together on {{ day(data.social) }}</p>
        <div class="columns" :style="{ gridTemplateColumns: `repeat(${groups.length}, minmax(0, 1fr))` }">
          <section v-for="group in groups" :key="group.id">
            <h2>{{ group.name }}</h2>
            <ul>
              <li v-for="cell in group.classes" :key="cell.date" :class="{ off: cell.closed }">
                <span class="number">{{ day(cell.date).split(' ').slice(1).join(' ') }}</span>
                <span v-if="cell.closed"
                  >no class<template v-if="cell.closed !== 'closed'">: {{ cell.closed }}</template></span
                >
                <b v-else>{{ news(group, cell).join(', ') || '·' }}</b>
              </li>
            </ul>
          </section>
        </div>
      </article>
    </PageState>
  </div>
</template>

<style scoped>
.poster {
  max-width: 1100px;
}
h1 {
  font-size: var(--size-11);
}
.social {
  font: 700 var(--size-8) var(--type-head);
}
.columns {
  display: grid;
  gap: 26px;
}
ul {
  list-style: none;
  margin: 8px 0 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 64px minmax(0, 1fr);
  gap: 10px;
  padding: 5px 0;
  border-top: 1px solid #cfc8be;
  break-inside: avoid;
}
.off {
  color: #6b625a;
}
@media (max-width: 700px) {
  .columns {
    grid-template-columns: minmax(0, 1fr) !important;
  }
}
@media print {
  @page {
    size: landscape;
  }
}
</style>
