<script setup lang="ts">
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { useDo } from '@/composables/page/useDo'
import { usePile } from '@/composables/sheets/usePile'

/** Where a sheet is pasted, dropped or chosen. */
defineProps<{ large?: boolean }>()
const router = useRouter()
const pile = usePile()
const { progress } = pile
const { busy, run } = useDo()
const text = ref('')
const over = ref(false)

async function read(now: string) {
  if (!now.trim()) return
  const done = await run(() => pile.paste(now))
  if (done && pile.sheets.value.length) {
    text.value = ''
    await router.push('/dances/read')
  }
}

function pasted(event: ClipboardEvent) {
  const now = event.clipboardData?.getData('text/plain') ?? ''
  if (!now.includes('\n') || text.value.trim()) return
  event.preventDefault()
  text.value = now
  void read(now)
}

async function take(files: FileList | null | undefined) {
  if (!files?.length) return
  await pile.drop([...files])
  if (pile.sheets.value.length || pile.problems.value.length) await router.push('/dances/read')
}

async function chosen(event: Event) {
  const input = event.target as HTMLInputElement
  await take(input.files)
  input.value = ''
}
</script>

<template>
  <div
    class="drop"
    :class="{ over, large }"
    @dragover.prevent="over = true"
    @dragleave="over = false"
    @drop.prevent="((over = false), take($event.dataTransfer?.files))"
  >
    <el-input
      v-model="text"
      type="textarea"
      name="sheet"
      :rows="large ? 9 : 4"
      resize="vertical"
      aria-label="A printed sheet"
      placeholder="Paste the sheet here, as it is: title, counts, every section, tags and restarts."
      @paste="pasted"
    />
    <div class="row">
      <el-button type="primary" :disabled="!text.trim()" :loading="busy" @click="read(text)">
        Read it
      </el-button>
      <label class="choose">
        Choose files
        <input
          type="file"
          name="sheets"
          multiple
          accept=".txt,.docx,.odt,.pdf,.steps,text/plain,application/pdf"
          @change="chosen"
        />
      </label>
      <span class="quiet">Text, .docx, .odt or PDF; many at once, up to 4 MB each.</span>
    </div>
    <p v-if="progress" class="row" role="status">
      <progress :value="progress.done" :max="progress.all" :aria-label="`Reading ${progress.name}`" />
      {{ progress.done + 1 }} of {{ progress.all }}: {{ progress.name }}
      <el-button size="small" @click="pile.stop()">Stop</el-button>
    </p>
  </div>
</template>

<style scoped>
.drop {
  display: grid;
  gap: var(--space-3);
  border: 2px dashed var(--line);
  border-radius: var(--radius);
  padding: var(--space-3);
}
.drop.over {
  border-color: var(--accent);
  background: var(--accent-wash);
}
.choose {
  position: relative;
  border: 1px solid var(--line);
  border-radius: var(--radius-small);
  background: var(--surface);
  font-weight: 600;
  padding: 4px 14px;
  cursor: pointer;
}
.choose:hover {
  border-color: var(--accent);
}
.choose:focus-within {
  outline: 3px solid var(--notice);
  outline-offset: 2px;
}
.choose input {
  position: absolute;
  inset: 0;
  opacity: 0;
  width: 100%;
  cursor: pointer;
}
</style>
