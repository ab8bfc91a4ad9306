<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { api, ask } from '@/api/client'
import PageState from '@/components/page-state/PageState.vue'
import { useDo } from '@/composables/page/useDo'
import { useLoad } from '@/composables/page/useLoad'
import { day } from '@/domain/time'

/** When one cannot lead; classes on these days wait for somebody else. */
const { data, problem, loading, load } = useLoad(() => ask(api.GET('/api/away')))
const { busy, run } = useDo()
const days = ref<[string, string] | null>(null)
const note = ref('')
const mine = computed(() => (data.value ?? []).filter((one) => one.mine))
onMounted(load)

async function add() {
  if (!days.value) return
  const [from, to] = days.value
  const done = await run(
    () => ask(api.POST('/api/away', { body: { from, to, note: note.value } })),
    'Noted; your classes on these days wait for somebody.',
  )
  if (!done) return
  days.value = null
  note.value = ''
  await load()
}

async function remove(id: number) {
  await run(() => ask(api.DELETE('/api/away/{id}', { params: { path: { id } } })))
  await load()
}
</script>

<template>
  <section class="card stack" aria-label="When you cannot lead">
    <h2>When you cannot lead</h2>
    <PageState :loading :problem :ready="!!data" @again="load">
      <ul v-if="mine.length" class="rows">
        <li v-for="one in mine" :key="one.id" class="row spread">
          <span
            ><strong>{{ one.from === one.to ? day(one.from) : `${day(one.from)} to ${day(one.to)}` }}</strong>
            <span class="quiet"> {{ one.note }}</span></span
          >
          <el-button size="small" :loading="busy" @click="remove(one.id)">Remove</el-button>
        </li>
      </ul>
    </PageState>
    <form class="row" @submit.prevent="add">
      <el-date-picker
        v-model="days"
        type="daterange"
        value-format="YYYY-MM-DD"
        start-placeholder="from"
        end-placeholder="to"
        aria-label="Days away"
        class="days"
      />
      <el-input v-model="note" maxlength="120" placeholder="why (may be left empty)" style="width: 220px" />
      <el-button native-type="submit" :loading="busy" :disabled="!days">I cannot then</el-button>
    </form>
  </section>
</template>

<style scoped>
.row :deep(.days) {
  flex: 0 1 320px;
}
</style>
