<script setup lang="ts">
import { onMounted } from 'vue'
import { api, ask } from '@/api/client'
import PageState from '@/components/page-state/PageState.vue'
import { useLoad } from '@/composables/page/useLoad'
import InvitePanel from './InvitePanel.vue'
import PersonRow from './PersonRow.vue'

const { data, problem, loading, load } = useLoad(() => ask(api.GET('/api/people')))
onMounted(load)
</script>

<template>
  <section class="card stack" aria-label="People">
    <h2>People</h2>
    <PageState :loading :problem :ready="!!data" @again="load">
      <ul>
        <PersonRow v-for="person in data" :key="person.id" :person @changed="load" />
      </ul>
    </PageState>
    <InvitePanel />
  </section>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
</style>
