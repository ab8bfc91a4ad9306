<script setup lang="ts">
import { ref, watch } from 'vue'
import { api, ask, type Schemas } from '@/api/client'

/** How much floor the dance needs, and how many dancers a hall holds. */
const props = defineProps<{ floor: Schemas['FloorView']; stepText: string }>()

const width = ref(12)
const depth = ref(9)
const fit = ref<Schemas['HallFitView']>()

watch(
  [width, depth, () => props.floor],
  async () => {
    try {
      fit.value = await ask(
        api.POST('/api/writing/hall', {
          body: {
            stepText: props.stepText,
            widthCentimetres: Math.round(width.value * 100),
            depthCentimetres: Math.round(depth.value * 100),
          },
        }),
      )
    } catch {
      fit.value = undefined
    }
  },
  { immediate: true },
)

const steps = (value: number) => Math.round(value * 10) / 10
</script>

<template>
  <section class="card">
    <h3>The floor it needs</h3>
    <p>
      {{ steps(floor.right - floor.left) }} steps wide and {{ steps(floor.front - floor.back) }} deep over all
      walls; one wall leads
      {{
        Math.hypot(floor.driftX, floor.driftY) < 0.2
          ? 'back to where it began'
          : `${steps(Math.hypot(floor.driftX, floor.driftY))} steps away`
      }}.
    </p>
    <p class="row">
      A hall of
      <el-input-number
        v-model="width"
        :min="2"
        :max="80"
        :step="0.5"
        size="small"
        style="width: 104px"
        aria-label="Hall width in metres"
      />
      by
      <el-input-number
        v-model="depth"
        :min="2"
        :max="80"
        :step="0.5"
        size="small"
        style="width: 104px"
        aria-label="Hall depth in metres"
      />
      metres
    </p>
    <p v-if="fit" role="status">
      <b
        >{{ fit.lines }} {{ fit.lines === 1 ? 'line' : 'lines' }} of {{ fit.dancersInLine }}:
        {{ fit.dancers }} dancers.</b
      >
      <span class="quiet">&nbsp;{{ fit.spacing }} The hall's own limit comes first.</span>
    </p>
  </section>
</template>
