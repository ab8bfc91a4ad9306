/** Mondays as dates, and what falls into their weeks. */

const DAY_MS = 86_400_000
const at = (iso: string) => Date.parse(`${iso}T00:00:00Z`)
const iso = (ms: number) => new Date(ms).toISOString().slice(0, 10)

/** The Monday of a day's week. */
export function mondayOf(day: string): string {
  const ms = at(day)
  return iso(ms - ((new Date(ms).getUTCDay() + 6) % 7) * DAY_MS)
}

/** Mondays from the first day's week to today's, the last ones where there are more than fit. */
export function weeksUntil(today: string, days: string[], most: number): string[] {
  const last = at(mondayOf(today))
  const first = Math.min(last, ...days.map((one) => at(mondayOf(one))))
  const all = Math.min(most, (last - first) / (7 * DAY_MS) + 1)
  return Array.from({ length: all }, (_, i) => iso(last - (all - 1 - i) * 7 * DAY_MS))
}

/** Things by the week that they fall into, in the order of the weeks. */
export function marks<T>(weeks: string[], things: T[], day: (one: T) => string): T[][] {
  const by = new Map(weeks.map((week) => [week, [] as T[]]))
  things.forEach((one) => by.get(mondayOf(day(one)))?.push(one))
  return weeks.map((week) => by.get(week) ?? [])
}

/** Months over the weeks that begin in them. */
export function monthsOver(weeks: string[]): { from: string; name: string; weeks: number }[] {
  const name = new Intl.DateTimeFormat('en-GB', { month: 'short', timeZone: 'UTC' })
  const months: { from: string; name: string; weeks: number }[] = []
  for (const week of weeks) {
    const last = months[months.length - 1]
    if (last?.from.slice(0, 7) === week.slice(0, 7)) last.weeks++
    else months.push({ from: week, name: name.format(at(week)), weeks: 1 })
  }
  return months
}

/** Why there was no class in each week: only where it is closed from its Monday to its Sunday. */
export function closedIn(
  weeks: string[],
  closed: { group?: number; from: string; to: string; note: string }[],
  group: number,
): (string | undefined)[] {
  return weeks.map((week) => {
    const sunday = iso(at(week) + 6 * DAY_MS)
    const found = closed.find(
      (one) => (one.group === undefined || one.group === group) && one.from <= week && one.to >= sunday,
    )
    return found && (found.note || 'no class')
  })
}
