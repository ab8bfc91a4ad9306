/** Ticks in a count. */
export const TICKS = 12

/** Where ticks fall in seconds of music at full speed. */
export interface TempoMap {
  /** Seconds at which a tick falls; ticks before the first count are earlier than its second. */
  seconds(tick: number): number
  /** The tick at a second; a fraction between ticks. */
  tick(seconds: number): number
}

/** A steady beat: tick 0 at second 0. */
export function steady(countsAMinute: number): TempoMap {
  const perTick = 60 / countsAMinute / TICKS
  return { seconds: (tick) => tick * perTick, tick: (seconds) => seconds / perTick }
}

/** A count of a song, from 1 at the first step, and the second of the file at which it falls. */
export interface Mark {
  count: number
  second: number
}

/**
 * The beat of a song in a file: one mark and a tempo for a steady one, more marks for one that wanders.
 * Between two marks the tempo is that between them; before the first and after the last one it goes on
 * as it is next to them.
 *
 * @param marks at least one, each later than the one before in both counts and seconds
 * @param countsAMinute the tempo, where there is one mark
 * @param songStart counts of the song before tick 0
 */
export function alongMarks(marks: Mark[], countsAMinute: number, songStart: number): TempoMap {
  const points = marks.map((mark) => ({
    tick: (mark.count - 1 - songStart) * TICKS,
    second: mark.second,
  }))
  if (points.length === 1) {
    const [one] = points
    const perTick = 60 / countsAMinute / TICKS
    return {
      seconds: (tick) => one.second + (tick - one.tick) * perTick,
      tick: (seconds) => one.tick + (seconds - one.second) / perTick,
    }
  }
  const segment = (value: number, of: (point: (typeof points)[number]) => number) => {
    let at = 0
    while (at + 2 < points.length && of(points[at + 1]) <= value) at++
    return [points[at], points[at + 1]]
  }
  return {
    seconds(tick) {
      const [a, b] = segment(tick, (point) => point.tick)
      return a.second + ((tick - a.tick) / (b.tick - a.tick)) * (b.second - a.second)
    },
    tick(seconds) {
      const [a, b] = segment(seconds, (point) => point.second)
      return a.tick + ((seconds - a.second) / (b.second - a.second)) * (b.tick - a.tick)
    },
  }
}

/**
 * Why marks cannot be a song's beat; nothing where they can. A beat between 30 and 400 a minute is believed.
 */
export function wrongMarks(marks: Mark[]): string {
  for (let i = 1; i < marks.length; i++) {
    const [a, b] = [marks[i - 1], marks[i]]
    if (b.count <= a.count || b.second <= a.second) {
      return `Count ${b.count} has to come later than count ${a.count}, in the song too.`
    }
    const rate = ((b.count - a.count) / (b.second - a.second)) * 60
    if (rate < 30 || rate > 400) {
      return `Between counts ${a.count} and ${b.count} it would be ${Math.round(rate)} counts a minute; one of the two marks is wrong.`
    }
  }
  return ''
}
