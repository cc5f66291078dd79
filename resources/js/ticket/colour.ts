import palette from '@wording/palette.json'
import type { Schemas } from '@/api/client'

/** The colour a tissue shows at the highest temperature it reached; the printed card draws from the same table. */
export function colour(tissue: Schemas['CrossSection']['tissue'], celsius: number): string {
  const stops = palette[tissue]
  const next = stops.findIndex((stop) => celsius < stop.from_c)
  const to = stops.at(next)
  const from = stops[next - 1]
  if (to === undefined || next === -1) return stops.at(-1)?.colour ?? '#888888'
  return from === undefined ? to.colour : mix(from.colour, to.colour, (celsius - from.from_c) / (to.from_c - from.from_c))
}

function mix(from: string, to: string, share: number): string {
  const part = (hex: string, at: number) => Number.parseInt(hex.slice(at, at + 2), 16)
  return `#${[1, 3, 5]
    .map((at) =>
      Math.round(part(from, at) + (part(to, at) - part(from, at)) * share)
        .toString(16)
        .padStart(2, '0'),
    )
    .join('')}`
}
