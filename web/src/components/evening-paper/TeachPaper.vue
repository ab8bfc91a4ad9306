<script setup lang="ts">
import type { Schemas } from '@/api/client'
import { MODE_WORDS } from '@/domain/labels'
import { minutesSeconds } from '@/domain/time'
import LinePaper from './LinePaper.vue'

/** A teach as a page: drill by drill, with the minute on which each begins. */
defineProps<{
  title: string
  sub: string
  drills: Pick<Schemas['SharedDrill'], 'startSecond' | 'label' | 'mode' | 'percent' | 'repetitions'>[]
}>()
</script>

<template>
  <LinePaper :title :sub>
    <li v-for="(drill, i) in drills" :key="i">
      <span class="number">{{ minutesSeconds(drill.startSecond) }}</span>
      <b>{{ drill.label }}</b>
      <span
        >{{ MODE_WORDS[drill.mode] }}{{ drill.mode === 'WORDS' ? '' : ` at ${drill.percent} %` }} ×
        {{ drill.repetitions }}</span
      >
    </li>
  </LinePaper>
</template>
