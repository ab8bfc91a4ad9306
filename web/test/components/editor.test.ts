import { CompletionContext } from '@codemirror/autocomplete'
import { forEachDiagnostic } from '@codemirror/lint'
import { undo, redo } from '@codemirror/commands'
import { ensureSyntaxTree } from '@codemirror/language'
import { highlightTree } from '@lezer/highlight'
import { EditorState } from '@codemirror/state'
import fc from 'fast-check'
import { describe, expect, it, onTestFinished, vi } from 'vitest'
import type { Schemas } from '@/api/client'
import { complete } from '@/components/step-editor/completion'
import { keep, makeEditor, replaceRange, showRemarks, takeOver } from '@/components/step-editor/editor'
import { figureAt } from '@/components/step-editor/explain'
import type { Help } from '@/components/step-editor/help'
import { colours, notation } from '@/components/step-editor/notation'

const figure = (name: string) =>
  ({
    names: [name],
    call: name,
    say: `How to ${name}.`,
    level: 'BEGINNER',
  }) as unknown as Schemas['FigureSheet']
const BOOK = ['vine', 'rolling vine', 'step', 'step pivot turn', 'jazz box', 'cha-cha']

function help(possible: Partial<Schemas['PossibleView']> = {}): Help {
  return {
    possible: vi.fn(async () => ({
      countsLeft: 4,
      nextCount: '5',
      weight: 'L',
      offers: [
        { text: 'vine R', name: 'vine', counts: 3, level: 'BEGINNER', family: 'travelling' },
        { text: 'step R', name: 'step', counts: 1, level: 'ABSOLUTE_BEGINNER', family: 'single' },
      ],
      ...possible,
    })) as unknown as Help['possible'],
    figure: (name) => (BOOK.includes(name) ? figure(name) : undefined),
    format: vi.fn(),
  }
}

/** What is offered at the bar in a text. */
async function offered(text: string, explicit = false, asks = help()) {
  const pos = text.indexOf('|')
  const state = EditorState.create({ doc: text.replace('|', '') })
  const found = await complete(new CompletionContext(state, pos, explicit), asks)
  return found && { labels: found.options.map((one) => one.label), from: found.from, options: found.options }
}

describe('what is offered while one types', () => {
  it('above the steps it is headers', async () => {
    expect((await offered('ti|'))?.labels).toContain('title: ')
    expect((await offered('title: A\nco|'))?.from).toBe(9)
    expect(await offered('title: A\n|')).toBeNull()
    expect((await offered('title: A\n|', true))?.labels).toContain('counts: ')
    expect(await offered('title: Tea Ur|')).toBeNull()
  })

  it('after level it is the levels, from where the word begins', async () => {
    const found = await offered('level: high b|')
    expect(found?.labels).toEqual([
      'absolute beginner',
      'beginner',
      'high beginner',
      'improver',
      'easy intermediate',
      'intermediate',
      'advanced',
    ])
    expect(found?.from).toBe(7)
  })

  it('in a step line it is what the free foot can begin and what fits, the likeliest first', async () => {
    const asks = help()
    const found = await offered('title: A\nsection 1\n1-4  vi|', false, asks)
    expect(asks.possible).toHaveBeenCalledWith('title: A\nsection 1\n1-4  vi', 24)
    expect(found?.labels).toEqual(['vine R', 'step R'])
    expect(found?.options[0].detail).toBe('3 counts')
    expect(found?.options[1].detail).toBe('1 count')
    expect(found?.options[0].info).toBe('How to vine. (beginner; right foot is free, 4 counts left)')
    expect((found?.options[0].boost ?? 0) > (found?.options[1].boost ?? 0)).toBe(true)
  })

  it('after a comma it is the next figure; in the middle of a word only what is asked for', async () => {
    expect((await offered('section 1\n1-4  vine R, |'))?.labels).toHaveLength(2)
    expect((await offered('section 1\n1-4  vine R, to|'))?.from).toBe('section 1\n1-4  vine R, '.length)
    expect(await offered('section 1\n1-4|')).toBeNull()
    expect(await offered('section 1\n5&6  |')).not.toBeNull()
  })

  it('with the weight on both feet says that either is free, and offers nothing where nothing fits', async () => {
    const both = await offered('section 1\n1  s|', false, help({ weight: 'both' }))
    expect(both?.options[0].info).toContain('either foot is free')
    expect(await offered('section 1\n1  s|', false, help({ offers: [] }))).toBeNull()
  })
})

describe('the figure under the pointer', () => {
  const at = (text: string) => {
    const pos = text.indexOf('|')
    const state = EditorState.create({ doc: text.replace('|', '') })
    const found = figureAt(state, pos, help())
    return found && `${found.figure.names[0]} at ${state.sliceDoc(found.from, found.to)}`
  }

  it('is the longest name that the words there make', () => {
    expect(at('1-4  rolling vi|ne R')).toBe('rolling vine at rolling vine')
    expect(at('1-4  vi|ne R')).toBe('vine at vine')
    expect(at('1-2  step piv|ot turn R')).toBe('step pivot turn at step pivot turn')
    expect(at('1  st|ep R, touch L')).toBe('step at step')
    expect(at('1&2  cha-|cha R')).toBe('cha-cha at cha-cha')
  })

  it('is none on counts, feet and unknown words', () => {
    expect(at('1-|4  vine R')).toBeUndefined()
    expect(at('1-4  vine R|')).toBeUndefined()
    expect(at('1-4  wobb|le R')).toBeUndefined()
  })
})

/** What a line is coloured as, word by word. */
function coloured(text: string): string[] {
  const state = EditorState.create({ doc: text, extensions: [notation] })
  const tree = ensureSyntaxTree(state, text.length, 1000)
  const found: string[] = []
  const kind = new Map(colours.specs.map((spec) => [colours.style([spec.tag].flat()), spec]))
  if (tree)
    highlightTree(tree, colours, (from, to, classes) => {
      const spec = kind.get(classes)
      found.push(`${text.slice(from, to)}=${spec?.color ?? 'plain'}${spec?.fontStyle ?? ''}`)
    })
  return found
}

describe('colours', () => {
  it('tell headers, counts, feet, turns and remarks apart', () => {
    expect(coloured('title: Tea Urn')[0]).toMatch(/^title=/)
    expect(coloured('section 1: Vines')[0]).toMatch(/^section 1: Vines=var\(--accent\)/)
    const line = coloured('1-4  vine R 1/4 L # slowly').join(' ')
    expect(line).toContain('R=var(--right-foot)')
    expect(line).toContain('L=var(--left-foot)')
    expect(line).toContain('1/4=var(--accent)')
    expect(line).toContain('# slowly=var(--text-soft)italic')
    expect(coloured('5&6  shuffle L').join(' ')).toMatch(/5&6 ?=plain/)
  })

  it('come to an end for any text at all', () => {
    fc.assert(
      fc.property(
        fc.string({ unit: fc.constantFrom(...'R L1&-4/(#):sectio n\nvine,'.split('')) }),
        (text) => {
          expect(() => coloured(text)).not.toThrow()
        },
      ),
      { numRuns: 300 },
    )
  })
})

describe('the editor', () => {
  function editor(doc: string, kept?: { doc?: string }) {
    const parent = document.body.appendChild(document.createElement('div'))
    const changed = vi.fn()
    const view = makeEditor(parent, doc, false, help(), changed, kept)
    onTestFinished(() => view.destroy())
    return { view, changed, text: () => view.state.doc.toString() }
  }
  const remark = (more: object): Schemas['Remark'] => ({
    code: 'UNKNOWN_FIGURE',
    severity: 'ERROR',
    line: 1,
    column: 1,
    start: 5,
    end: 9,
    message: 'No such figure.',
    mends: [],
    ...more,
  })

  it('a mend is one step that undo takes back, and nothing else with it', () => {
    const { view, changed, text } = editor('1-4  vyne R')
    view.dispatch({ changes: { from: 11, insert: ', touch L' } })
    replaceRange(view, 5, 9, 'vine')
    expect(text()).toBe('1-4  vine R, touch L')
    undo(view)
    expect(text()).toBe('1-4  vyne R, touch L')
    undo(view)
    expect(text()).toBe('1-4  vyne R')
    redo(view)
    expect(text()).toBe('1-4  vyne R, touch L')
    expect(changed).toHaveBeenCalledTimes(5)
  })

  it('a mend of a text that became shorter meanwhile does no harm', () => {
    const { view, text } = editor('1-4  vyne R')
    view.dispatch({ changes: { from: 3, to: 11 } })
    replaceRange(view, 5, 9, 'vine')
    expect(text()).toBe('1-4vine')
  })

  it('undo goes on after a reload, for the very same text only', () => {
    const first = editor('one')
    first.view.dispatch({ changes: { from: 3, insert: ' two' } })
    const kept = JSON.parse(JSON.stringify(keep(first.view))) as { doc?: string }
    const again = editor('one two', kept)
    undo(again.view)
    expect(again.text()).toBe('one')
    const other = editor('something else', kept)
    undo(other.view)
    expect(other.text()).toBe('something else')
  })

  it('marks mistakes and doubts, not what is only worth knowing, and nothing outside the text', () => {
    const { view } = editor('1-4  vyne R')
    showRemarks(view, [
      remark({}),
      remark({ severity: 'WARNING', start: 10, end: 40 }),
      remark({ severity: 'INFO' }),
      remark({ start: 400, end: 410 }),
    ])
    const found: string[] = []
    forEachDiagnostic(view.state, (one, from, to) => found.push(`${one.severity} ${from}-${to}`))
    expect(found).toEqual(['error 5-9', 'warning 10-11'])
  })
})

describe('what a colleague changed', () => {
  const text = fc.array(fc.stringMatching(/^[a-c]{0,3}$/), { maxLength: 8 }).map((all) => all.join('\n'))

  it('is taken over line by line, and is no step of one’s own', () => {
    fc.assert(
      fc.property(text, text, (before, after) => {
        const view = makeEditor(document.createElement('div'), before, false, help(), () => undefined)
        takeOver(view, after)
        expect(view.state.doc.toString()).toBe(after)
        undo(view)
        expect(view.state.doc.toString()).toBe(after)
        view.destroy()
      }),
    )
  })

  it('leaves the cursor where one writes', () => {
    const view = makeEditor(document.createElement('div'), 'a\nb\nc', false, help(), () => undefined)
    view.dispatch({ selection: { anchor: 3 } })
    takeOver(view, 'longer\na\nb\nc\nd')
    expect(view.state.doc.lineAt(view.state.selection.main.head).text).toBe('b')
    view.destroy()
  })
})
