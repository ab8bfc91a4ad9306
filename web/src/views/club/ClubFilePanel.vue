<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask, asFile, type Schemas } from '@/api/client'
import { useDo } from '@/composables/page/useDo'
import { useLoad } from '@/composables/page/useLoad'
import { useSession } from '@/composables/people/useSession'
import { moment } from '@/domain/time'

/** The whole club as one file: taken along, or brought into an installation that has none yet. */
const session = useSession()
const router = useRouter()
const now = useLoad(() => ask(api.GET('/api/club')))
const { busy, run } = useDo()
const look = ref<Schemas['FileLook']>()
const name = ref('')
let chosen: ArrayBuffer | undefined
onMounted(now.load)

async function choose(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  look.value = undefined
  if (!file) return
  name.value = file.name
  await run(async () => {
    const bytes = await file.arrayBuffer()
    look.value = await ask(api.POST('/api/club/file/look', asFile(bytes)))
    chosen = bytes
  })
  // The same file, mended, can be chosen again.
  input.value = ''
}

async function take() {
  const bytes = chosen
  if (!bytes) return
  const done = await run(
    () => ask(api.POST('/api/club/file', asFile(bytes))),
    'The club is here. Sign in again; the others come in by a link that you make them under Club.',
  )
  if (!done) return
  session.forget()
  await router.push('/sign-in')
}
</script>

<template>
  <section class="card stack" aria-label="The club as one file">
    <template v-if="now.data.value?.empty">
      <h2>Bring a club</h2>
      <p>
        A club’s file from another installation comes in with its dances, songs, groups, record and history.
        Before anything is taken you see what is in it.
      </p>
      <div class="row">
        <label class="choose">
          <input type="file" accept=".json,application/json" :disabled="busy" @change="choose" />
        </label>
      </div>
      <p v-if="busy && !look" role="status">Trying out {{ name }}; nothing is taken yet …</p>
      <template v-if="look">
        <template v-if="look.faults.length">
          <h3>{{ name }} cannot be taken</h3>
          <ul class="faults">
            <li v-for="(one, i) in look.faults" :key="i">
              <b>{{ one.place }}</b>: {{ one.what }}
            </li>
          </ul>
        </template>
        <template v-else>
          <h3>{{ name }}, written on {{ moment(look.made) }}</h3>
          <p>
            Owned by {{ look.owners.join(', ') }}. You stay an owner, with your password; for everybody else
            you make a link to choose one.
          </p>
          <p v-if="look.earlier" class="quiet">
            An earlier release wrote this file; it is brought up to date as it comes in.
          </p>
          <ul class="lists">
            <li v-for="one in look.lists" :key="one.list" :title="one.about">
              <b class="number">{{ one.rows }}</b> {{ one.list }}
            </li>
          </ul>
          <div class="row">
            <el-button type="primary" :loading="busy" @click="take">Take it in</el-button>
            <el-button @click="look = undefined">Leave it</el-button>
          </div>
        </template>
      </template>
    </template>
    <div v-else class="row spread">
      <div>
        <h2>The club as one file</h2>
        <p>
          Everything the club has, with its record and history, for an empty installation elsewhere or for
          other programs. Names of people and dancers are in it; passwords and links are not.
        </p>
        <p class="quiet">
          <a href="/api/club/schema" target="_blank" rel="noopener">What is in it, as a JSON Schema</a>
        </p>
      </div>
      <a href="/api/club/file" download><el-button tag="span">Take it along</el-button></a>
    </div>
  </section>
</template>

<style scoped>
.lists {
  columns: 3 200px;
  list-style: none;
  padding: 0;
  margin: 0;
}
.lists b {
  display: inline-block;
  min-width: 4ch;
  text-align: right;
}
.faults li {
  overflow-wrap: anywhere;
}
</style>
