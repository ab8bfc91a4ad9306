import { hoverTooltip } from '@codemirror/view'
import type { EditorState } from '@codemirror/state'
import type { Schemas } from '@/api/client'
import type { Help } from './help'

/** A run of words that names a figure, and where it stands. */
export interface Named {
  figure: Schemas['FigureSheet']
  from: number
  to: number
}

/** The figure at a place of the text: the longest name that the words there make. */
export function figureAt(state: EditorState, pos: number, help: Help): Named | undefined {
  const line = state.doc.lineAt(pos)
  const words = [...line.text.matchAll(/[\p{L}-]+/gu)].map((match) => ({
    word: match[0],
    from: line.from + match.index,
    to: line.from + match.index + match[0].length,
  }))
  const at = words.findIndex((one) => one.from <= pos && pos <= one.to)
  if (at < 0) return undefined
  for (let length = 4; length >= 1; length--) {
    for (let first = Math.max(0, at - length + 1); first <= at; first++) {
      const run = words.slice(first, first + length)
      if (run.length < length) continue
      const figure = help.figure(run.map((one) => one.word).join(' '))
      if (figure) return { figure, from: run[0].from, to: run[run.length - 1].to }
    }
  }
  return undefined
}

/** Explains the figure under the pointer. */
export function explain(help: Help) {
  return hoverTooltip((view, pos) => {
    const found = figureAt(view.state, pos, help)
    if (!found) return null
    const { figure, from, to } = found
    return {
      pos: from,
      end: to,
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
  })
}
