import type { Schemas } from '@/api/client'
import { upTo } from './sections'
import { reachedIn, taken, type Evening } from './evening'
import type { Happened, Outcome } from './labels'

/** A line of the log: what became of a dance that was planned. */
export interface LogLine {
  line: number
  title: string
  kind: Schemas['LineView']['kind']
  danced: boolean
  happened: Happened
  shown: number[]
  allSections: number
  outcome: Outcome
  /** Sections that went wrong, by their number. */
  spots: Record<number, Outcome>
  percent?: number
  minutes?: number
  options: string
  note: string
}

/** What became of a class, as it is being written down. */
export interface Log {
  note: string
  /** Nobody where it was whoever writes it down. */
  ledBy?: Schemas['ClubPerson']
  heads?: number
  there?: number[]
  /** Whose names are among them: they lie on a device only in a log that somebody writes. */
  dancers?: Schemas['DancerView'][]
  lines: LogLine[]
}

const MOST_MINUTES = 240

/** A log that is filled in: as planned, as run-throughs noted, and as the evening went on the floor. */
export function filledIn(
  sheet: Schemas['ClassSheet'],
  expected: Schemas['ExpectedView'][],
  evening: Evening | undefined,
  clock: number,
): Log {
  const took = evening?.start ? taken(evening, sheet.lines, clock) : undefined
  const lines = expected.flatMap((one) => {
    const line = sheet.lines.find((row) => row.id === one.line)
    if (!line) return []
    const spots = Object.fromEntries(one.more.spots.map((spot) => [spot.section, spot.outcome]))
    const here = reachedIn(evening, line)?.note
    const filled: LogLine = {
      line: line.id,
      title: line.title,
      kind: line.kind,
      danced: took ? took[line.id] !== undefined || one.noted || here !== undefined : true,
      happened: here?.happened ?? one.happened,
      shown: here?.shown ?? one.shown,
      allSections: one.allSections,
      outcome: here?.outcome ?? one.outcome,
      spots,
      percent: here?.more?.percent ?? one.more.percent,
      minutes: took?.[line.id] !== undefined ? Math.min(MOST_MINUTES, took[line.id]) : one.more.minutes,
      options: one.more.options,
      note: '',
    }
    return [filled]
  })
  return { note: '', ledBy: sheet.leader, lines }
}

/** What was filled in already stays where the running order changed meanwhile. */
export function keptOf(before: Log, now: Log): Log {
  const known = new Map(before.lines.map((line) => [line.line, line]))
  const lines = now.lines.map((line) => {
    const old = known.get(line.line)
    return old && old.title === line.title ? { ...old, kind: line.kind } : line
  })
  // Before people were numbers, who led was a name.
  const ledBy = typeof before.ledBy === 'object' ? before.ledBy : now.ledBy
  return { ...before, ledBy, lines }
}

/** The line that still has to say which sections were taught. */
export function unsaid(log: Log): LogLine | undefined {
  return log.lines.find((one) => one.danced && one.happened === 'INTRODUCED' && one.shown.length === 0)
}

/** As it is sent. */
export function toSend(
  log: Log,
  version: number,
  key: string,
  came: Schemas['CameForm'] | undefined,
): Schemas['RecordForm'] {
  return {
    version,
    key,
    note: log.note.trim(),
    ledBy: log.ledBy,
    came,
    lines: log.lines
      .filter((line) => line.danced)
      .map((line) => ({
        line: line.line,
        happened: line.happened,
        shown: line.happened === 'INTRODUCED' ? line.shown : upTo(line.allSections),
        outcome: line.outcome,
        note: line.note.trim(),
        more: {
          spots: Object.entries(line.spots).map(([section, outcome]) => ({
            section: Number(section),
            outcome,
          })),
          percent: line.percent,
          minutes: line.minutes,
          options: line.options.trim(),
        },
      })),
  }
}
