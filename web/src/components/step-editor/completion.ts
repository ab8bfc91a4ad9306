import type { CompletionContext, CompletionResult } from '@codemirror/autocomplete'
import { LEVEL_WORDS } from '@/domain/labels'
import type { Help } from './help'

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
export async function complete(context: CompletionContext, help: Help): Promise<CompletionResult | null> {
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
