import { defaultKeymap, history, historyKeymap } from '@codemirror/commands'
import { HighlightStyle, StreamLanguage, syntaxHighlighting } from '@codemirror/language'
import { type Diagnostic, lintGutter, setDiagnostics } from '@codemirror/lint'
import { EditorState } from '@codemirror/state'
import { EditorView, keymap, lineNumbers } from '@codemirror/view'
import { tags } from '@lezer/highlight'
import type { Schemas } from '@/api/client'

/** Colours only: what the words mean is for the server to say. */
const notation = StreamLanguage.define<{ steps: boolean }>({
  startState: () => ({ steps: false }),
  token(stream, state) {
    if (stream.sol()) state.steps = false
    if (stream.eatSpace()) return null
    if (stream.match(/^#.*/)) return 'comment'
    if (stream.match(/^\([^)]*\)?/)) return 'comment'
    const line = stream.string.trimStart().toLowerCase()
    if (/^(section|part|tag|bridge|ending|option|phrasing)\b/.test(line)) {
      stream.skipToEnd()
      return 'heading'
    }
    if (stream.column() === stream.indentation() && stream.match(/^[a-z]+(?=\s*:)/i)) return 'keyword'
    if (stream.column() === stream.indentation() && stream.match(/^[&ae\d][\d&ae\-–, ]*(?=\s)/)) {
      state.steps = true
      return 'number'
    }
    if (state.steps && stream.match(/^(\d-)?\d\/\d\b|^full\b/)) return 'unit'
    if (state.steps && stream.match(/^R\b/)) return 'propertyName'
    if (state.steps && stream.match(/^L\b/)) return 'labelName'
    if (!stream.match(/^[^\s,()#]+/)) stream.next()
    return null
  },
})

const colours = HighlightStyle.define([
  { tag: tags.comment, color: 'var(--ink-soft)', fontStyle: 'italic' },
  { tag: tags.heading, color: 'var(--plum-bright)', fontWeight: '700' },
  { tag: tags.keyword, color: 'var(--ink-soft)' },
  { tag: tags.number, fontWeight: '700' },
  { tag: tags.unit, color: 'var(--plum-bright)', fontWeight: '700' },
  { tag: tags.propertyName, color: 'var(--rust)', fontWeight: '700' },
  { tag: tags.labelName, color: 'var(--teal)', fontWeight: '700' },
])

const look = EditorView.theme({
  '&': { fontSize: '15px', backgroundColor: 'var(--chalk)', color: 'var(--ink)' },
  '&.cm-focused': { outline: 'none' },
  '.cm-content': { fontFamily: 'var(--type-mono)', lineHeight: '1.55', caretColor: 'var(--ink)' },
  '.cm-cursor': { borderLeftColor: 'var(--ink)', borderLeftWidth: '2px' },
  '.cm-gutters': { backgroundColor: 'var(--board)', color: 'var(--ink-soft)', border: 'none' },
  '.cm-tooltip': {
    backgroundColor: 'var(--chalk)',
    color: 'var(--ink)',
    border: '1px solid var(--ink-soft)',
    borderRadius: '6px',
    maxWidth: '420px',
    font: '15px/1.45 var(--type)',
  },
  '.cm-diagnosticAction': {
    backgroundColor: 'var(--plum)',
    color: 'var(--on-plum)',
    borderRadius: '6px',
    padding: '3px 10px',
    margin: '6px 6px 0 0',
    font: '600 14px var(--type)',
  },
})

/** Makes an editor inside an element; {@code changed} hears every new text. */
export function makeEditor(
  parent: HTMLElement,
  doc: string,
  readonly: boolean,
  changed: (text: string) => void,
): EditorView {
  return new EditorView({
    parent,
    state: EditorState.create({
      doc,
      extensions: [
        lineNumbers(),
        history(),
        keymap.of([...defaultKeymap, ...historyKeymap]),
        notation,
        syntaxHighlighting(colours),
        lintGutter(),
        look,
        EditorView.lineWrapping,
        EditorView.contentAttributes.of({ 'aria-label': 'Step text', spellcheck: 'false' }),
        EditorState.readOnly.of(readonly),
        EditorView.updateListener.of((update) => {
          if (update.docChanged) changed(update.state.doc.toString())
        }),
      ],
    }),
  })
}

/** Replaces a run of characters, so that undo brings it back. */
export function replaceRange(view: EditorView, from: number, to: number, insert: string): void {
  const length = view.state.doc.length
  view.dispatch({ changes: { from: Math.min(from, length), to: Math.min(to, length), insert } })
  view.focus()
}

/** Marks the places that something is to be said about. */
export function showRemarks(view: EditorView, remarks: Schemas['Remark'][]): void {
  const length = view.state.doc.length
  const diagnostics: Diagnostic[] = remarks
    .filter((remark) => remark.start <= length)
    .map((remark) => ({
      from: remark.start,
      to: Math.min(Math.max(remark.end, remark.start), length),
      severity: remark.severity as 'error' | 'warning' | 'info',
      message: remark.message,
      actions: remark.mends.map((mend) => ({
        name: mend.label,
        apply: (editor: EditorView) => replaceRange(editor, mend.start, mend.end, mend.replacement),
      })),
    }))
  view.dispatch(setDiagnostics(view.state, diagnostics))
}
