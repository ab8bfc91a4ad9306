import {
  autocompletion,
  completionKeymap,
  type CompletionContext,
  type CompletionResult,
} from '@codemirror/autocomplete'
import { defaultKeymap, history, historyField, historyKeymap, isolateHistory } from '@codemirror/commands'
import { HighlightStyle, StreamLanguage, syntaxHighlighting } from '@codemirror/language'
import { type Diagnostic, lintGutter, setDiagnostics } from '@codemirror/lint'
import { EditorState } from '@codemirror/state'
import { EditorView, hoverTooltip, keymap, lineNumbers } from '@codemirror/view'
import { tags } from '@lezer/highlight'
import type { Schemas } from '@/api/client'
import { LEVEL_WORDS } from '@/domain/labels'

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
  { tag: tags.comment, color: 'var(--text-soft)', fontStyle: 'italic' },
  { tag: tags.heading, color: 'var(--accent)', fontWeight: '700' },
  { tag: tags.keyword, color: 'var(--text-soft)' },
  { tag: tags.number, fontWeight: '700' },
  { tag: tags.unit, color: 'var(--accent)', fontWeight: '700' },
  { tag: tags.propertyName, color: 'var(--right-foot)', fontWeight: '700' },
  { tag: tags.labelName, color: 'var(--left-foot)', fontWeight: '700' },
])

const look = EditorView.theme({
  '&': { fontSize: '15px', backgroundColor: 'var(--surface)', color: 'var(--text)' },
  '&.cm-focused': { outline: 'none' },
  '.cm-content': { fontFamily: 'var(--type-mono)', lineHeight: '1.55', caretColor: 'var(--text)' },
  '.cm-cursor': { borderLeftColor: 'var(--text)', borderLeftWidth: '2px' },
  '.cm-gutters': { backgroundColor: 'var(--inset)', color: 'var(--text-soft)', border: 'none' },
  '.cm-tooltip': {
    backgroundColor: 'var(--surface)',
    color: 'var(--text)',
    border: '1px solid var(--text-soft)',
    borderRadius: '6px',
    maxWidth: '420px',
    font: '15px/1.45 var(--type)',
  },
  '.cm-diagnosticAction': {
    backgroundColor: 'var(--action)',
    color: 'var(--on-action)',
    borderRadius: '6px',
    padding: '3px 10px',
    margin: '6px 6px 0 0',
    font: '600 14px var(--type)',
  },
  '.cm-tooltip-autocomplete > ul > li[aria-selected]': {
    backgroundColor: 'var(--action)',
    color: 'var(--on-action)',
  },
  '.cm-tooltip-autocomplete > ul > li': { padding: '3px 8px' },
  '.cm-completionDetail': { fontStyle: 'normal', opacity: 0.75 },
  '.explained': { padding: '8px 12px' },
})

/** What the editor asks the page for. */
export interface Help {
  /** What can come at an offset of the text. */
  possible: (text: string, offset: number) => Promise<Schemas['PossibleView']>
  /** The figure with a name or synonym. */
  figure: (name: string) => Schemas['FigureSheet'] | undefined
  /** Tidies the text. */
  format: () => void
}

const HEADERS = [
  'title',
  'by',
  'level',
  'counts',
  'walls',
  'start',
  'intro',
  'song',
  'style',
  'meter',
  'note',
]
/** Offers figures that the free foot can begin and that fit the counts left; headers above them. */
async function complete(context: CompletionContext, help: Help): Promise<CompletionResult | null> {
  const line = context.state.doc.lineAt(context.pos)
  const before = line.text.slice(0, context.pos - line.from)
  const level = /^\s*level:\s*(\S*.*)$/i.exec(before)
  if (level) {
    const from = context.pos - level[1].length
    return { from, options: Object.values(LEVEL_WORDS).map((label) => ({ label })) }
  }
  const step = /^\s*[&ae\d][\d&ae\-–, ]*?\s{2,}(?:.*,)?\s*([a-zA-Zé -]*)$/.exec(before)
  if (!step) {
    if (line.number > 14 || !/^[a-z]*$/i.test(before) || (!before && !context.explicit)) return null
    return { from: line.from, options: HEADERS.map((name) => ({ label: `${name}: `, type: 'keyword' })) }
  }
  const from = context.pos - step[1].length
  if (!step[1] && !context.explicit && !/[,\s]$/.test(before)) return null
  const found = await help.possible(context.state.doc.toString(), from)
  if (found.offers.length === 0) return null
  const free =
    found.weight === 'both'
      ? 'either foot is free'
      : `${found.weight === 'L' ? 'right' : 'left'} foot is free`
  return {
    from,
    options: found.offers.map((offer, i) => ({
      label: offer.text,
      detail: `${offer.counts} ${offer.counts === 1 ? 'count' : 'counts'}`,
      info: `${help.figure(offer.name)?.say ?? ''} (${LEVEL_WORDS[offer.level]}; ${free}, ${found.countsLeft} counts left)`,
      boost: -i / 10,
    })),
    validFor: /^[a-zA-Zé -]*$/,
  }
}

/** Explains the figure under the pointer: the longest name that the words there make. */
function explain(help: Help) {
  return hoverTooltip((view, pos) => {
    const line = view.state.doc.lineAt(pos)
    const words = [...line.text.matchAll(/[\p{L}-]+/gu)].map((match) => ({
      word: match[0],
      from: line.from + match.index,
      to: line.from + match.index + match[0].length,
    }))
    const at = words.findIndex((one) => one.from <= pos && pos <= one.to)
    if (at < 0) return null
    for (let length = 4; length >= 1; length--) {
      for (let first = Math.max(0, at - length + 1); first <= at; first++) {
        const run = words.slice(first, first + length)
        if (run.length < length) continue
        const figure = help.figure(run.map((one) => one.word).join(' '))
        if (figure) {
          return {
            pos: run[0].from,
            end: run[run.length - 1].to,
            above: true,
            create: () => {
              const dom = document.createElement('div')
              dom.className = 'explained'
              const name = document.createElement('strong')
              name.textContent = figure.call
              dom.append(name, ` ${figure.say}`)
              if (figure.care) dom.append(document.createElement('br'), `Take care: ${figure.care}`)
              return { dom }
            },
          }
        }
      }
    }
    return null
  })
}

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
  return new EditorView({ parent, state })
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
