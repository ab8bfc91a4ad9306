<script setup lang="ts">
import { computed, onMounted } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import PageState from '@/components/page-state/PageState.vue'
import { useDo } from '@/composables/page/useDo'
import { useLoad } from '@/composables/page/useLoad'
import { ago, moment } from '@/domain/time'

/** The club's backups: when the last one was made, and what was found in it. */
const { data, problem, loading, load } = useLoad(() => ask(api.GET('/api/backups')))
const { busy, run } = useDo()
const last = computed(() => data.value?.backups[0])
const WHY: Record<Schemas['BackupView']['occasion'], string> = {
  DAILY: 'daily',
  BEFORE_UPGRADE: 'before an upgrade',
  ASKED: 'asked for',
}
onMounted(load)

async function make() {
  await run(() => ask(api.POST('/api/backups')), 'The backup was made, opened and counted.')
  await load()
}

function found({ people, dances, songs, groups, classes }: Schemas['Counts']): string {
  return `${people} people, ${dances} dances, ${songs} songs, ${groups} groups, ${classes} classes`
}
function size(bytes: number): string {
  return bytes < 1_000_000 ? `${Math.ceil(bytes / 1000)} kB` : `${(bytes / 1_000_000).toFixed(1)} MB`
}
</script>

<template>
  <section class="card stack" aria-label="Backups">
    <div class="row spread">
      <div>
        <h2>Backups</h2>
        <p v-if="last">
          Last backup <strong>{{ ago(last.made, Date.now()) }}</strong>, opened and counted:
          {{ found(last.counts) }}.
        </p>
        <p v-else-if="data">No backup yet; the first one is made by itself within a few minutes.</p>
        <p v-if="data?.trouble" class="trouble" role="alert">{{ data.trouble }}</p>
      </div>
      <el-button :loading="busy" @click="make">Back up now</el-button>
    </div>
    <PageState :loading :problem :ready="!!data" @again="load">
      <details v-if="data?.backups.length">
        <summary>Kept: {{ data.backups.length }}; and the way back</summary>
        <ul>
          <li v-for="one in data.backups" :key="one.file">
            <code>{{ one.file }}</code>{{ ' ' }}
            <span class="quiet"> {{ WHY[one.occasion] }}, {{ moment(one.made) }}, {{ size(one.bytes) }}</span>
          </li>
        </ul>
        <p class="quiet">
          They lie on the server in the club’s folder, under <code>backups</code>. Whoever runs the server
          puts one back with <code>./ulna restore FILE</code>; what was there is kept. Seven days and five
          weeks stay. Keep a copy elsewhere too: <code>./ulna backup --to FILE</code>.
        </p>
      </details>
    </PageState>
  </section>
</template>

<style scoped>
summary {
  cursor: pointer;
  font-weight: 600;
}
.trouble {
  color: var(--wrong);
}
</style>
