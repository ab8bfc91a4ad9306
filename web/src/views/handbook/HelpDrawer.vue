<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { CHAPTERS } from '@/handbook/chapters'
import { pageOf } from '@/handbook/pages'
import HandbookText from './HandbookText.vue'

/** How the page is used that is open just now, with its keys. */
const open = defineModel<boolean>({ required: true })
const route = useRoute()
const page = computed(() => pageOf(route.path))
const chapter = computed(() => CHAPTERS.find((one) => one.name === page.value?.chapter))
const section = computed(() => chapter.value?.sections.find((one) => one.name === page.value?.section))
const keys = computed(() => chapter.value?.sections.find((one) => one.name === 'keys'))
</script>

<template>
  <el-drawer v-model="open" title="How this is used" size="min(440px, 92vw)" append-to-body>
    <div v-if="chapter && section" class="stack">
      <h3>{{ section.title }}</h3>
      <HandbookText :html="section.html" />
      <template v-if="keys && keys !== section">
        <h3>Keys</h3>
        <HandbookText :html="keys.html" />
      </template>
      <p>
        <RouterLink :to="`/handbook/${chapter.name}`" @click="open = false"
          >The whole chapter: {{ chapter.title }}</RouterLink
        >
      </p>
    </div>
    <p v-else>
      <RouterLink to="/handbook" @click="open = false">The handbook</RouterLink> goes through the job by the
      club’s week.
    </p>
    <p class="quiet anywhere">
      Anywhere: Ctrl K finds a dance, a song, a group, a class, a figure or a page.
    </p>
  </el-drawer>
</template>

<style scoped>
.anywhere {
  margin-top: var(--space-5);
}
</style>
