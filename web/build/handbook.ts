import MarkdownIt from 'markdown-it'
import type { Plugin } from 'vite'
import type { Chapter, Section } from '../src/handbook/chapter'

/** Where a chapter is in the app: 02-a-sheet.md is a-sheet. */
export const nameOf = (file: string) => file.replace(/^.*\//, '').replace(/^\d+-/, '').replace(/\.md$/, '')

/** A heading as part of an address: What it makes is what-it-makes. */
export const slug = (words: string) =>
  words
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')

const markdown = new MarkdownIt({ html: false })

/** A chapter with its sections; pictures are marks that the module fills in. */
export function chapterOf(file: string, text: string): { chapter: Chapter; pictures: string[] } {
  const pictures: string[] = []
  const name = nameOf(file)
  const [head = '', ...rest] = text.split(/^## /m)
  const [title = '', ...intro] = head.split('\n')
  const html = (part: string) =>
    markdown
      .render(part)
      .replace(
        /src="([^"]+)"/g,
        (_, path: string) => `src="@picture${pictures.push(path) - 1}@" loading="lazy"`,
      )
      .replace(
        /href="(\d+-[a-z-]+\.md)(#[^"]*)?"/g,
        (_, to: string, at = '') => `href="/handbook/${nameOf(to)}${at}"`,
      )
  const section = (words: string, part: string): Section => ({
    name: slug(words),
    title: words,
    html: html(part),
    text: part.replace(/[`*#[\]()]/g, ' ').replace(/\s+/g, ' '),
  })
  const sections = rest.map((part) => {
    const [words = '', ...lines] = part.split('\n')
    return section(words.trim(), lines.join('\n'))
  })
  const first = title.replace(/^# /, '').trim()
  return { chapter: { name, title: first, intro: html(intro.join('\n')), sections }, pictures }
}

/** Chapters of the handbook, and what is new, as modules, rendered when the app is built. */
export function handbook(): Plugin {
  return {
    name: 'handbook',
    transform(code, id) {
      if (!/(docs\/handbook\/[^/]+|CHANGELOG)\.md$/.test(id)) return undefined
      const { chapter, pictures } = chapterOf(id, code)
      const imports = pictures.map((path, i) => `import picture${i} from ${JSON.stringify(path)}`)
      const value = JSON.stringify(chapter).replace(/@picture(\d+)@/g, '" + picture$1 + "')
      return { code: `${imports.join('\n')}\nexport default ${value}`, map: null }
    },
  }
}
