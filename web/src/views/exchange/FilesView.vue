<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { api, ask } from '@/api/client'
import PageHead from '@/components/page-head/PageHead.vue'
import { useLoad } from '@/composables/page/useLoad'
import { sayDone } from '@/composables/page/say'
import EarlierImports from './EarlierImports.vue'
import FindList from './FindList.vue'
import TablesOut from './TablesOut.vue'
import { KINDS, counted } from './kinds'
import { useImport } from './useImport'

/** What a club has on paper and in spreadsheets comes in here, and goes out again. */
const { busy, look, found, refused, chosen, reading, problem, read, cancel, leave, choose, take } =
  useImport()
const imports = useLoad(() => ask(api.GET('/api/imports')))
const over = ref(false)
onMounted(imports.load)

const kinds = computed(() =>
  KINDS.map(([kind, , title]) => ({
    kind,
    title: title.charAt(0).toUpperCase() + title.slice(1),
    found: found.value.filter((one) => one.kind === kind),
  })).filter((one) => one.found.length),
)
const wanted = computed(() =>
  KINDS.map(([kind]) => ({
    kind,
    count: found.value.filter((one) => one.kind === kind && chosen.value.has(one.number)).length,
  }))
    .filter((one) => one.count)
    .map((one) => counted(one.kind, one.count))
    .join(', '),
)

async function pick(event: Event) {
  const input = event.target as HTMLInputElement
  const given = [...(input.files ?? [])]
  input.value = ''
  await read(given)
}

async function drop(event: DragEvent) {
  over.value = false
  await read([...(event.dataTransfer?.files ?? [])])
}

async function takeIn() {
  const taken = await take()
  if (!taken) return
  sayDone(`${taken.counts.map((one) => counted(one.kind, one.count)).join(', ')}: they are here.`)
  await imports.load()
}
</script>

<template>
  <div class="stack">
    <PageHead title="Files in and out">
      <p class="quiet">What the club has on paper and in spreadsheets comes in, and goes out again.</p>
    </PageHead>
    <section
      class="card stack drop"
      :class="{ over }"
      aria-label="Bring files"
      @dragover.prevent="over = true"
      @dragleave="over = false"
      @drop.prevent="drop"
    >
      <h2>Bring in</h2>
      <p>
        Sheets (text, Word, OpenDocument, PDF) and step text, one file or many or all in a zip; tables of
        songs, groups, names, classes, closed days, dances and the record as CSV; playlists (XSPF, M3U);
        calendars (.ics) of closed days and classes. You see what is in them before anything is taken, and can
        undo the whole afterwards.
        <RouterLink to="/handbook/taking-it-along#the-columns-of-tables">Which columns</RouterLink>
      </p>
      <div class="row">
        <label class="choose">
          <input
            type="file"
            multiple
            :disabled="!!reading || busy"
            aria-label="Files to bring"
            @change="pick"
          />
        </label>
        <span class="quiet">{{ look ? `${look.files.length} read` : 'or drop them here' }}</span>
      </div>
      <p v-if="reading" role="status" class="row">
        Reading {{ reading === 1 ? 'one file' : `${reading} files` }}…
        <el-button @click="cancel">Stop</el-button>
      </p>
      <p v-if="problem" role="alert" class="wrong">{{ problem }}</p>
    </section>
    <template v-if="look">
      <section v-if="refused.length" class="card stack" aria-label="Files that cannot be read">
        <h2>Not read</h2>
        <ul class="refused">
          <li v-for="(one, i) in refused" :key="i">
            <b>{{ one.name }}</b>: {{ one.why }}
          </li>
        </ul>
      </section>
      <FindList
        v-for="one in kinds"
        :key="one.kind"
        :title="one.title"
        :found="one.found"
        :files="look.files"
        :chosen="chosen"
        @choose="choose"
      />
      <div class="card row spread take" role="region" aria-label="Take in">
        <span role="status">{{ wanted ? `Chosen: ${wanted}.` : 'Nothing is chosen.' }} </span>
        <span class="row">
          <el-button @click="leave">Leave it</el-button>
          <el-button type="primary" :loading="busy" :disabled="!chosen.size" @click="takeIn">{{
            chosen.size === 1 ? 'Take it in' : `Take in ${chosen.size || ''}`
          }}</el-button>
        </span>
      </div>
    </template>
    <EarlierImports v-if="imports.data.value?.length" :imports="imports.data.value" @undone="imports.load" />
    <TablesOut />
  </div>
</template>

<style scoped>
.drop.over {
  outline: 2px dashed var(--accent);
  outline-offset: -6px;
}
.refused {
  margin: 0;
  padding-left: 1.2em;
}
.refused li {
  overflow-wrap: anywhere;
}
.take {
  position: sticky;
  bottom: 8px;
  z-index: 2;
}
</style>
