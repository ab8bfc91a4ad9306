<script setup lang="ts">
import { onMounted } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import { confirmed } from '@/composables/page/confirm'
import { useDo } from '@/composables/page/useDo'
import { useLoad } from '@/composables/page/useLoad'

/** Those who have left and whom the records still name; each can be forgotten. */
type Former = Schemas['FormerColleague']
const { data, load } = useLoad(() => ask(api.GET('/api/people/left')))
const { busy, run } = useDo()
onMounted(load)
defineExpose({ load })

async function forget({ id, name, version }: Former) {
  const words = 'The records say “a former leader” instead. That cannot be taken back.'
  if (!(await confirmed(`Forget ${name}?`, words, 'Forget', 'Keep'))) return
  const params = { path: { id }, query: { version } }
  await run(() => ask(api.DELETE('/api/people/left/{id}', { params })), 'Forgotten.')
  await load()
}
</script>

<template>
  <details v-if="data?.length">
    <summary>Left, and named in the records ({{ data.length }})</summary>
    <ul class="rows">
      <li v-for="one in data" :key="one.id" class="row spread">
        <span>{{ one.name }}</span>
        <el-button size="small" :loading="busy" :aria-label="`Forget ${one.name}`" @click="forget(one)"
          >Forget</el-button
        >
      </li>
    </ul>
  </details>
</template>
