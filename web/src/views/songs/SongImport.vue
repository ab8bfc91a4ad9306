<script setup lang="ts">
import { ref } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import { useDo } from '@/composables/page/useDo'

/** A list comes in: first it is told what would happen, line by line, then it is done. */
const open = defineModel<boolean>({ required: true })
const emit = defineEmits<{ done: [] }>()
const { busy, run } = useDo()
const text = ref('')
const name = ref('')
const report = ref<Schemas['SongImport']>()
const MOST_BYTES = 500_000
const problem = ref('')
const WHATS: Record<Schemas['Line']['what'], string> = {
  NEW: 'new',
  FILLED: 'filled in',
  SAME: 'known',
  DIFFERS: 'differs',
  FAULT: 'not read',
}

/** Most lists are UTF-8; old spreadsheets write the Windows code page. */
function decode(bytes: ArrayBuffer): string {
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes)
  } catch {
    return new TextDecoder('windows-1252').decode(bytes)
  }
}

async function choose(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  if (!file) return
  report.value = undefined
  problem.value = ''
  if (file.size > MOST_BYTES) {
    problem.value = 'This file is larger than 500 KB; a list of songs is smaller. Split it in two.'
    return
  }
  name.value = file.name
  text.value = decode(await file.arrayBuffer())
  input.value = ''
  await send(false)
}

async function send(doIt: boolean) {
  await run(async () => {
    report.value = await ask(api.POST('/api/songs/import', { body: { text: text.value, doIt } }))
  })
  if (doIt && report.value?.done) {
    emit('done')
  }
}

function close() {
  open.value = false
  report.value = undefined
  problem.value = ''
}
</script>

<template>
  <el-dialog v-model="open" title="Import songs" width="min(860px, 94vw)" @closed="close">
    <div class="stack">
      <p>
        A table as CSV whose first line names its columns (<i>title</i> is needed; artist, bpm, count rate,
        length, intro, meter, style, phrases, where, explicit are understood), or an XSPF playlist. What the
        club knows of a song stays as it is; only blanks are filled.
      </p>
      <input
        type="file"
        name="list"
        accept=".csv,.txt,.tsv,.xspf,text/csv,application/xspf+xml"
        aria-label="List of songs"
        @change="choose"
      />
      <p v-if="problem" class="wrong" role="alert">{{ problem }}</p>
      <p v-if="busy" role="status">Reading…</p>
      <template v-if="report">
        <p role="status">
          <b>{{ name }}</b>: {{ report.added }} new, {{ report.filled }} filled in.
          {{ report.done ? 'Done.' : 'Nothing is changed yet.' }}
        </p>
        <div class="lines">
          <table>
            <thead>
              <tr>
                <th scope="col">line</th>
                <th scope="col">song</th>
                <th scope="col">what</th>
                <th scope="col" />
              </tr>
            </thead>
            <tbody>
              <tr v-for="(line, i) in report.lines" :key="i" :class="line.what">
                <td class="number">{{ line.line || '' }}</td>
                <td>
                  {{ line.title }}<span class="quiet after">{{ line.artist }}</span>
                </td>
                <td>{{ WHATS[line.what] }}</td>
                <td class="quiet">{{ line.note }}</td>
              </tr>
            </tbody>
          </table>
        </div>
      </template>
    </div>
    <template #footer>
      <el-button @click="close">{{ report?.done ? 'Close' : 'Leave it' }}</el-button>
      <el-button
        v-if="!report?.done"
        type="primary"
        :loading="busy"
        :disabled="!report || report.added + report.filled === 0"
        @click="send(true)"
        >Take them over</el-button
      >
    </template>
  </el-dialog>
</template>

<style scoped>
.lines {
  max-height: 42vh;
  overflow: auto;
  border: 1px solid var(--line);
  border-radius: var(--radius-small);
}
table {
  border-collapse: collapse;
  width: 100%;
}
td,
th {
  text-align: left;
  padding: 3px 10px;
  border-bottom: 1px solid var(--line);
  vertical-align: top;
}
.FAULT td {
  background: var(--wrong-wash);
}
.wrong {
  color: var(--wrong);
}
</style>
