import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'

/** Every rule of style that the pages have, by its file. */
function styles(folder = 'src'): [string, string][] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry): [string, string][] => {
    const path = join(folder, entry.name)
    if (entry.isDirectory()) return styles(path)
    if (!/\.(vue|css)$/.test(entry.name)) return []
    const text = readFileSync(path, 'utf8')
    return [[path, entry.name.endsWith('.css') ? text : text.slice(text.lastIndexOf('<style'))]]
  })
}

const all = styles()
const found = (what: RegExp) =>
  all.flatMap(([path, text]) => [...text.matchAll(what)].map((match) => `${path}: ${match[0]}`))

describe('how the pages look', () => {
  it('has rules to look at', () => {
    expect(all.length).toBeGreaterThan(100)
  })

  it('takes sizes of type from the scale', () => {
    // In the drawings of a floor a unit is a metre: 0.22px is a letter of 22 cm.
    const loose = found(/font(-size)?: (\d+ )?\d+(\.\d+)?px/g).filter((one) => !/ 0\.\d+px/.test(one))
    expect(loose).toEqual([])
    const scale = [...readFileSync('src/theme/tokens.css', 'utf8').matchAll(/--size-\d+: (\d+)px/g)]
    expect(Math.min(...scale.map((size) => Number(size[1])))).toBe(12)
  })

  it('changes at five widths', () => {
    const widths = new Set(
      found(/@media \((max|min)-width: \d+px\)/g).map((one) => one.replace(/^.*: @/, '@')),
    )
    expect([...widths].sort()).toEqual([
      '@media (max-width: 1000px)',
      '@media (max-width: 1150px)',
      '@media (max-width: 400px)',
      '@media (max-width: 700px)',
      '@media (max-width: 850px)',
      '@media (min-width: 1001px)',
    ])
  })
})
