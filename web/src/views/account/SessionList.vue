<script setup lang="ts">
import { onMounted } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import PageState from '@/components/page-state/PageState.vue'
import { useDo } from '@/composables/page/useDo'
import { useLoad } from '@/composables/page/useLoad'
import { ago } from '@/domain/time'

/** Where one is signed in, an owner everybody; each can be ended from here. */
defineProps<{ title: string }>()
const { data, problem, loading, load } = useLoad(() => ask(api.GET('/api/sessions')))
const { busy, run } = useDo()
onMounted(load)

async function endOthers() {
  await run(() => ask(api.DELETE('/api/sessions')), 'You are signed in here and nowhere else.')
  await load()
}

async function end({ key, name, device }: Schemas['SessionView']) {
  await run(
    () => ask(api.DELETE('/api/sessions/{key}', { params: { path: { key } } })),
    `${name} is signed out on ${device}.`,
  )
  await load()
}
</script>

<template>
  <section class="card stack" :aria-label="title">
    <div class="row spread">
      <h2>{{ title }}</h2>
      <el-button v-if="(data?.length ?? 0) > 1" size="small" :loading="busy" @click="endOthers"
        >Sign me out everywhere else</el-button
      >
    </div>
    <PageState :loading :problem :ready="!!data" @again="load">
      <ul class="rows">
        <li v-for="one in data" :key="one.key" class="row spread">
          <span>
            <strong>{{ one.name }}</strong>, {{ one.device }}
            <span class="quiet"> last seen {{ ago(one.lastSeen, Date.now()) }}</span>
          </span>
          <span v-if="one.here" class="quiet">this one</span>
          <el-button v-else size="small" :loading="busy" @click="end(one)">Sign out there</el-button>
        </li>
      </ul>
    </PageState>
  </section>
</template>
