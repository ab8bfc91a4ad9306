<script setup lang="ts">
import PageHead from '@/components/page-head/PageHead.vue'
import { NEWS, VERSION } from '@/handbook/news'
import HandbookText from '@/views/handbook/HandbookText.vue'

/** What changed with each release. */
</script>

<template>
  <div class="stack">
    <PageHead title="What is new"
      ><p class="quiet">This is Ulna Awl {{ VERSION }}</p></PageHead
    >
    <section v-for="one in NEWS.sections" :key="one.name" class="card">
      <h2>{{ one.title }}</h2>
      <HandbookText :html="one.html" />
    </section>
  </div>
</template>
