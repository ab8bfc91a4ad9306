import type { Schemas } from '@/api/client'
import { LEVEL_WORDS, LEVELS, STAGE_WORDS, type Level, type Pace } from '@/domain/labels'

/** A dance of the list, with the groups that have it in hand. */
export type Dance = Schemas['DanceSummary'] & { knownBy: Schemas['KnownBy'][] }

/** Puts what the groups know beside the dances. */
export function withGroups(dances: Schemas['DanceSummary'][], known: Schemas['KnownBy'][]): Dance[] {
  const of = new Map<number, Schemas['KnownBy'][]>()
  for (const one of known) of.set(one.dance, [...(of.get(one.dance) ?? []), one])
  return dances.map((dance) => ({ ...dance, knownBy: of.get(dance.id) ?? [] }))
}

/** What a list of dances is narrowed to; empty means any. */
export interface Filter {
  words: string
  level: Level | ''
  counts: number | undefined
  walls: number | undefined
  figure: string
  pace: Pace | ''
  style: string
  group: string
}

export type Sort = 'title' | 'level' | 'counts' | 'speed'

export const ANY: Filter = {
  words: '',
  level: '',
  counts: undefined,
  walls: undefined,
  figure: '',
  pace: '',
  style: '',
  group: '',
}

const speed = (dance: Dance) => dance.countsPerMinute ?? 0

function hasWords(dance: Dance, words: string[]): boolean {
  if (words.length === 0) return true
  const text = [
    dance.title,
    dance.by,
    LEVEL_WORDS[dance.level],
    dance.song,
    dance.style,
    `${dance.counts} counts`,
    `${dance.walls} walls ${dance.walls}-wall`,
    ...dance.figures,
    ...dance.knownBy.map((known) => `${known.name} ${STAGE_WORDS[known.stage]}`),
  ]
    .join(' ')
    .toLowerCase()
  return words.every((word) => text.includes(word))
}

/** The dances that fit, in order. */
export function filterDances(dances: Dance[], filter: Filter, sort: Sort): Dance[] {
  const words = filter.words.toLowerCase().split(/\s+/).filter(Boolean)
  const found = dances.filter(
    (dance) =>
      (!filter.level || dance.level === filter.level) &&
      (!filter.counts || dance.counts === filter.counts) &&
      (!filter.walls || dance.walls === filter.walls) &&
      (!filter.figure || dance.figures.includes(filter.figure)) &&
      (!filter.style || dance.style === filter.style) &&
      (!filter.group || dance.knownBy.some((known) => known.name === filter.group)) &&
      (!filter.pace || dance.pace === filter.pace) &&
      hasWords(dance, words),
  )
  const by: Record<Sort, (a: Dance, b: Dance) => number> = {
    title: () => 0,
    level: (a, b) => LEVELS.indexOf(a.level) - LEVELS.indexOf(b.level),
    counts: (a, b) => a.counts - b.counts,
    speed: (a, b) => speed(a) - speed(b),
  }
  return found.sort((a, b) => by[sort](a, b) || a.title.localeCompare(b.title))
}
