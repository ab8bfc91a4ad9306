import { EditorView } from '@codemirror/view'

/** How the editor looks. */
export const look = EditorView.theme({
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
