import { HighlightStyle, StreamLanguage } from '@codemirror/language'
import { tags } from '@lezer/highlight'

/** Colours only: what the words mean is for the server to say. */
export const notation = StreamLanguage.define<{ steps: boolean }>({
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

export const colours = HighlightStyle.define([
  { tag: tags.comment, color: 'var(--text-soft)', fontStyle: 'italic' },
  { tag: tags.heading, color: 'var(--accent)', fontWeight: '700' },
  { tag: tags.keyword, color: 'var(--text-soft)' },
  { tag: tags.number, fontWeight: '700' },
  { tag: tags.unit, color: 'var(--accent)', fontWeight: '700' },
  { tag: tags.propertyName, color: 'var(--right-foot)', fontWeight: '700' },
  { tag: tags.labelName, color: 'var(--left-foot)', fontWeight: '700' },
])
