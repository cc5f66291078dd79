import { ref } from 'vue'

// Days and hours are those of the shop, wherever the browser stands.

const two = (value: number) => String(value).padStart(2, '0')

/** The shop's zone, as its house rules have it; until it is known the browser's own. */
export const shopZone = ref<string | undefined>()

interface Reading {
  year: number
  month: number
  day: number
  hour: number
  minute: number
}

function reading(date: Date): Reading {
  const parts = new Intl.DateTimeFormat('en-GB', {
    timeZone: shopZone.value,
    hourCycle: 'h23',
    year: 'numeric',
    month: 'numeric',
    day: 'numeric',
    hour: 'numeric',
    minute: 'numeric',
  }).formatToParts(date)
  const of = (type: Intl.DateTimeFormatPartTypes) => Number(parts.find((part) => part.type === type)?.value ?? 0)
  return { year: of('year'), month: of('month'), day: of('day'), hour: of('hour'), minute: of('minute') }
}

const asUtc = (read: Reading) => Date.UTC(read.year, read.month - 1, read.day, read.hour, read.minute)
const offsetMs = (date: Date) => asUtc(reading(date)) - Math.floor(date.getTime() / 60_000) * 60_000

/** A date and time by the shop's clock with its offset, to the minute, as the server wants it. */
export function localIso(date: Date): string {
  const read = reading(date)
  const offset = offsetMs(date) / 60_000
  const zone = `${offset < 0 ? '-' : '+'}${two(Math.floor(Math.abs(offset) / 60))}:${two(Math.abs(offset) % 60)}`
  return `${read.year}-${two(read.month)}-${two(read.day)}T${two(read.hour)}:${two(read.minute)}:00${zone}`
}

/** That hour on a day so many days from now, also over a change of the clocks; null where it is no hour. */
export function atHour(clock: string, days: number, now = new Date()): string | null {
  const [hour, minute] = clock.split(':').map(Number)
  if (hour === undefined || minute === undefined || Number.isNaN(hour) || Number.isNaN(minute)) return null
  const today = reading(now)
  const wall = asUtc({ ...today, day: today.day + days, hour, minute })
  const near = new Date(wall - offsetMs(new Date(wall)))
  return localIso(new Date(wall - offsetMs(near)))
}

/** Days from today to a moment, and its hour. */
export function dayAndHour(iso: string | null | undefined, now = new Date()): { days: number; clock: string } | null {
  if (!iso) return null
  const at = reading(new Date(iso))
  const midnight = (read: Reading) => asUtc({ ...read, hour: 0, minute: 0 })
  return { days: Math.round((midnight(at) - midnight(reading(now))) / 86_400_000), clock: `${two(at.hour)}:${two(at.minute)}` }
}

/** The name of a day so many days from now, by the shop's clock. */
export function dayName(days: number, locale: string, now = new Date()): string {
  const today = reading(now)
  return new Intl.DateTimeFormat(shopLocale(locale), { timeZone: 'UTC', weekday: 'short', day: 'numeric' }).format(
    new Date(asUtc({ ...today, day: today.day + days })),
  )
}

/** The language as it is written where the shop is: English has its days and hours one way in America and another elsewhere. */
export const shopLocale = (language: string) =>
  language === 'en' ? (shopZone.value?.startsWith('America/') ? 'en-US' : 'en-GB') : language

/** A moment by the shop's clock, as it is written there. */
export function moment(
  iso: string,
  language: string,
  style: Intl.DateTimeFormatOptions = { dateStyle: 'medium', timeStyle: 'short' },
): string {
  return new Intl.DateTimeFormat(shopLocale(language), { ...style, timeZone: shopZone.value }).format(new Date(iso))
}
