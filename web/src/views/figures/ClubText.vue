<script setup lang="ts">
import { onMounted } from 'vue'
import { api, ask, type Schemas } from '@/api/client'
import ConflictPanel from '@/components/conflict-panel/ConflictPanel.vue'
import DraftNote from '@/components/draft-note/DraftNote.vue'
import { useDo } from '@/composables/page/useDo'
import { useVersioned, type Stored } from '@/composables/page/useVersioned'
import { mergeText } from '@/domain/merge'

/** One of the texts in which the club says what is its own. */
type Which = 'own-figures' | 'level-table'
const props = defineProps<{ which: Which; title: string; keep: string }>()
const emit = defineEmits<{ kept: [] }>()
const { busy, save: saved } = useDo()

type Texts = Schemas['ClubTexts']
function stored(view: Texts): Stored<string, Texts> {
  return props.which === 'own-figures'
    ? { version: view.ownFiguresVersion, value: view.ownFigures, view, by: 'A colleague' }
    : { version: view.levelTableVersion, value: view.levelTable, view, by: 'A colleague' }
}
const text = useVersioned<string, Texts>({
  key: () => `club-${props.which}`,
  load: async () => stored(await ask(api.GET('/api/figures/club'))),
  fresh: () => '',
  save: async (value, version) => {
    const body = { text: value, version }
    return stored(
      await ask(
        props.which === 'own-figures'
          ? api.PUT('/api/figures/club/own-figures', { body })
          : api.PUT('/api/figures/club/level-table', { body }),
      ),
    )
  },
  merge: mergeText,
})
const { value, changed, clash, restored, problem } = text
onMounted(text.open)

async function save() {
  if (await saved(text, 'Kept; it holds everywhere from now on.')) emit('kept')
}
</script>

<template>
  <div class="card stack">
    <h2>{{ title }}</h2>
    <slot />
    <p v-if="problem" role="alert">{{ problem }}</p>
    <ConflictPanel :of="text" :lines="(words) => words.split('\n')" marks />
    <DraftNote :restored @discard="text.discard()" />
    <el-input
      v-model="value"
      type="textarea"
      :rows="6"
      maxlength="20000"
      :aria-label="title"
      :disabled="!!clash"
      class="mono"
    />
    <div>
      <el-button type="primary" :loading="busy" :disabled="!changed || !!clash" @click="save">{{
        keep
      }}</el-button>
    </div>
  </div>
</template>

<style scoped>
.mono :deep(textarea) {
  font-family: var(--type-mono);
}
</style>
