<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask } from '@/api/client'
import PageHead from '@/components/page-head/PageHead.vue'
import PageState from '@/components/page-state/PageState.vue'
import { useLoad } from '@/composables/page/useLoad'
import { useSession } from '@/composables/people/useSession'
import { day, hourMinute } from '@/domain/time'
import SocialForm from './SocialForm.vue'

/** Evenings on which all groups dance together, the latest first. */
const session = useSession()
const router = useRouter()
const { data, problem, loading, load } = useLoad(() => ask(api.GET('/api/socials')))
const adding = ref(false)
onMounted(load)
</script>

<template>
  <div class="stack">
    <PageHead title="Socials" back="Classes" back-to="/classes">
      <p class="quiet">Evenings on which several groups dance together, and nobody sits for long</p>
      <template #actions>
        <el-button v-if="session.may('PLAN') && !adding" type="primary" @click="adding = true"
          >New social</el-button
        >
      </template>
    </PageHead>
    <SocialForm v-if="adding" @done="(made) => router.push(`/socials/${made.id}`)" @cancel="adding = false" />
    <PageState :loading="loading && !data" :problem :ready="!!data" @again="load">
      <p v-if="!data?.length && !adding" class="card">
        There is no social yet. Say when it is, which groups come and with how many; the program proposes an
        order of dances in which nobody waits long.
      </p>
      <section v-if="data?.length" class="card">
        <ul class="rows">
          <li v-for="one in data" :key="one.id" class="row spread">
            <RouterLink :to="`/socials/${one.id}`" class="name">{{ one.name }}</RouterLink>
            <span class="quiet">
              {{ day(one.date) }}, {{ hourMinute(one.startsAt) }}; {{ one.groups }}
              {{ one.groups === 1 ? 'group' : 'groups' }}, {{ one.songs }}
              {{ one.songs === 1 ? 'song' : 'songs' }}
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
