<script setup lang="ts">
import { computed, onMounted } from 'vue'
import { useRoute } from 'vue-router'
import { api, ask, type Schemas } from '@/api/client'
import PageHead from '@/components/page-head/PageHead.vue'
import PageState from '@/components/page-state/PageState.vue'
import StageMark from '@/components/stage-mark/StageMark.vue'
import { useLoad } from '@/composables/page/useLoad'
import { KIND_WORDS } from '@/domain/labels'
import { day } from '@/domain/time'

/** What became of a term, for the committee: what was planned, what was learned, what has faded. */
const route = useRoute()
const id = computed(() => Number(route.params.id))
const { data, problem, loading, load } = useLoad(() =>
  ask(api.GET('/api/terms/{id}/report', { params: { path: { id: id.value } } })),
)
onMounted(load)
const minutesOf = (group: Schemas['GroupReport']) => group.minutes.reduce((sum, one) => sum + one.minutes, 0)
const share = (group: Schemas['GroupReport'], minutes: number) =>
  `${(100 * minutes) / Math.max(1, minutesOf(group))}%`
const print = () => window.print()
</script>

<template>
  <div class="stack">
    <PageState :loading :problem :ready="!!data" @again="load">
      <template v-if="data">
        <PageHead :title="`${data.name}: looking back`" back="The term" :back-to="`/terms/${id}`">
          <p class="quiet">
            {{ day(data.from) }} to {{ day(data.until)
            }}{{ data.until < data.to ? `; it goes on until ${day(data.to)}` : '' }}
          </p>
          <template #actions>
            <a :href="`/api/terms/${id}/report/pdf`" target="_blank"><el-button tag="span">PDF</el-button></a>
            <el-button @click="print">Print</el-button>
          </template>
        </PageHead>
        <p v-if="!data.groups.length" class="card">
          The term has not begun; there is nothing to look back upon yet.
        </p>
        <section
          v-for="group in data.groups"
          :key="group.group"
          class="card stack group"
          :aria-label="group.name"
        >
          <div class="row spread">
            <h2>
              <RouterLink :to="`/groups/${group.group}`">{{ group.name }}</RouterLink>
            </h2>
            <span class="quiet"
              >danced on {{ group.days }} {{ group.days === 1 ? 'day' : 'days' }}; {{ group.newFigures }} new
              {{ group.newFigures === 1 ? 'figure' : 'figures' }}, {{ group.figures }} in all</span
            >
          </div>
          <p v-if="group.planned">
            <b class="big number">{{ group.plannedLearned }} of {{ group.planned }}</b> planned dances learned
          </p>
          <dl>
            <div v-for="part in group.parts" :key="part.became" :class="part.became">
              <dt>
                {{ part.words }} <span class="number quiet">{{ part.dances.length }}</span>
              </dt>
              <dd>
                <span v-for="one in part.dances" :key="one.dance" class="one">
                  <RouterLink :to="`/dances/${one.dance}`">{{ one.title }}</RouterLink>
                  <StageMark
                    v-if="part.became === 'LEARNED' || part.became === 'CAME_BACK'"
                    :stage="one.stage"
                  />
                  <span v-if="part.became === 'LEARNED' && !one.planned" class="quiet">besides the plan</span>
                </span>
              </dd>
            </div>
            <div v-if="group.notBegun.length" :class="{ NOT: data.until === data.to }">
              <dt>
                Planned, not begun <span class="number quiet">{{ group.notBegun.length }}</span>
              </dt>
              <dd>
                <span v-for="one in group.notBegun" :key="one.dance" class="one">
                  <RouterLink :to="`/dances/${one.dance}`">{{ one.title }}</RouterLink>
                </span>
              </dd>
            </div>
          </dl>
          <div v-if="group.minutes.length">
            <div class="bar" aria-hidden="true">
              <span
                v-for="one in group.minutes"
                :key="one.kind"
                :class="one.kind"
                :style="{ width: share(group, one.minutes) }"
              />
            </div>
            <p class="quiet">
              {{ minutesOf(group) }} minutes of classes that were written down:
              {{
                group.minutes.map((one) => `${KIND_WORDS[one.kind].toLowerCase()} ${one.minutes}`).join(', ')
              }}
            </p>
          </div>
        </section>
      </template>
    </PageState>
  </div>
</template>

<style scoped>
.group {
  break-inside: avoid;
}
.big {
  font: 800 var(--size-9) var(--type-head);
}
dl {
  margin: 0;
}
dl > div {
  display: grid;
  grid-template-columns: 190px minmax(0, 1fr);
  gap: var(--space-3);
  padding: 6px 0;
  border-top: 1px solid var(--line);
}
dt {
  font-weight: 600;
}
dd {
  margin: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 2px 18px;
}
.one {
  display: inline-flex;
  gap: 6px;
  align-items: center;
}
.FADED dt,
.NOT dt {
  color: var(--wrong);
}
.LEARNED dt {
  color: var(--good);
}
.bar {
  display: flex;
  height: 12px;
  border-radius: 6px;
  overflow: hidden;
  background: var(--inset);
}
.bar .TEACH {
  background: var(--accent);
}
.bar .PRACTICE {
  background: var(--right-foot);
}
.bar .REMINDER {
  background: var(--left-foot);
}
.bar .FINISH {
  background: var(--notice);
}
@media (max-width: 700px) {
  dl > div {
    grid-template-columns: minmax(0, 1fr);
    gap: 0;
  }
}
</style>
