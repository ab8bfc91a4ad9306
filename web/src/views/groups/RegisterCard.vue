<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import { confirmed } from '@/composables/page/confirm'
import { useDo } from '@/composables/page/useDo'
import { useLoad } from '@/composables/page/useLoad'
import { useSession } from '@/composables/people/useSession'
import HeadsBars from './HeadsBars.vue'

/** Who comes to the group: names, heads or nothing, as the club chooses. */
const props = defineProps<{ group: number; today: string; may: boolean }>()
const emit = defineEmits<{ changed: [] }>()
const session = useSession()
const { busy, run } = useDo()
const { data, load } = useLoad(() =>
  ask(api.GET('/api/groups/{id}/register', { params: { path: { id: props.group } } })),
)
const KINDS = { NOTHING: 'nothing', HEADS: 'how many came', NAMES: 'names' } as const
const name = ref('')
const on = ref(props.today)
const heads = ref<number>()
const there = ref<number[]>([])
const written = computed(() => data.value?.came.find((one) => one.day === on.value))

watch(() => props.group, load, { immediate: true })
watch([on, data], () => {
  heads.value = written.value?.heads
  there.value = [...(written.value?.there ?? [])]
})

async function keep(kind: Schemas['RegisterForm']['kind']) {
  const path = { id: props.group }
  await run(() => ask(api.PUT('/api/groups/{id}/register', { params: { path }, body: { kind } })))
  await load()
  emit('changed')
}
async function add() {
  const path = { id: props.group }
  const body = { name: name.value }
  const done = await run(() => ask(api.POST('/api/groups/{id}/register/dancers', { params: { path }, body })))
  if (done) name.value = ''
  await load()
}
async function remove(dancer: Schemas['DancerView']) {
  const words =
    'The name is deleted in every group, from every class and from every request. This cannot be undone.'
  if (!(await confirmed(`Delete ${dancer.name}`, words, 'Delete', 'Keep'))) return
  const path = { id: props.group, dancer: dancer.id }
  await run(
    () => ask(api.DELETE('/api/groups/{id}/register/dancers/{dancer}', { params: { path } })),
    'Deleted.',
  )
  await load()
  emit('changed')
}
async function write() {
  const path = { id: props.group, day: on.value }
  const version = written.value?.version ?? 0
  const body =
    data.value?.kind === 'NAMES' ? { there: there.value, version } : { heads: heads.value ?? 0, version }
  await run(
    () => ask(api.PUT('/api/groups/{id}/register/days/{day}', { params: { path }, body })),
    'Written down.',
  )
  await load()
  emit('changed')
}
</script>

<template>
  <section class="card stack" aria-label="Who comes">
    <h2>Who comes</h2>
    <template v-if="data">
      <p v-if="session.may('PLAN')" class="row">
        This group keeps
        <el-select
          :model-value="data.kind"
          size="small"
          style="width: 150px"
          aria-label="What this group keeps of who comes"
          @update:model-value="keep"
        >
          <el-option v-for="(words, kind) in KINDS" :key="kind" :label="words" :value="kind" />
        </el-select>
      </p>
      <p v-else class="quiet">This group keeps {{ KINDS[data.kind] }}.</p>
      <HeadsBars :came="data.came" />
      <form v-if="data.kind !== 'NOTHING'" class="stack" @submit.prevent="write">
        <p class="row">
          <el-input
            v-model="on"
            type="date"
            :max="today"
            size="small"
            aria-label="Class on"
            style="width: 150px"
          />
          <template v-if="data.kind === 'HEADS'">
            <el-input-number v-model="heads" :min="0" :max="500" size="small" aria-label="How many came" />
          </template>
          <span v-else class="number">{{ there.length }} of {{ data.dancers.length }}</span>
          <el-button v-if="may" size="small" type="primary" native-type="submit" :loading="busy"
            >Write down</el-button
          >
        </p>
        <el-checkbox-group v-if="data.kind === 'NAMES'" v-model="there" class="names">
          <span v-for="one in data.dancers" :key="one.id" class="name">
            <el-checkbox :value="one.id"
              >{{ one.name }}<small v-if="!one.regular" class="quiet"> rarely</small></el-checkbox
            >
            <button
              v-if="may"
              class="plain-button"
              type="button"
              :aria-label="`Delete ${one.name}`"
              @click="remove(one)"
            >
              ×
            </button>
          </span>
        </el-checkbox-group>
      </form>
      <form v-if="may && data.kind === 'NAMES'" class="row" @submit.prevent="add">
        <el-input
          v-model="name"
          size="small"
          maxlength="60"
          placeholder="a display name"
          aria-label="New name"
        />
        <el-button size="small" native-type="submit" :disabled="!name.trim()" :loading="busy">Add</el-button>
      </form>
      <p class="quiet">
        Display names only, to see who was there when a dance was taught. Nothing else is kept of them.
      </p>
    </template>
  </section>
</template>

<style scoped>
.names {
  display: grid;
  grid-template-columns: 1fr 1fr;
}
.name {
  display: flex;
  align-items: center;
  justify-content: space-between;
}
</style>
