<script setup lang="ts">
import { computed, ref, watch, nextTick } from 'vue'
import { useRoute } from 'vue-router'
import PageHead from '@/components/page-head/PageHead.vue'
import { CHAPTERS, search } from '@/handbook/chapters'
import HandbookText from './HandbookText.vue'

/** The job by the club's week, to read and to search. */
const route = useRoute()
const words = ref('')
const chapter = computed(() => CHAPTERS.find((one) => one.name === route.params.chapter) ?? CHAPTERS[0])
const found = computed(() => search(words.value))
watch(
  () => route.fullPath,
  async () => {
    words.value = ''
    await nextTick()
    if (route.hash) document.getElementById(route.hash.slice(1))?.scrollIntoView()
  },
  { immediate: true },
)
</script>

<template>
  <div class="stack">
    <PageHead title="Handbook">
      <template #actions>
        <el-input
          v-model="words"
          type="search"
          name="handbook-words"
          placeholder="Search"
          aria-label="Search the handbook"
          clearable
        />
      </template>
    </PageHead>
    <div class="book">
      <nav aria-label="Chapters" class="no-print">
        <ol>
          <li v-for="one in CHAPTERS" :key="one.name">
            <RouterLink :to="`/handbook/${one.name}`" :aria-current="one === chapter ? 'page' : undefined">{{
              one.title
            }}</RouterLink>
          </li>
        </ol>
      </nav>
      <div v-if="words.trim()" class="stack" role="status">
        <p v-if="!found.length">Nothing in the handbook has all these words.</p>
        <ul class="rows">
          <li v-for="one in found" :key="`${one.chapter.name} ${one.section.name}`">
            <RouterLink :to="`/handbook/${one.chapter.name}#${one.section.name}`">{{
              one.section.title
            }}</RouterLink>
            <span class="quiet after">{{ one.chapter.title }}</span>
          </li>
        </ul>
      </div>
      <article v-else-if="chapter" class="card">
        <h2>{{ chapter.title }}</h2>
        <HandbookText :html="chapter.intro" />
        <section v-for="one in chapter.sections" :id="one.name" :key="one.name">
          <h3>{{ one.title }}</h3>
          <HandbookText :html="one.html" />
        </section>
      </article>
    </div>
  </div>
</template>

<style scoped>
.book {
  display: grid;
  grid-template-columns: 230px minmax(0, 1fr);
  gap: var(--space-5);
  align-items: start;
}
nav {
  position: sticky;
  top: var(--space-3);
}
nav ol {
  margin: 0;
  padding-left: 32px;
}
nav li {
  padding: 3px 0;
}
nav a[aria-current='page'] {
  font-weight: 700;
  text-decoration-thickness: 3px;
}
article {
  max-width: 760px;
}
article > h2 {
  font-size: var(--size-10);
  margin-bottom: var(--space-3);
}
section {
  scroll-margin-top: var(--space-4);
  margin-top: var(--space-5);
}
h3 {
  margin-bottom: var(--space-2);
}
@media (max-width: 850px) {
  .book {
    grid-template-columns: minmax(0, 1fr);
  }
  nav {
    position: static;
  }
}
</style>
