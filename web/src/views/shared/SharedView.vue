<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { api, ask } from '@/api/client'
import CallPaper from '@/components/call-paper/CallPaper.vue'
import ClockSwitch from '@/components/clock-switch/ClockSwitch.vue'
import DancePaper from '@/components/dance-paper/DancePaper.vue'
import SentencePaper from '@/components/dance-paper/SentencePaper.vue'
import LinePaper from '@/components/evening-paper/LinePaper.vue'
import PlanPaper from '@/components/evening-paper/PlanPaper.vue'
import TeachPaper from '@/components/evening-paper/TeachPaper.vue'
import PageState from '@/components/page-state/PageState.vue'
import StageMark from '@/components/stage-mark/StageMark.vue'
import { provideClock } from '@/composables/sound/useClock'
import { useLoad } from '@/composables/page/useLoad'
import { sectionWords } from '@/domain/sections'
import { day, hourMinute } from '@/domain/time'
import SharedPoll from './SharedPoll.vue'
import SharedPractice from './SharedPractice.vue'

/** Where a link leads that somebody was given: one thing, and nothing else. */
const route = useRoute()
const word = computed(() => route.hash.slice(1))
const view = provideClock()
const wording = ref<'names' | 'sentences'>('sentences')
const { data, problem, loading, load } = useLoad(() => {
  if (!word.value) throw new Error('This link is not whole; copy all of it.')
  return ask(api.GET('/api/shared', { params: { header: { 'X-Share-Word': word.value } } }))
})
watch(word, load, { immediate: true })
const sub = computed(() => {
  const it = data.value
  if (it?.teach) return it.teach.groupName
  if (it?.plan) return `${day(it.plan.date)}, ${hourMinute(it.plan.startsAt)}, ${it.plan.place}`
  return it?.learned ? `Begun since ${day(it.learned.since)}` : ''
})
const print = () => window.print()
const printed = computed(() => data.value && data.value.kind !== 'PRACTICE' && data.value.kind !== 'POLL')
</script>

<template>
  <div class="shared" :class="{ wide: data?.kind === 'PRACTICE' }">
    <header class="row spread no-print">
      <p class="from">Ulna Awl <span class="quiet">shared with you</span></p>
      <div v-if="printed" class="row">
        <el-radio-group v-if="data?.dance" v-model="wording" size="small" aria-label="Wording">
          <el-radio-button label="in full sentences" value="sentences" />
          <el-radio-button label="by name" value="names" />
        </el-radio-group>
        <ClockSwitch v-if="data?.walls || (data?.dance && wording === 'names')" v-model="view" small />
        <el-button size="small" @click="print">Print</el-button>
      </div>
    </header>
    <PageState :loading="loading && !data" :problem :ready="!!data" @again="load">
      <template v-if="data">
        <template v-if="data.dance">
          <SentencePaper v-if="wording === 'sentences'" :text="data.dance.prose" />
          <DancePaper v-else :reading="data.dance.reading" />
        </template>
        <CallPaper v-else-if="data.walls" :data="data.walls" />
        <SharedPractice v-else-if="data.kind === 'PRACTICE'" :word />
        <SharedPoll v-else-if="data.poll" :word :title="data.title" :poll="data.poll" />
        <TeachPaper v-else-if="data.teach" :title="data.title" :sub="sub" :drills="data.teach.drills" />
        <PlanPaper
          v-else-if="data.plan"
          :title="data.title"
          :sub="sub"
          :starts-at="data.plan.startsAt"
          :lines="data.plan.lines"
        />
        <LinePaper v-else-if="data.learned" :title="`What ${data.title} have learned`" :sub="sub">
          <li v-if="!data.learned.dances.length">Nothing new yet.</li>
          <li v-for="one in data.learned.dances" :key="one.title">
            <StageMark :stage="one.stage" />
            <b>{{ one.title }}</b>
            <span
              >begun {{ day(one.first)
              }}{{
                one.shown.length < one.all && one.shown.length
                  ? `, ${sectionWords(one.shown)} of ${one.all}`
                  : ''
              }}</span
            >
          </li>
        </LinePaper>
      </template>
    </PageState>
  </div>
</template>

<style scoped>
.shared {
  max-width: 900px;
  margin: 0 auto;
  padding: var(--space-4);
  display: grid;
  gap: var(--space-4);
}
.wide {
  max-width: none;
}
.from {
  font: 800 var(--size-7) var(--type-head);
}
.from .quiet {
  font: 400 var(--size-3) var(--type);
}
</style>
