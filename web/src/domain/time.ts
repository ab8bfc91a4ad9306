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

/** How long ago a moment in universal time is: 3 hours ago. */
export function ago(universal: string, now: number): string {
  const minutes = Math.max(0, Math.floor((now - instant(universal)) / 60_000))
  if (minutes < 1) return 'just now'
  if (minutes < 60) return counted(minutes, 'minute')
  if (minutes < 48 * 60) return counted(Math.floor(minutes / 60), 'hour')
  return counted(Math.floor(minutes / (24 * 60)), 'day')
}

function counted(many: number, unit: string): string {
  return `${many} ${unit}${many === 1 ? '' : 's'} ago`
}

function instant(universal: string): number {
  return Date.parse(`${universal.replace(/(\.\d{3})\d*$/, '$1')}Z`)
}

/** A moment in universal time, as the clock on the wall here says it: 24 Nov, 19:30. */
export function moment(universal: string): string {
  return MOMENT.format(instant(universal))
}
