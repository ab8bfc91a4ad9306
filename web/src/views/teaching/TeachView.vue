<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, ask } from '@/api/client'
import HallSign from '@/components/hall-sign/HallSign.vue'
import ClockSwitch from '@/components/clock-switch/ClockSwitch.vue'
import { provideClock } from '@/composables/useClock'
import PageState from '@/components/page-state/PageState.vue'
import { useLoad } from '@/composables/useLoad'
import { minutesSeconds } from '@/domain/time'

type Kind = 'TEACH' | 'REMINDER' | 'RECAP'

const route = useRoute()
const router = useRouter()
const dance = computed(() => Number(route.params.id))
const groups = useLoad(() => ask(api.GET('/api/groups')))
const group = ref<number | undefined>(Number(route.query.group) || undefined)
const minutes = ref(Number(route.query.minutes) || 20)
const kind = ref<Kind>((route.query.kind as Kind) ?? 'TEACH')
const KINDS: Record<Kind, string> = {
  TEACH: 'Full teach',
  REMINDER: 'Reminder walk-through',
  RECAP: 'Quick recap',
}

const { data, problem, loading, load } = useLoad(() =>
  ask(
    api.GET('/api/dances/{id}/teach', {
      params: {
        path: { id: dance.value },
        query: { group: group.value ?? 0, minutes: minutes.value, kind: kind.value },
      },
    }),
  ),
)

onMounted(async () => {
  await groups.load()
  group.value = group.value ?? groups.data.value?.[0]?.id
})
watch(
  [dance, group, minutes, kind],
  () => {
    if (!group.value || !minutes.value) return
    void router.replace({ query: { group: group.value, minutes: minutes.value, kind: kind.value } })
    void load()
  },
  { immediate: true },
)

const most = computed(() => Math.max(1, ...(data.value?.turns.map((one) => one.turns) ?? [1])))
const print = () => window.print()
const view = provideClock()
</script>

<template>
  <div class="stack">
    <div class="row spread">
      <div>
        <p class="quiet">Teach</p>
        <h1>{{ data?.title ?? '…' }}</h1>
      </div>
      <div class="row no-print">
        <el-button @click="print">Print</el-button>
        <RouterLink :to="`/dances/${dance}/run-through?group=${group ?? ''}`">
          <el-button type="primary" tag="span">Run through</el-button>
        </RouterLink>
      </div>
    </div>
    <div class="row no-print">
      <label class="row">
        for
        <el-select v-model="group" style="width: 210px" aria-label="Group">
          <el-option v-for="one in groups.data.value" :key="one.id" :label="one.name" :value="one.id" />
        </el-select>
      </label>
      <label class="row">
        as
        <el-select v-model="kind" style="width: 210px" aria-label="Kind of teach">
          <el-option v-for="(label, key) in KINDS" :key="key" :label :value="key" />
        </el-select>
      </label>
      <label v-if="kind === 'TEACH'" class="row">
        in
        <el-input-number v-model="minutes" :min="1" :max="240" style="width: 130px" aria-label="Minutes" />
        minutes
      </label>
    </div>
    <ClockSwitch v-model="view" small class="no-print" />
    <p v-if="groups.data.value?.length === 0" class="card">
      There is no group to teach yet; add one under <RouterLink to="/groups">Groups</RouterLink>.
    </p>
    <PageState :loading :problem :ready="!!data" @again="load">
      <div v-if="data" class="halves">
        <div>
          <p v-if="data.rest" class="rest"><strong>Not all of it fits.</strong> {{ data.rest }}</p>
          <ol class="drills">
            <li v-for="(drill, i) in data.drills" :key="i">
              <span class="time number">{{ minutesSeconds(drill.startSecond) }}</span>
              <HallSign :facing="drill.startFacing" :size="34" what="the class faces" />
              <div>
                <p>
                  <strong>{{ drill.scope }}</strong> {{ drill.mode }}
                  <span v-if="drill.mode !== 'in words'" class="chip number">{{ drill.percent }} %</span>
                  <span class="chip number">× {{ drill.repetitions }}</span>
                </p>
                <p v-for="line in drill.say" :key="line" class="say">{{ line }}</p>
              </div>
              <span class="quiet number">{{ minutesSeconds(drill.seconds) }}</span>
            </li>
          </ol>
        </div>
        <aside class="stack">
          <section class="card">
            <h2>{{ minutesSeconds(data.seconds) }}</h2>
            <p class="quiet">
              {{ data.school }}, for {{ data.groupName }},
              {{ kind === 'TEACH' ? `in the ${data.minutes} minutes there are` : 'in a live class' }}
            </p>
            <h3 class="gap">How often each section is danced</h3>
            <ul class="turns">
              <li v-for="one in data.turns" :key="one.section">
                <span>{{ one.section }}</span>
                <span class="track"><span :style="{ width: `${(one.turns / most) * 100}%` }" /></span>
                <b class="number">{{ one.turns }}</b>
              </li>
            </ul>
          </section>
          <section class="card">
            <h2>Why so</h2>
            <ul>
              <li v-for="reason in data.reasons" :key="reason">{{ reason }}</li>
            </ul>
          </section>
          <section class="card care">
            <h2>Take care</h2>
            <p>
              Warm up first; water in reach; a dry floor without trailing leads. Show a turn-free way to
              anyone who gets dizzy and a flat one for sore knees. The rules of your hall come first.
            </p>
          </section>
        </aside>
      </div>
    </PageState>
  </div>
</template>

<style scoped>
.halves {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 340px;
  gap: var(--space-5);
  align-items: start;
}
.rest {
  background: var(--brass-wash);
  border-left: 5px solid var(--brass-mark);
  border-radius: var(--radius-small);
  padding: var(--space-2) var(--space-3);
  margin-bottom: var(--space-3);
}
.drills {
  list-style: none;
  margin: 0;
  padding: 0;
}
.drills > li {
  display: grid;
  grid-template-columns: 58px 40px minmax(0, 1fr) auto;
  gap: var(--space-2);
  padding: var(--space-2) 0;
  border-bottom: 1px solid var(--rule);
}
.time {
  font: 700 19px var(--type-head);
}
.say {
  color: var(--ink-soft);
  font-size: 15px;
}
.gap {
  margin: var(--space-3) 0 var(--space-2);
}
.turns {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 5px;
}
.turns li {
  display: grid;
  grid-template-columns: 20px 1fr 28px;
  gap: 8px;
  align-items: center;
}
.track {
  background: var(--board);
  border-radius: 4px;
  height: 14px;
  overflow: hidden;
}
.track span {
  display: block;
  height: 100%;
  background: var(--plum-bright);
}
.care {
  border-color: var(--brass-mark);
}
@media (max-width: 900px) {
  .halves {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
