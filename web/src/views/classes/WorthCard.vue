<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import ShareBar from '@/components/share-bar/ShareBar.vue'

/** What the running order is worth by the club's weights, what the last change cost, which rules it breaks. */
const props = defineProps<{
  value?: Schemas['ValueView']
  change?: { points: number; broken: string[] }
  kept: number
  busy: boolean
  may: boolean
}>()
defineEmits<{ propose: [] }>()

const share = computed(() =>
  props.value ? Math.round((100 * Math.max(0, props.value.points)) / Math.max(1, props.value.best)) : 0,
)
const cost = computed(() => {
  if (!props.change) return ''
  const points = props.change.points
  if (points === 0) return 'The last change costs nothing.'
  const many = `${Math.abs(points)} ${Math.abs(points) === 1 ? 'point' : 'points'}`
  return points < 0 ? `The last change costs ${many}.` : `The last change brings ${many}.`
})
</script>

<template>
  <section class="card stack" aria-label="What it is worth">
    <h2>What it is worth</h2>
    <template v-if="value">
      <p class="row">
        <b class="big number">{{ value.points }}</b>
        <span class="quiet">of {{ value.best }} points that the best order has</span>
      </p>
      <ShareBar :percent="Math.min(100, share)" />
      <p v-if="cost" role="status">{{ cost }}</p>
      <ul v-if="value.broken.length" class="broken">
        <li v-for="one in value.broken" :key="one">{{ one }}</li>
      </ul>
      <p v-else class="quiet">It keeps all the rules.</p>
      <div v-if="may" class="no-print">
        <el-button :loading="busy" @click="$emit('propose')">
          {{ kept ? `Plan the rest around ${kept} that stay` : 'Show the best order' }}
        </el-button>
      </div>
    </template>
    <p v-else class="quiet">Being worked out…</p>
  </section>
</template>

<style scoped>
.big {
  font: 700 var(--size-10) var(--type-head);
}
.broken {
  margin: 0;
  padding-left: 20px;
}
.broken li::marker {
  content: '! ';
  color: var(--wrong);
  font-weight: 700;
}
</style>
