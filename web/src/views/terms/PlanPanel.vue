<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Schemas } from '@/api/client'

/** A plan of the term that is being made, then what is otherwise in it, to be taken one by one. */
const props = defineProps<{ job: Schemas['JobView']; busy: boolean }>()
const emit = defineEmits<{ stop: []; take: [changes: number[]]; leave: [] }>()
const chosen = ref<number[]>([])
const seconds = computed(() => Math.round(props.job.millis / 1000))
watch(
  () => props.job.changes.length,
  (many) => (chosen.value = Array.from({ length: many }, (_, i) => i)),
  { immediate: true },
)
const worth = computed(() => {
  const by = props.job.change ?? 0
  return by > 0
    ? `${by} points more than now`
    : by < 0
      ? `${-by} points less than now`
      : 'worth as much as now'
})
</script>

<template>
  <section class="card stack" aria-label="Plan of the term">
    <template v-if="job.running">
      <h2>Planning</h2>
      <p role="status">
        {{ seconds }} s, {{ job.points }} points so far<template v-if="job.broken"
          >; some rules do not hold yet</template
        >.
      </p>
      <div><el-button @click="emit('stop')">Stop, with the best so far</el-button></div>
    </template>
    <p v-else-if="job.failed" class="wrong">
      This plan was not finished; nothing was changed. Try again, and tell whoever runs the server.
    </p>
    <template v-else-if="!job.changes.length">
      <p v-if="job.broken" class="wrong">
        Nothing would be changed: as long as what is set to stay (⚓) stays, no plan was found in which all
        rules hold. Let some of it move, and plan again.
      </p>
      <p v-else>The plan is as good as it gets: nothing would be changed.</p>
      <div><el-button @click="emit('leave')">Good</el-button></div>
    </template>
    <template v-else>
      <div class="row spread">
        <h2>{{ job.changes.length }} {{ job.changes.length === 1 ? 'change' : 'changes' }}</h2>
        <span>{{ worth }}</span>
      </div>
      <p v-if="job.broken" class="wrong">Not all rules hold in it; the grid says which once it is taken.</p>
      <el-checkbox-group v-model="chosen" class="changes">
        <el-checkbox v-for="(words, i) in job.changes" :key="i" :value="i" :label="words" />
      </el-checkbox-group>
      <div class="row">
        <el-button type="primary" :disabled="!chosen.length" :loading="busy" @click="emit('take', chosen)"
          >Take {{ chosen.length === job.changes.length ? 'all' : chosen.length }}</el-button
        >
        <el-button @click="chosen = []">None of them</el-button>
        <el-button text @click="emit('leave')">Leave it as it is</el-button>
      </div>
    </template>
  </section>
</template>

<style scoped>
.changes {
  display: grid;
  max-height: 320px;
  overflow-y: auto;
  justify-items: start;
}
.wrong {
  color: var(--wrong);
}
</style>
