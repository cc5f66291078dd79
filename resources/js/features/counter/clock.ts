const two = (value: number) => String(value).padStart(2, '0')

/** A local date and time with its offset, to the minute, as the server wants it. */
export function localIso(date: Date): string {
  const offset = -date.getTimezoneOffset()
  const zone = `${offset < 0 ? '-' : '+'}${two(Math.floor(Math.abs(offset) / 60))}:${two(Math.abs(offset) % 60)}`
  return `${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}T${two(date.getHours())}:${two(date.getMinutes())}:00${zone}`
}

/** That hour on a day so many days from now; null where it is no hour. */
export function atHour(clock: string, days: number, now = new Date()): string | null {
  const [hours, minutes] = clock.split(':').map(Number)
  if (hours === undefined || minutes === undefined || Number.isNaN(hours) || Number.isNaN(minutes)) return null
  return localIso(new Date(now.getFullYear(), now.getMonth(), now.getDate() + days, hours, minutes))
}

/** Days from today to a moment, and its hour. */
export function dayAndHour(iso: string | null | undefined, now = new Date()): { days: number; clock: string } | null {
  if (!iso) return null
  const at = new Date(iso)
  const midnight = (date: Date) => new Date(date.getFullYear(), date.getMonth(), date.getDate()).getTime()
  return { days: Math.round((midnight(at) - midnight(now)) / 86_400_000), clock: `${two(at.getHours())}:${two(at.getMinutes())}` }
}
