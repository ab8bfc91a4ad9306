import type { Schemas } from '@/api/client'

type Line = Schemas['LineView']

/** What a run-through or a teach of this evening reached. */
export interface Reached {
  dance: number
  taught: boolean
  note: Schemas['NotedForm']
}

/**
 * How far an evening has come on the floor. It is kept on the device: no answer of a server stops a class.
 */
export interface Evening {
  /** When the class began, in milliseconds of the clock. */
  start: number
  /** When each line began, by its number. */
  began: Record<number, number>
  /** Minutes that a line has now, by its number; 0 where it is left out. */
  now: Record<number, number>
  /** The line that is on; nothing before the first. */
  on?: number
  /** When the last line ended. */
  ended?: number
  /** What run-throughs and teaches reached; the last one of its kind for each dance. */
  reached?: Reached[]
}

const MINUTE = 60_000
/** A class that is opened further from its time than this is rehearsed: it begins when it is begun. */
const NEAR = 3 * 60 * MINUTE

export const fresh = (): Evening => ({ start: 0, began: {}, now: {} })

export const minutesNow = (evening: Evening, line: Line): number => evening.now[line.id] ?? line.minutes

/** Lines that are done tonight: not those that were left out. */
export const doing = (evening: Evening, lines: Line[]): Line[] =>
  lines.filter((line) => minutesNow(evening, line) > 0 || evening.began[line.id] !== undefined)

/** When a class should begin, by its date and time of day. */
export function scheduled(sheet: { date: string; startsAt: string }): number {
  return new Date(`${sheet.date}T${sheet.startsAt.slice(0, 5)}:00`).getTime()
}

/** Where the line that is on stands; where it was taken out meanwhile, the last one that began. */
function placeOf(evening: Evening, lines: Line[]): number {
  const at = lines.findIndex((line) => line.id === evening.on)
  return at >= 0 ? at : lines.findLastIndex((line) => evening.began[line.id] !== undefined)
}

/** The line after the one that is on; nothing after the last. */
export function nextOf(evening: Evening, lines: Line[]): Line | undefined {
  const at = placeOf(evening, lines)
  return lines.slice(at + 1).find((line) => minutesNow(evening, line) > 0)
}

/** One step on: the next line begins, or the evening ends. */
export function step(evening: Evening, lines: Line[], planned: number, clock: number): Evening {
  const next = nextOf(evening, lines)
  const start = evening.start || (Math.abs(clock - planned) < NEAR ? planned : clock)
  if (!next) return { ...evening, ended: evening.ended ?? clock }
  return { ...evening, start, on: next.id, began: { ...evening.began, [next.id]: clock }, ended: undefined }
}

/** One step back: the line before is on again, as if it had never ended. */
export function back(evening: Evening, lines: Line[]): Evening {
  if (evening.ended !== undefined) return { ...evening, ended: undefined }
  if (evening.on === undefined) return evening
  const begun = lines.filter((line) => evening.began[line.id] !== undefined)
  const before = begun[begun.findIndex((line) => line.id === evening.on) - 1]
  const began = Object.fromEntries(Object.entries(evening.began).filter(([id]) => Number(id) !== evening.on))
  return { ...evening, began, on: before?.id }
}

/** Whole minutes until the class should be over; less than 0 where it is over. */
export function minutesLeft(evening: Evening, minutes: number, clock: number): number {
  return Math.floor((evening.start + minutes * MINUTE - clock) / MINUTE)
}

/** Seconds that the line that is on still has; less than 0 where it runs over. */
export function secondsOfLine(evening: Evening, lines: Line[], clock: number): number {
  const on = lines.find((line) => line.id === evening.on)
  const began = on && evening.began[on.id]
  if (!on || began === undefined) return 0
  return Math.floor((began + minutesNow(evening, on) * MINUTE - clock) / 1000)
}

/** Minutes by which the class ends late if everything is done as it stands; less than 0 where early. */
export function behind(evening: Evening, lines: Line[], minutes: number, clock: number): number {
  const at = placeOf(evening, lines)
  const toCome = lines.slice(at + 1).reduce((sum, line) => sum + minutesNow(evening, line), 0)
  const rest = Math.max(0, secondsOfLine(evening, lines, clock)) / 60 + toCome
  return Math.round((clock + rest * MINUTE - evening.start - minutes * MINUTE) / MINUTE)
}

/** Whole minutes since the last break ended, or since the class began. */
export function sinceRest(evening: Evening, lines: Line[], clock: number): number {
  const at = placeOf(evening, lines)
  if (at >= 0 && lines[at].kind === 'BREAK') return 0
  const rested = lines.slice(0, Math.max(0, at)).map((line, i) => {
    const after = lines.slice(i + 1).find((one) => evening.began[one.id] !== undefined)
    return line.kind === 'BREAK' && after ? evening.began[after.id] : 0
  })
  const last = Math.max(evening.start, ...rested)
  return Math.max(0, Math.floor((clock - last) / MINUTE))
}

/** How long each line really took, in whole minutes, by its number; only those that were done. */
export function taken(evening: Evening, lines: Line[], clock: number): Record<number, number> {
  const begun = lines.filter((line) => evening.began[line.id] !== undefined)
  const minutes: Record<number, number> = {}
  begun.forEach((line, i) => {
    const end = i + 1 < begun.length ? evening.began[begun[i + 1].id] : (evening.ended ?? clock)
    minutes[line.id] = Math.max(1, Math.round((end - evening.began[line.id]) / MINUTE))
  })
  return minutes
}

/** With what a run-through or a teach reached, in place of what it reached before. */
export function reaching(evening: Evening, now: Reached): Evening {
  const others = (evening.reached ?? []).filter((one) => one.dance !== now.dance || one.taught !== now.taught)
  return { ...evening, reached: [...others, now] }
}

/** What was reached in a line: of a teach what was taught, of any other line what was danced. */
export function reachedIn(evening: Evening | undefined, line: Line): Reached | undefined {
  return evening?.reached?.find((one) => one.dance === line.dance && one.taught === (line.kind === 'TEACH'))
}
