/** Something that can be gone to. */
export interface Findable {
  /** What it is, in a word: dance, song, page. */
  kind: string
  title: string
  /** What else is said of it, which is searched, too. */
  note: string
  to: string
}

/** Words as they are compared: small letters without marks, so that Cafe finds Café. */
export function folded(text: string): string {
  return text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase()
}

/** The place of a thing among what is found: the smaller, the earlier; nothing where it does not fit. */
function rank(one: Findable, wanted: string[]): number | undefined {
  const title = folded(one.title)
  const words = title.split(/[^\p{L}\p{N}]+/u)
  const rest = folded(`${one.note} ${one.kind}`).split(/[^\p{L}\p{N}]+/u)
  let sum = title.startsWith(wanted.join(' ')) ? 0 : 4
  for (const word of wanted) {
    if (words.some((it) => it.startsWith(word))) sum += 1
    else if (rest.some((it) => it.startsWith(word))) sum += 3
    else if (title.includes(word)) sum += 5
    else return undefined
  }
  return sum
}

/** What fits all words, the likeliest first; without words, what comes first. */
export function find(all: Findable[], words: string, most: number): Findable[] {
  const wanted = folded(words).split(/\s+/).filter(Boolean)
  if (!wanted.length) return all.slice(0, most)
  return all
    .map((one) => ({ one, place: rank(one, wanted) }))
    .filter((it): it is { one: Findable; place: number } => it.place !== undefined)
    .sort((a, b) => a.place - b.place || a.one.title.length - b.one.title.length)
    .slice(0, most)
    .map((it) => it.one)
}
