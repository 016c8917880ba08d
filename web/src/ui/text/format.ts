const longDay = new Intl.DateTimeFormat('en-GB', { weekday: 'long', day: 'numeric', month: 'long' })

export const MILLIS_OF_A_DAY = 86_400_000

/** A day counted since 1970 as "2026-11-26". */
export const isoDay = (day: number) => new Date(day * MILLIS_OF_A_DAY).toISOString().slice(0, 10)

export const daysSince1970 = (day: string) => Date.parse(day) / MILLIS_OF_A_DAY

/** A minute of the day as "09:30". */
export const clockTime = (minute: number) =>
  [Math.floor(minute / 60), minute % 60].map((part) => String(part).padStart(2, '0')).join(':')

export function minuteOfDay(time: string) {
  const [hour, minute] = time.split(':').map(Number)
  return 60 * hour! + minute!
}

/** Between two times such as 09:30; the earlier first, whichever was typed so. */
export function windowOf(one: string, other: string) {
  const [from, until] = [minuteOfDay(one), minuteOfDay(other)].sort((a, b) => a - b) as [number, number]
  return { from, until }
}

const longDayOfAYear = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long', year: 'numeric' })

/** With its weekday; of another year than this one, with the year. */
export function dayName(day: string) {
  const date = new Date(`${day}T12:00`)
  return (date.getFullYear() === new Date().getFullYear() ? longDay : longDayOfAYear).format(date)
}

/** Never a certainty that is none: "over 99%" and "under 1%" are said as such. */
export function percent(chance: number): string {
  if (chance >= 0.995 && chance < 1) return '>99%'
  if (chance > 0 && chance < 0.005) return '<1%'
  return `${Math.round(100 * chance)}%`
}

export const minutes = (value: number) => `${Math.max(1, Math.round(value))} min`

/** "25 min", "1 h 30", "a day". */
export function hours(value: number): string {
  if (value >= 1200) return value < 1800 ? 'a day' : `${Math.round(value / 1440)} days`
  return worked(value)
}

/** "25 min", "1 h 30", "26 h 00": of work, which many do on one day. */
export function worked(value: number): string {
  const whole = Math.round(value / 5) * 5
  return whole < 60 ? `${whole} min` : `${Math.floor(whole / 60)} h ${String(whole % 60).padStart(2, '0')}`
}

/** 1 as "day", 14 as "2 weeks", 180 as "6 months". */
export function days(value: number): string {
  const [count, unit] =
    value >= 60
      ? [Math.round(value / 30.4), 'month']
      : value >= 14
        ? [Math.round(value / 7), 'week']
        : [value, 'day']
  return count === 1 ? unit : `${count} ${unit}s`
}

/** "after each use", "every 4 weeks", "every 2 weeks to 6 months". */
export function often(shortDays: number, longDays: number): string {
  const every = (value: number) => (value ? `every ${days(value)}` : 'after each use')
  if (shortDays === longDays) return every(shortDays)
  return `${every(shortDays)} to ${shortDays ? days(longDays) : every(longDays)}`
}

/** By currency; one takes as long to make as hundreds of amounts to write. */
const inCurrency = new Map<string, Intl.NumberFormat>()

export function money(amount: number, currency: string) {
  const known = inCurrency.get(currency) ?? new Intl.NumberFormat(undefined, { style: 'currency', currency })
  inCurrency.set(currency, known)
  return known.format(amount)
}

export function shiftDay(day: string, by: number): string {
  const date = new Date(`${day}T12:00Z`)
  date.setUTCDate(date.getUTCDate() + by)
  return date.toISOString().slice(0, 10)
}

export const lowerFirst = (text: string) => text.charAt(0).toLowerCase() + text.slice(1)
export const upperFirst = (text: string) => text.charAt(0).toUpperCase() + text.slice(1)
