<script setup lang="ts">
import { KIND_WORDS, type Kind } from '@/domain/labels'
import { later } from '@/domain/time'
import LinePaper from './LinePaper.vue'

/** The running order of a class as a page. */
defineProps<{
  title: string
  sub: string
  startsAt: string
  lines: { start: number; minutes: number; title: string; kind: Kind }[]
}>()
</script>

<template>
  <LinePaper :title :sub>
    <li v-for="line in lines" :key="line.start">
      <span class="number">{{ later(startsAt, line.start) }} {{ line.minutes }}′</span>
      <b>{{ line.title }}</b>
      <span>{{ KIND_WORDS[line.kind] }}</span>
    </li>
  </LinePaper>
</template>
