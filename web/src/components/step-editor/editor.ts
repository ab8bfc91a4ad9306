import { autocompletion, completionKeymap } from '@codemirror/autocomplete'
import { defaultKeymap, history, historyField, historyKeymap, isolateHistory } from '@codemirror/commands'
import { syntaxHighlighting } from '@codemirror/language'
import { type Diagnostic, lintGutter, setDiagnostics } from '@codemirror/lint'
import { EditorState, Transaction } from '@codemirror/state'
import { EditorView, keymap, lineNumbers } from '@codemirror/view'
import { diffIndices } from 'node-diff3'
import type { Schemas } from '@/api/client'
import { PAGE_ROOT } from './page-root'
import { complete } from './completion'
import { explain } from './explain'
import type { Help } from './help'
import { look } from './look'
import { colours, notation } from './notation'

/** The text with what can be undone, to be kept over a reload. */
export function keep(view: EditorView): unknown {
  return view.state.toJSON({ history: historyField })
}

/**
 * Makes an editor inside an element.
 *
 * @param changed hears every new text
 * @param kept what {@link keep} gave for this very text, so that undo goes on
 */
export function makeEditor(
  parent: HTMLElement,
  doc: string,
  readonly: boolean,
  help: Help,
  changed: (view: EditorView) => void,
  kept?: { doc?: string },
): EditorView {
  const extensions = [
    lineNumbers(),
    history(),
    keymap.of([
      { key: 'Alt-Shift-f', run: () => (help.format(), true) },
      ...completionKeymap,
      ...defaultKeymap,
      ...historyKeymap,
    ]),
    notation,
    syntaxHighlighting(colours),
    lintGutter(),
    look,
    autocompletion({ override: [(context) => complete(context, help)], activateOnTyping: true }),
    explain(help),
    EditorView.lineWrapping,
    EditorView.contentAttributes.of({ 'aria-label': 'Step text', spellcheck: 'false' }),
    EditorState.readOnly.of(readonly),
    EditorView.updateListener.of((update) => {
      if (update.docChanged) changed(update.view)
    }),
  ]
  const state =
    kept?.doc === doc
      ? EditorState.fromJSON(kept, { extensions }, { history: historyField })
      : EditorState.create({ doc, extensions })
  return new EditorView({ parent, state, root: PAGE_ROOT })
}

/** Replaces a run of characters, so that undo brings it back. */
export function replaceRange(view: EditorView, from: number, to: number, insert: string): void {
  const length = view.state.doc.length
  view.dispatch({
    changes: { from: Math.min(from, length), to: Math.min(to, length), insert },
    annotations: isolateHistory.of('full'),
  })
  view.focus()
}

/**
 * Takes over what a colleague changed, line by line, so that the cursor stays where one writes. It is
 * no step that can be taken back from here.
 */
export function takeOver(view: EditorView, text: string): void {
  const [was, now] = [view.state.doc.toString().split('\n'), text.split('\n')]
  const start = (line: number) =>
    line < view.state.doc.lines ? view.state.doc.line(line + 1).from : view.state.doc.length + 1
  const changes = diffIndices(was, now).map(({ buffer1: [at, gone], buffer2: [from, come] }) => {
    const lines = now.slice(from, from + come)
    // With the line's end before it at the end of the text, else with the one after it.
    const last = at + gone >= was.length
    const begin = last ? Math.max(0, start(at) - 1) : start(at)
    const end = last ? view.state.doc.length : start(at + gone)
    const words = last
      ? (at > 0 ? lines.map((line) => `\n${line}`) : [lines.join('\n')]).join('')
      : lines.map((line) => `${line}\n`).join('')
    return { from: begin, to: end, insert: words }
  })
  view.dispatch({ changes, annotations: Transaction.addToHistory.of(false) })
}

/** Marks the places that something is to be said about. */
export function showRemarks(view: EditorView, remarks: Schemas['Remark'][]): void {
  const length = view.state.doc.length
  const diagnostics: Diagnostic[] = remarks
    .filter((remark) => remark.severity !== 'INFO' && remark.start <= length)
    .map((remark) => ({
      from: remark.start,
      to: Math.min(Math.max(remark.end, remark.start), length),
      severity: remark.severity === 'ERROR' ? 'error' : 'warning',
      message: remark.message,
      actions: remark.mends.map((mend) => ({
        name: mend.label,
        apply: (editor: EditorView) => replaceRange(editor, mend.start, mend.end, mend.replacement),
      })),
    }))
  view.dispatch(setDiagnostics(view.state, diagnostics))
}
