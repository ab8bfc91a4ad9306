<script setup lang="ts">
import { computed, onMounted } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import { useLoad } from '@/composables/page/useLoad'
import { KIND_WORDS } from '@/domain/labels'

/** The best of the rest for the minutes that are left, as it loses the least. */
const props = defineProps<{
  classId: number
  from: number
  left: number
  since: number
  lines: Schemas['LineView'][]
}>()
defineEmits<{ take: [answer: Schemas['LateView']]; leave: [] }>()

// Asked once: an answer that changes under one's hands cannot be read.
const asked = { from: props.from, left: props.left, since: props.since }
const { data, problem, loading, load } = useLoad(() =>
  ask(api.GET('/api/classes/{id}/late', { params: { path: { id: props.classId }, query: asked } })),
)
onMounted(load)
const line = (id: number) => props.lines.find((one) => one.id === id)
const changed = computed(() => (data.value?.lines ?? []).some((one) => one.what !== 'STAYS'))
</script>

<template>
  <section class="late" aria-label="The rest of the evening">
    <h2>For the {{ asked.left }} minutes that are left, if you go on now</h2>
    <p v-if="loading">Being worked out…</p>
    <p v-else-if="problem" role="alert">
      {{ problem }} Leave something out by hand under “The whole evening”.
      <button type="button" class="plain-button" @click="load">Try again</button>
    </p>
    <template v-else-if="data">
      <ol>
        <li v-for="one in data.lines" :key="one.line" :class="{ out: one.minutes === 0 }">
          <span>
            <b>{{ line(one.line)?.title }}</b>
            <span class="quiet after">{{ KIND_WORDS[line(one.line)?.kind ?? 'PRACTICE'] }}</span>
            <small v-if="one.text">{{ one.text }}</small>
          </span>
          <span class="number">{{ one.minutes ? `${one.minutes} min` : '–' }}</span>
        </li>
      </ol>
      <p v-if="!changed">Everything fits as it is.</p>
      <p v-if="data.inHand > 0">{{ data.inHand }} minutes stay in hand.</p>
      <div class="keys">
        <button v-if="changed" type="button" class="huge yes" @click="$emit('take', data)">Do it so</button>
        <button type="button" class="huge" @click="$emit('leave')">Leave it</button>
      </div>
    </template>
    <div v-if="problem" class="keys">
      <button type="button" class="huge" @click="$emit('leave')">Back</button>
    </div>
  </section>
</template>

<style scoped>
.late {
  flex: 1;
  display: grid;
  gap: var(--space-3);
  align-content: start;
}
ol {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: var(--space-3);
  align-items: baseline;
  border-bottom: 1px solid var(--line);
  padding: 6px 0;
  font-size: var(--size-8);
}
.out b {
  text-decoration: line-through;
  font-weight: 400;
}
small {
  display: block;
  font-size: var(--size-5);
  color: var(--notice-text);
  font-weight: 700;
}
</style>
