<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { api, ask } from '@/api/client'
import PageState from '@/components/page-state/PageState.vue'
import { useLoad } from '@/composables/page/useLoad'
import InvitePanel from './InvitePanel.vue'
import LeftPeople from './LeftPeople.vue'
import PersonRow from './PersonRow.vue'

const { data, problem, loading, load } = useLoad(() => ask(api.GET('/api/people')))
onMounted(load)

const left = ref<InstanceType<typeof LeftPeople>>()
const changed = () => Promise.all([load(), left.value?.load()])
</script>

<template>
  <section class="card stack" aria-label="People">
    <h2>People</h2>
    <PageState :loading :problem :ready="!!data" @again="load">
      <ul>
        <PersonRow v-for="person in data" :key="person.id" :person @changed="changed" />
      </ul>
    </PageState>
    <LeftPeople ref="left" />
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
