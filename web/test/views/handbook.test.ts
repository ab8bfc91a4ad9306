import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { chapterOf } from '../../build/handbook'
import { CHAPTERS, search } from '@/handbook/chapters'
import { NEWS, VERSION } from '@/handbook/news'
import { PAGES, pageOf } from '@/handbook/pages'
import { router } from '@/router'

describe('the handbook', () => {
  it('has its chapters in the order of the week, each with sections', () => {
    expect(CHAPTERS.map((one) => one.name)).toEqual([
      'first-evening',
      'a-sheet',
      'a-dance',
      'teaching',
      'running-it-through',
      'planning-a-class',
      'the-evening',
      'handing-over',
      'term-and-social',
      'taking-it-along',
    ])
    for (const chapter of CHAPTERS) expect(chapter.sections.length, chapter.name).toBeGreaterThan(2)
  })

  it('says how every page is used that has a head', () => {
    const bare = new Set(['/', '/notices', '/news', '/:rest(.*)*', '/handbook/:chapter?'])
    for (const route of router.getRoutes()) {
      if (route.meta.bare || bare.has(route.path)) continue
      const path = route.path.replace(/:id\(\\d\+\)/, '1').replace(/:way\(write\|build\)/, 'write')
      expect(pageOf(path), path).toBeDefined()
    }
    for (const page of PAGES) {
      const chapter = CHAPTERS.find((one) => one.name === page.chapter)
      expect(
        chapter?.sections.map((one) => one.name),
        page.chapter,
      ).toContain(page.section)
    }
  })

  it('links to chapters that are there', () => {
    const html = CHAPTERS.flatMap((one) => [one.intro, ...one.sections.map((part) => part.html)]).join()
    const links = [...html.matchAll(/href="([^"]+)"/g)].map((found) => found[1])
    expect(links.length).toBeGreaterThan(3)
    for (const link of links)
      expect(CHAPTERS.map((one) => `/handbook/${one.name}`)).toContain(link?.split('#')[0])
  })

  it('is searched by all words, titles first', () => {
    expect(search('late shortens')[0]?.section.name).toBe('on-the-floor')
    expect(search('schools')[0]?.section.name).toBe('schools')
    expect(search('xylophone')).toEqual([])
    expect(search(' ')).toEqual([])
  })

  it('says which release this is, as it was built', () => {
    const pom = readFileSync('../pom.xml', 'utf8')
    expect(pom).toContain(`<artifactId>ulna-awl</artifactId>\n  <version>${VERSION}</version>`)
    expect(NEWS.sections[0]?.html).toContain('<li>')
  })

  it('shows no HTML that somebody wrote into it', () => {
    const { chapter, pictures } = chapterOf(
      '03-x.md',
      '# X\n\n<script>alert(1)</script>\n\n## Part\n\n![p](../screenshots/a.png) [bad](javascript:alert(1))',
    )
    expect(chapter.intro).not.toContain('<script')
    expect(chapter.sections[0]?.html).not.toContain('href="javascript')
    expect(pictures).toEqual(['../screenshots/a.png'])
  })
})
