<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { api, ask } from '@/api/client'
import PageHead from '@/components/page-head/PageHead.vue'
import PageState from '@/components/page-state/PageState.vue'
import { useLoad } from '@/composables/page/useLoad'
import { useSession } from '@/composables/people/useSession'
import { day } from '@/domain/time'
import TermForm from './TermForm.vue'

/** The terms of the club, the latest first. */
const session = useSession()
const { data, problem, loading, load } = useLoad(() => ask(api.GET('/api/terms')))
const adding = ref(false)
onMounted(load)
</script>

<template>
  <div class="stack">
    <PageHead title="Terms" back="Classes" back-to="/classes">
      <p class="quiet">Which dances each group gets before the term ends, and who leads</p>
      <template #actions>
        <el-button v-if="session.may('PLAN') && !adding" type="primary" @click="adding = true"
          >New term</el-button
        >
      </template>
    </PageHead>
    <TermForm v-if="adding" @cancel="adding = false" />
    <PageState :loading="loading && !data" :problem :ready="!!data" @again="load">
      <p v-if="!data?.length && !adding" class="card">
        There is no term yet. Say from when to when it goes, and how many new dances each group takes; the
        program proposes which ones, when, and who leads.
      </p>
      <section v-if="data?.length" class="card">
        <ul class="rows">
          <li v-for="one in data" :key="one.id" class="row spread">
            <RouterLink :to="`/terms/${one.id}`" class="name">{{ one.name }}</RouterLink>
            <span class="quiet">
              {{ day(one.from) }} to {{ day(one.to) }}, {{ one.groups }} groups<template v-if="one.social"
                >, social on {{ day(one.social) }}</template
              >
            </span>
          </li>
        </ul>
      </section>
    </PageState>
  </div>
</template>

<style scoped>
.name {
  font: 700 var(--size-7) var(--type-head);
}
</style>
