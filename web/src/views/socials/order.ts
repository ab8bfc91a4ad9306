import type { Schemas } from '@/api/client'

export type Line = Schemas['OrderLine']
export type Song = Schemas['SongForm']

/** When a social is, who comes with how many, and what comes in between, as one writes it. */
export interface Frame extends Omit<Schemas['SocialForm'], 'date' | 'guests' | 'version'> {
  date: string | null
  /** How many come of a group, by its number. */
  heads: Record<number, number>
}

/** What a line says to the server; an order is sent as the songs that are to come. */
export function songOf(line: Line, stays = line.stays): Song {
  return {
    how: line.how ?? 'DANCE',
    dance: line.dances[0].dance,
    other: line.dances[1]?.dance,
    stays,
  }
}

/** A line with a song, not something in between. */
export const isSong = (line: Line): boolean => line.how !== undefined && line.how !== null

/** Songs that were not played yet. */
export const toCome = (lines: Line[]): Line[] => lines.filter((line) => isSong(line) && !isPlayed(line))

export const isPlayed = (line: Line): boolean => line.begun !== undefined && line.begun !== null

/** The song that is on: the last that was played. */
export const onNow = (lines: Line[]): Line | undefined => lines.filter(isPlayed).at(-1)

export const titleOf = (line: Line): string => line.dances.map((one) => one.title).join(' + ')

/** Its title where only words tell it from others: a dance that comes again is said to. */
export const calledOf = (line: Line): string => titleOf(line) + (line.how === 'AGAIN' ? ' again' : '')

export const HOW_WORDS: Record<NonNullable<Line['how']>, string> = {
  DANCE: '',
  SPLIT: 'split floor',
  WALK_IN: 'walk-in',
  AGAIN: 'again',
}
export const PAUSE_WORDS: Record<NonNullable<Line['pause']>, string> = {
  BREAK: 'Break',
  RAFFLE: 'Raffle',
  WALK_IN: 'Walk-in',
}

/** A time of day, so many seconds after another, to the minute. */
export function timeAt(startsAt: string, seconds: number): string {
  const [hours, minutes] = startsAt.split(':').map(Number)
  const all = hours * 60 + minutes + Math.floor(seconds / 60)
  return `${Math.floor(all / 60) % 24}:${String(all % 60).padStart(2, '0')}`
}

/** A stretch of the evening in which a group dances, or waits for longer than it should. */
export interface Stretch {
  from: number
  to: number
  dances: boolean
  long: boolean
}

/** When a group dances and when it sits; what comes in between is nobody's wait. */
export function stretches(lines: Line[], group: number): Stretch[] {
  const found: Stretch[] = []
  for (const line of lines.filter(isSong)) {
    const dances = line.who.includes(group)
    const long = line.tooLong.includes(group)
    const to = line.start + line.seconds
    const before = found.at(-1)
    if (before && before.dances === dances && before.to === line.start) {
      before.to = to
      before.long ||= long
    } else {
      found.push({ from: line.start, to, dances, long })
    }
  }
  return found
}

/** How many songs of an order stand elsewhere, are new, or are gone, compared with another one. */
export function changesBetween(
  before: Line[],
  after: Line[],
): { moved: number; news: string[]; gone: string[] } {
  const key = (line: Line) => `${line.how} ${line.dances.map((one) => one.dance).join(' ')}`
  const was = toCome(before)
  const now = toCome(after)
  const wasKeys = was.map(key)
  const nowKeys = now.map(key)
  return {
    moved: now.filter((line, i) => wasKeys.includes(key(line)) && wasKeys[i] !== key(line)).length,
    news: now.filter((line) => !wasKeys.includes(key(line))).map(titleOf),
    gone: was.filter((line) => !nowKeys.includes(key(line))).map(titleOf),
  }
}

/** A frame as one reads it, a line for each thing. */
export function linesOf(frame: Frame, groups: { id: number; name: string }[]): string[] {
  const named = (id: string) => groups.find((one) => one.id === Number(id))?.name ?? `group ${id}`
  return [
    `name: ${frame.name}`,
    `day: ${frame.date ?? ''}`,
    `begins: ${frame.startsAt}`,
    `minutes: ${frame.minutes}`,
    `nobody waits longer than: ${frame.longestWait} minutes`,
    ...Object.entries(frame.heads).map(([group, heads]) => `${named(group)}: ${heads}`),
    ...frame.between.map((one) => `${PAUSE_WORDS[one.kind]} after ${one.at}: ${one.minutes} minutes`),
    `only listed songs: ${frame.onlyListed ? 'yes' : 'no'}`,
  ]
}
