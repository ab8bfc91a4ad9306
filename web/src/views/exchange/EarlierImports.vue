<script setup lang="ts">
import { ref } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import { confirmed } from '@/composables/page/confirm'
import { useDo } from '@/composables/page/useDo'
import { moment } from '@/domain/time'
import { counted } from './kinds'

/** What came in before, with a way back. */
const { imports } = defineProps<{ imports: Schemas['ImportView'][] }>()
const emit = defineEmits<{ undone: [] }>()
const { busy, run } = useDo()
const left = ref<Schemas['LeftView'][]>()

const what = (one: Schemas['ImportView']) => one.counts.map((it) => counted(it.kind, it.count)).join(', ')

async function undo(one: Schemas['ImportView']) {
  const sure = await confirmed(
    'Undo this import?',
    `${what(one)} came in with ${one.files}. What is new is removed, what was changed gets its earlier version back. What somebody has gone on from since stays.`,
    'Undo it',
    'Leave it',
  )
  if (!sure) return
  const done = await run(async () => {
    const path = { id: one.id }
    left.value = (await ask(api.POST('/api/imports/{id}/undo', { params: { path } }))).left
  }, 'It is undone.')
  if (done) emit('undone')
}
</script>

<template>
  <section class="card stack" aria-label="What came in before">
    <h2>What came in before</h2>
    <p v-if="left?.length" role="status">
      Left as it is:
      <span v-for="(one, i) in left" :key="i">{{ i ? '; ' : '' }}{{ one.why }}</span
      >.
    </p>
    <ul class="rows">
      <li v-for="one in imports" :key="one.id" class="row spread">
        <div>
          <b>{{ what(one) }}</b>
          <span class="quiet after">{{ moment(one.at) }}, {{ one.by.name }}, {{ one.files }}</span>
        </div>
        <span v-if="one.undone" class="quiet">undone</span>
        <el-button v-else :disabled="busy" @click="undo(one)">Undo</el-button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.rows div {
  overflow-wrap: anywhere;
  min-width: 0;
  flex: 1 1 220px;
}
</style>
