<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { api, ask } from '@/api/client'
import PageState from '@/components/page-state/PageState.vue'
import QrPicture from '@/components/qr-picture/QrPicture.vue'
import SecretLink from '@/components/secret-link/SecretLink.vue'
import { useDo } from '@/composables/page/useDo'
import { useLoad } from '@/composables/page/useLoad'
import { useSession } from '@/composables/people/useSession'
import { ago } from '@/domain/time'

/** Classes in the calendar of a phone or a computer, by a secret address that it reads again and again. */
const session = useSession()
const { data, problem, loading, load } = useLoad(() => ask(api.GET('/api/calendars')))
const groups = useLoad(() => ask(api.GET('/api/groups')))
const { busy, run } = useDo()
const chosen = ref<'MINE' | 'CLUB' | number>(session.may('LEAD') ? 'MINE' : 'CLUB')
const word = ref('')
const path = computed(() => `/api/calendars/${word.value}/classes.ics`)
const address = computed(() => location.origin + path.value)
onMounted(() => Promise.all([load(), groups.load()]))

async function make() {
  const of = chosen.value
  const body =
    typeof of === 'number' ? ({ kind: 'GROUP', group: of } as const) : { kind: of, group: undefined }
  await run(async () => (word.value = (await ask(api.POST('/api/calendars', { body }))).word))
  await load()
}

async function takeBack(id: number) {
  await run(
    () => ask(api.DELETE('/api/calendars/{id}', { params: { path: { id } } })),
    'Taken back; programs that read it get nothing any more.',
  )
  await load()
}
</script>

<template>
  <section class="card stack" aria-label="Your calendar">
    <h2>Classes in your own calendar</h2>
    <PageState :loading :problem :ready="!!data" @again="load">
      <p v-if="!data?.length && !word" class="quiet">
        Make a secret address, and let the calendar of your phone subscribe to it: half a year of classes,
        with who leads them and where, and what is called off. It shows no names of dancers.
      </p>
      <ul v-else class="rows">
        <li v-for="one in data" :key="one.id" class="row spread">
          <span
            ><strong>{{ one.name }}</strong
            >{{ ' ' }}
            <span class="quiet">{{
              one.lastUsed ? `last read ${ago(one.lastUsed, Date.now())}` : 'not read yet'
            }}</span></span
          >
          <el-button size="small" :loading="busy" @click="takeBack(one.id)">Take back</el-button>
        </li>
      </ul>
    </PageState>
    <SecretLink v-if="word" :path @close="word = ''">
      Whoever has this address sees the calendar. It is shown this once.
      <span class="picture"><QrPicture :address :size="150" /></span>
    </SecretLink>
    <form v-else class="row" @submit.prevent="make">
      <el-select v-model="chosen" aria-label="Whose classes" style="width: 240px">
        <el-option v-if="session.may('LEAD')" value="MINE" label="Those that I lead" />
        <el-option value="CLUB" label="All of the club" />
        <el-option v-for="one in groups.data.value ?? []" :key="one.id" :value="one.id" :label="one.name" />
      </el-select>
      <el-button native-type="submit" :loading="busy">Make an address</el-button>
    </form>
  </section>
</template>

<style scoped>
.picture {
  display: block;
  margin-top: var(--space-2);
}
</style>
