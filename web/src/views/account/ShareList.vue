<script setup lang="ts">
import { onMounted } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import PageState from '@/components/page-state/PageState.vue'
import { useDo } from '@/composables/page/useDo'
import { useLoad } from '@/composables/page/useLoad'
import { useSession } from '@/composables/people/useSession'
import { ago, moment } from '@/domain/time'

/** The links that show something to people without an account: one's own, for an owner everybody's. */
const session = useSession()
const { data, problem, loading, load } = useLoad(() => ask(api.GET('/api/shares')))
const { busy, run } = useDo()
onMounted(load)
const KINDS: Record<Schemas['ShareView']['kind'], string> = {
  SHEET: 'Sheet',
  CALLS: 'Call sheet',
  TEACH: 'Teach',
  PLAN: 'Plan',
  PRACTICE: 'Practice page',
  LEARNED: 'What was learned',
  POLL: 'Poll',
}

async function revoke(id: number) {
  await run(() => ask(api.DELETE('/api/shares/{id}', { params: { path: { id } } })), 'Taken back.')
  await load()
}
</script>

<template>
  <section class="card stack" aria-label="Links">
    <h2>Links for people without an account</h2>
    <PageState :loading :problem :ready="!!data" @again="load">
      <p v-if="!data?.length" class="quiet">
        None is open. “Share…” on a dance, a teach, a class or a group makes one.
      </p>
      <ul v-else class="rows">
        <li v-for="one in data" :key="one.id" class="row spread">
          <span>
            <strong>{{ KINDS[one.kind] }}: {{ one.label }}</strong
            >{{ ' ' }}
            <span class="quiet"
              >until {{ moment(one.goodUntil) }}{{ session.isMe(one.by) ? '' : `, made by ${one.by.name}` }},
              {{ one.lastUsed ? `last used ${ago(one.lastUsed, Date.now())}` : 'not used yet' }}</span
            >
          </span>
          <el-button size="small" :loading="busy" @click="revoke(one.id)">Take back</el-button>
        </li>
      </ul>
    </PageState>
  </section>
</template>
