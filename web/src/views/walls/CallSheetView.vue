<script setup lang="ts">
import CallPaper from '@/components/call-paper/CallPaper.vue'
import ClockSwitch from '@/components/clock-switch/ClockSwitch.vue'
import PageState from '@/components/page-state/PageState.vue'
import { provideClock } from '@/composables/sound/useClock'
import { useWalls } from './useWalls'

/** One black and white page to call from: every wall, what to call, when: a warning eight counts ahead, the call four. */
const { id, link, evening, data, problem, loading, load } = useWalls()
const view = provideClock()
const print = () => window.print()
</script>

<template>
  <PageState :loading :problem :ready="!!data" @again="load">
    <div v-if="data" class="stack">
      <div class="row no-print">
        <RouterLink v-if="evening" :to="evening">‹ back to the evening</RouterLink>
        <RouterLink v-else :to="`/dances/${id}/walls${link}`">‹ back to the walls</RouterLink>
        <el-button type="primary" @click="print">Print</el-button>
        <ClockSwitch v-model="view" small />
      </div>
      <CallPaper :data />
    </div>
  </PageState>
</template>
