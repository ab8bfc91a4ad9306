<script setup lang="ts">
import { computed, onMounted, reactive, ref } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import { useDo } from '@/composables/page/useDo'
import { useLoad } from '@/composables/page/useLoad'
import { useSession } from '@/composables/people/useSession'
import { day } from '@/domain/time'

/** What lies over the weeks: days without a class, and themes; an instructor changes them here. */
const props = defineProps<{ today: string }>()
const emit = defineEmits<{ changed: [] }>()
const session = useSession()
const { busy, run } = useDo()
const { data, load } = useLoad(() => ask(api.GET('/api/calendar')))
const groups = useLoad(() => ask(api.GET('/api/groups')))
onMounted(() => Promise.all([load(), groups.load()]))

const adding = ref<'closed' | 'theme'>()
const closed = reactive({
  group: undefined as number | undefined,
  from: props.today,
  to: props.today,
  note: '',
})
const theme = reactive({ name: '', from: props.today, to: props.today, tags: [] as string[] })
const closedNow = computed(() => (data.value?.closed ?? []).filter((one) => one.to >= props.today))
const themesNow = computed(() => (data.value?.themes ?? []).filter((one) => one.to >= props.today))
const groupName = (id: number | undefined) =>
  id === undefined ? 'all groups' : (groups.data.value?.find((one) => one.id === id)?.name ?? 'a group')
const span = (one: { from: string; to: string }) =>
  one.from === one.to ? day(one.from) : `${day(one.from)} to ${day(one.to)}`

async function changed(action: () => Promise<unknown>, words: string) {
  if (!(await run(action, words))) return
  adding.value = undefined
  await load()
  emit('changed')
}
const close = () =>
  changed(() => ask(api.POST('/api/calendar/closed', { body: { ...closed } })), 'No class on these days.')
const putUp = () =>
  changed(() => ask(api.POST('/api/calendar/themes', { body: { ...theme } })), 'The theme weighs in.')
const open = (one: Schemas['ClosedView']) =>
  changed(
    () => ask(api.DELETE('/api/calendar/closed/{id}', { params: { path: { id: one.id } } })),
    'There are classes again.',
  )
const takeDown = (one: Schemas['ThemeView']) =>
  changed(
    () => ask(api.DELETE('/api/calendar/themes/{id}', { params: { path: { id: one.id } } })),
    'Taken down.',
  )
</script>

<template>
  <section v-if="data" class="card stack" aria-label="Over the weeks">
    <div class="row spread">
      <h2>Over the weeks</h2>
      <span v-if="session.may('CALENDAR')" class="row no-print">
        <el-button size="small" @click="adding = adding === 'theme' ? undefined : 'theme'"
          >Put up a theme</el-button
        >
        <el-button size="small" @click="adding = adding === 'closed' ? undefined : 'closed'"
          >Close some days</el-button
        >
      </span>
    </div>
    <form v-if="adding === 'closed'" class="row" @submit.prevent="close">
      <el-select
        v-model="closed.group"
        clearable
        placeholder="all groups"
        aria-label="Which group"
        style="width: 190px"
      >
        <el-option v-for="one in groups.data.value ?? []" :key="one.id" :value="one.id" :label="one.name" />
      </el-select>
      <el-input v-model="closed.from" type="date" aria-label="Closed from" style="width: 160px" />
      to
      <el-input v-model="closed.to" type="date" aria-label="Closed to" style="width: 160px" />
      <el-input
        v-model="closed.note"
        maxlength="120"
        placeholder="why"
        aria-label="Why closed"
        style="width: 200px"
      />
      <el-button type="primary" native-type="submit" :loading="busy">Close</el-button>
    </form>
    <form v-if="adding === 'theme'" class="row" @submit.prevent="putUp">
      <el-input
        v-model="theme.name"
        maxlength="80"
        placeholder="Name"
        aria-label="Name of the theme"
        style="width: 190px"
      />
      <el-input v-model="theme.from" type="date" aria-label="Theme from" style="width: 160px" />
      to
      <el-input v-model="theme.to" type="date" aria-label="Theme to" style="width: 160px" />
      <el-select
        v-model="theme.tags"
        multiple
        filterable
        allow-create
        default-first-option
        :reserve-keyword="false"
        placeholder="tags: a style, a figure, a tag of yours"
        aria-label="Tags of the theme"
        style="width: 300px"
      />
      <el-button
        type="primary"
        native-type="submit"
        :loading="busy"
        :disabled="!theme.name.trim() || theme.tags.length === 0"
        >Put up</el-button
      >
    </form>
    <ul>
      <li v-for="one in themesNow" :key="`theme ${one.id}`">
        <b>{{ one.name }}</b>
        <span class="quiet after">{{ span(one) }}: dances with {{ one.tags.join(', ') }}</span>
        <button
          v-if="session.may('CALENDAR')"
          class="plain-button no-print"
          type="button"
          :aria-label="`Take down ${one.name}`"
          @click="takeDown(one)"
        >
          ✕
        </button>
      </li>
      <li v-for="one in closedNow" :key="`closed ${one.id}`">
        <b>No class</b><span class="after">{{ span(one) }}</span>
        <span class="quiet after">{{ groupName(one.group) }}{{ one.note ? `, ${one.note}` : '' }}</span>
        <button
          v-if="session.may('CALENDAR')"
          class="plain-button no-print"
          type="button"
          :aria-label="`Open ${span(one)} again`"
          @click="open(one)"
        >
          ✕
        </button>
      </li>
      <li v-if="themesNow.length + closedNow.length === 0" class="quiet">
        No theme and no closed days ahead.
      </li>
    </ul>
  </section>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
</style>
