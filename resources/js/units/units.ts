// Shows figures in the customer's units, by the unit their name ends in. The only place of the interface that converts;
// the server does the same for the printed card.

export type Units = 'metric' | 'imperial'

const MM_PER_INCH = 25.4
const G_PER_OUNCE = 28.349523125

/** Half away from zero as the figure is written, not as it is stored: 43.55 is 43.6, as the card has it. */
function rounded(value: number, decimals: number): number {
  return Math.sign(value) * Number(`${Math.round(Number(`${Math.abs(value)}e${decimals}`))}e-${decimals}`)
}

function plain(value: number, decimals: number): string {
  const text = rounded(value, decimals).toFixed(decimals)
  return text.includes('.') ? text.replace(/\.?0+$/, '') : text
}

export function temperature(celsius: number, units: Units): string {
  if (units === 'imperial') return `${plain(celsius * 1.8 + 32, 0)}\u00a0°F`
  return `${plain(celsius, celsius < 100 && Math.abs(celsius - Math.round(celsius)) > 0.04 ? 1 : 0)}\u00a0°C`
}

export function difference(kelvins: number, units: Units): string {
  return units === 'metric' ? `${plain(kelvins, 1)}\u00a0°C` : `${plain(kelvins * 1.8, 0)}\u00a0°F`
}

export function length(millimetres: number, units: Units): string {
  return units === 'metric' ? `${plain(millimetres, 0)}\u00a0mm` : `${plain(millimetres / MM_PER_INCH, 1)}\u00a0in`
}

export function mass(grams: number, units: Units): string {
  if (grams > 0 && grams < 10) return `${plain(grams, 1)}\u00a0g` // a spoon of salt: by the gram in any kitchen
  if (units === 'metric') return grams >= 1000 ? `${plain(grams / 1000, 2)}\u00a0kg` : `${plain(grams, 0)}\u00a0g`
  const ounces = grams / G_PER_OUNCE
  const whole = Math.round(ounces)
  return ounces >= 32 ? `${Math.floor(whole / 16)}\u00a0lb ${whole % 16}\u00a0oz` : `${plain(ounces, 1)}\u00a0oz`
}

/** As a scale shows it: grams stay grams. */
export function weighed(grams: number, units: Units): string {
  return units === 'metric' ? `${plain(grams, 0)}\u00a0g` : mass(grams, units)
}

export function duration(seconds: number): string {
  const whole = Math.round(seconds)
  if (whole < 120) return whole % 60 === 0 ? `${whole / 60}\u00a0min` : `${whole}\u00a0s`
  const minutes = Math.round(whole / 60)
  if (minutes < 90) return `${minutes}\u00a0min`
  return `${Math.floor(minutes / 60)}\u00a0h${minutes % 60 === 0 ? '' : ` ${String(minutes % 60).padStart(2, '0')}`}`
}

/**
 * "12–17 min", or one figure where both ends read the same.
 * The card shows it alike (Services/Units.php); a test holds the two together.
 */
export function span(lowS: number, highS: number): string {
  const [low, high] = [Math.round(lowS), Math.round(highS)]
  const [lowMin, highMin] = [Math.round(low / 60), Math.round(high / 60)]
  if (duration(low) === duration(high)) return duration(low)
  if (high < 120) return `${low}–${high}\u00a0s`
  if (low >= 60 && highMin < 90) return lowMin === highMin ? `${lowMin}\u00a0min` : `${lowMin}–${highMin}\u00a0min`
  return `${duration(low)}–${duration(high)}`
}

let shopCurrency: string | undefined

/** What the shop's prices are in; without it they are bare figures. */
export function pricesAreIn(currency: string | undefined): void {
  shopCurrency = currency
}

const formats = new Map<string, Intl.NumberFormat>()

/** A price in the shop's currency. */
export function money(value: number, currency: string): string {
  const format =
    formats.get(currency) ??
    new Intl.NumberFormat(typeof document === 'undefined' ? 'en' : document.documentElement.lang || 'en', { style: 'currency', currency })
  formats.set(currency, format)
  return format.format(value)
}

/** A price a kilo, or what it comes to a pound. */
export function perUnit(perKg: number, units: Units): number {
  return units === 'metric' ? perKg : perKg * 0.45359237
}

/** Whether a figure of that name has a unit. */
export const hasUnit = (name: string) => /_(c|k|mm|g|s|money)$/.test(name)

export function show(name: string, value: number, units: Units): string {
  if (name.endsWith('_c')) return temperature(value, units)
  if (name.endsWith('_k')) return difference(value, units)
  if (name.endsWith('_mm')) return length(value, units)
  if (name.endsWith('_g')) return mass(value, units)
  if (name.endsWith('_s')) return duration(value)
  if (name.endsWith('_money')) return shopCurrency === undefined ? rounded(value, 2).toFixed(2) : money(value, shopCurrency)
  return plain(value, 2)
}

/** What a step in thickness changes: per millimetre, or per tenth of an inch. */
export function perThickness(secondsPerMm: number, units: Units): { step: string; change_s: string } {
  return units === 'metric'
    ? { step: '1\u00a0mm', change_s: duration(secondsPerMm) }
    : { step: '0.1\u00a0in', change_s: duration((secondsPerMm * MM_PER_INCH) / 10) }
}

/** What a field shows while it is being edited: bare numbers in the chosen units. */
export const field = {
  mass: (grams: number, units: Units): string => (units === 'metric' ? plain(grams, 0) : plain(grams / G_PER_OUNCE, 1)),
  temperature: (celsius: number, units: Units): string =>
    plain(units === 'metric' ? celsius : celsius * 1.8 + 32, units === 'metric' ? 1 : 0),
  length: (millimetres: number, units: Units): string => (units === 'metric' ? plain(millimetres, 1) : plain(millimetres / MM_PER_INCH, 2)),
}

/** What was typed, back in °C, mm or g; null when it is not a number. A comma counts as a point. */
export const typed = {
  mass: (text: string, units: Units): number | null => number(text, (value) => (units === 'metric' ? value : value * G_PER_OUNCE)),
  temperature: (text: string, units: Units): number | null => number(text, (value) => (units === 'metric' ? value : (value - 32) / 1.8)),
  length: (text: string, units: Units): number | null => number(text, (value) => (units === 'metric' ? value : value * MM_PER_INCH)),
}

function number(text: string, convert: (value: number) => number): number | null {
  const value = Number(text.trim().replace(',', '.'))
  return text.trim() === '' || !Number.isFinite(value) ? null : Math.round(convert(value) * 100) / 100
}
