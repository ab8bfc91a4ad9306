/** Minutes and seconds: 3:05. */
export function minutesSeconds(seconds: number): string {
  const whole = Math.max(0, Math.floor(seconds))
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`
}

const DAY = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short' })

/** A date without its year: Mon 30 Nov. */
export function day(iso: string): string {
  return DAY.format(new Date(`${iso}T12:00:00`))
}

/** Hours and minutes of a time of day: 19:30. */
export function hourMinute(time: string): string {
  return time.slice(0, 5)
}

/** A time of day, some minutes later. */
export function later(time: string, minutes: number): string {
  const [h, m] = time.split(':').map(Number)
  const all = h * 60 + m + minutes
  return `${Math.floor(all / 60) % 24}:${String(all % 60).padStart(2, '0')}`
}

/** Whole days from one date to another. */
export function daysBetween(from: string, to: string): number {
  return Math.round((Date.parse(to) - Date.parse(from)) / 86_400_000)
}

/** A due date as people say it. */
export function dueWords(due: string, today: string): string {
  const days = daysBetween(today, due)
  if (days === 0) return 'due today'
  if (days < 0) return `due ${-days} ${days === -1 ? 'day' : 'days'} ago`
  return `back in ${days} ${days === 1 ? 'day' : 'days'}`
}

const MOMENT = new Intl.DateTimeFormat('en-GB', {
  day: 'numeric',
  month: 'short',
  hour: '2-digit',
  minute: '2-digit',
})

/** A moment in universal time, as the clock on the wall here says it: 24 Nov, 19:30. */
export function moment(universal: string): string {
  return MOMENT.format(new Date(`${universal.replace(/(\.\d{3})\d*$/, '$1')}Z`))
}
