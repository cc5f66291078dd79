import palette from '@wording/palette.json'

type Stop = readonly [number, string]
const stops = palette as unknown as Record<string, Stop[]>

/** The colour a tissue shows at the highest temperature it reached; the printed card draws from the same table. */
export function colour(tissue: string, celsius: number): string {
  const row = stops[tissue] ?? []
  let before = row[0]
  for (const stop of row) {
    if (before !== undefined && celsius < stop[0]) {
      const share = stop[0] === before[0] ? 0 : Math.max(0, (celsius - before[0]) / (stop[0] - before[0]))
      return mix(before[1], stop[1], share)
    }
    before = stop
  }
  return before?.[1] ?? '#888888'
}

function mix(from: string, to: string, share: number): string {
  const part = (hex: string, at: number) => Number.parseInt(hex.slice(at, at + 2), 16)
  return `#${[1, 3, 5].map((at) => Math.round(part(from, at) + (part(to, at) - part(from, at)) * share).toString(16).padStart(2, '0')).join('')}`
}
