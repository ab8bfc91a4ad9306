<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import { onBeforeUnmount, onMounted, ref, watch } from 'vue'
import type { EditorView } from '@codemirror/view'
import type { Schemas } from '@/api/client'
import { keep, makeEditor, replaceRange, showRemarks, takeOver } from './editor'
import type { Help } from './help'

/** The text of a dance, with marks where something is to be said about it. */
const props = defineProps<{
  remarks: Schemas['Remark'][]
  help: Help
  /** Where what can be undone is kept on this machine. */
  undoKey: string
  readonly?: boolean
  /** The last text that a colleague's change came to: taking a step back leaves it. */
  outside?: string
}>()
const text = defineModel<string>({ required: true })

const host = ref<HTMLElement>()
let view: EditorView | undefined

onMounted(() => {
  view = makeEditor(host.value!, text.value, props.readonly ?? false, props.help, typed, kept())
  showRemarks(view, props.remarks)
})
onBeforeUnmount(() => view?.destroy())

function kept(): { doc?: string } | undefined {
  try {
    return JSON.parse(localStorage.getItem(props.undoKey) ?? 'null') ?? undefined
  } catch {
    return undefined
  }
}

const keepSteps = useDebounceFn((now: EditorView) => {
  try {
    localStorage.setItem(props.undoKey, JSON.stringify(keep(now)))
  } catch {
    // The browser's store is full: undo ends with this page.
  }
}, 400)
function typed(now: EditorView) {
  text.value = now.state.doc.toString()
  void keepSteps(now)
}

watch(text, (now) => {
  if (!view || now === view.state.doc.toString()) return
  if (now === props.outside) takeOver(view, now)
  else replaceRange(view, 0, view.state.doc.length, now)
})
watch(
  () => props.remarks,
  (remarks) => view && showRemarks(view, remarks),
)

/** Puts the cursor at a place and shows it. */
function goTo(offset: number) {
  if (!view) return
  const at = Math.min(offset, view.state.doc.length)
  view.dispatch({ selection: { anchor: at }, scrollIntoView: true })
  view.focus()
}

function mend(change: Schemas['MendView']) {
  if (view) replaceRange(view, change.start, change.end, change.replacement)
}

defineExpose({ goTo, mend })
</script>

<template>
  <div ref="host" class="editor" />
</template>

<style scoped>
.editor {
  border: 1px solid var(--text-soft);
  border-radius: var(--radius-small);
  background: var(--surface);
  overflow: hidden;
}
.editor:focus-within {
  outline: 3px solid var(--notice);
}
</style>
