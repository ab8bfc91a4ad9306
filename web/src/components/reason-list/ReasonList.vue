<script setup lang="ts">
import type { Schemas } from '@/api/client'

/** Why something is so, a line for each reason. */
defineProps<{ reasons: Schemas['ReasonView'][]; ordered?: boolean }>()
</script>

<template>
  <component :is="ordered ? 'ol' : 'ul'" class="reasons">
    <li v-for="(reason, i) in reasons" :key="`${i}-${reason.code}`">{{ reason.text }}</li>
  </component>
</template>
