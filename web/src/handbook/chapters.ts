import type { Chapter, Section } from './chapter'

const files = import.meta.glob<{ default: Chapter }>('../../../docs/handbook/*.md', { eager: true })

/** The handbook, in the order of a club's week. */
export const CHAPTERS: Chapter[] = Object.keys(files)
  .sort()
  .flatMap((file) => files[file]?.default ?? [])

export interface Found {
  chapter: Chapter
  section: Section
}

/** The sections with all words of a search, those with them in their title first. */
export function search(words: string): Found[] {
  const wanted = words.toLowerCase().split(/\s+/).filter(Boolean)
  if (!wanted.length) return []
  const rank = ({ section }: Found) =>
    wanted.filter((word) => section.title.toLowerCase().includes(word)).length
  return CHAPTERS.flatMap((chapter) => chapter.sections.map((section) => ({ chapter, section })))
    .filter(({ chapter, section }) => {
      const all = `${chapter.title} ${section.title} ${section.text}`.toLowerCase()
      return wanted.every((word) => all.includes(word))
    })
    .sort((one, other) => rank(other) - rank(one))
}
