<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { api, ask } from '@/api/client'
import DancePaper from '@/components/dance-paper/DancePaper.vue'
import SentencePaper from '@/components/dance-paper/SentencePaper.vue'
import PageState from '@/components/page-state/PageState.vue'
import WallSelect from '@/components/wall-select/WallSelect.vue'
import ClockSwitch from '@/components/clock-switch/ClockSwitch.vue'
import { provideClock } from '@/composables/sound/useClock'
import { useChoice } from '@/composables/page/useChoice'
import { useLoad } from '@/composables/page/useLoad'

/** A dance as one or two printed pages, in the club's words. */
const route = useRoute()
const id = computed(() => Number(route.params.id))
const { data, problem, loading, load } = useLoad(() =>
  ask(api.GET('/api/dances/{id}', { params: { path: { id: id.value } } })),
)
onMounted(load)
const wording = useChoice<'names' | 'sentences'>('sheet-wording', 'names')
const prose = useLoad(() => ask(api.GET('/api/dances/{id}/prose', { params: { path: { id: id.value } } })))
watch(wording, (now) => (now === 'sentences' ? prose.load() : undefined), { immediate: true })
const reading = computed(() => data.value?.reading)
const print = () => window.print()
const view = provideClock()
const wall = ref(1)
</script>

<template>
  <PageState :loading :problem :ready="!!data" @again="load">
    <div v-if="reading" class="stack">
      <div class="row no-print">
        <RouterLink :to="`/dances/${id}`">‹ back to the dance</RouterLink>
        <el-button type="primary" @click="print">Print</el-button>
        <a :href="`/api/dances/${id}/sheet.pdf`" download>Save as PDF</a>
        <el-radio-group v-model="wording" size="small" aria-label="Wording">
          <el-radio-button label="by name" value="names" />
          <el-radio-button label="in full sentences" value="sentences" />
        </el-radio-group>
        <ClockSwitch v-if="wording === 'names'" v-model="view" small />
        <WallSelect v-if="wording === 'names' && view !== 'wall'" v-model="wall" :walls="reading.sequence" />
      </div>
      <PageState
        v-if="wording === 'sentences'"
        :loading="prose.loading.value"
        :problem="prose.problem.value"
        :ready="!!prose.data.value"
        @again="prose.load"
      >
        <SentencePaper :text="prose.data.value?.text ?? ''" />
      </PageState>
      <DancePaper v-else :reading :wall />
    </div>
  </PageState>
</template>
