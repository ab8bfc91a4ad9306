/** Within so many hours of its beginning, a social is on. */
const HOURS_AROUND = 12

/**
 * Seconds from the beginning of a social until now by this device's clock, 0 before it; nothing where
 * it is not on.
 */
export function secondsSince(social: { date: string; startsAt: string }, now: number): number | undefined {
  const since = (now - Date.parse(`${social.date}T${social.startsAt}`)) / 1000
  return Math.abs(since) > HOURS_AROUND * 3600 ? undefined : Math.max(0, since)
}
