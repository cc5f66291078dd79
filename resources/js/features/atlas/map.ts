import type { Schemas } from '@/api/client'

export type Height = 'fat' | 'flavour'
export type Kind = 'red' | 'game' | 'bird' | 'fish' | 'offal'
export interface Dot {
  cut: Schemas['CutLine']
  kind: Kind
  x: number
  y: number
  r: number
}

const left = 84
const right = 820
const top = 36
const bottom = 510
const kinds: Record<string, Kind> = { game: 'game', poultry: 'bird', fish: 'fish', offal: 'offal' }

/** A shape for each kind, so that colour is never the only sign. */
export function shapeOf(kind: Kind, r: number): string {
  if (kind === 'game') return `M0 ${-r * 1.2}L${r * 1.15} ${r * 0.85}L${-r * 1.15} ${r * 0.85}Z`
  if (kind === 'bird') return `M${-r} ${-r}H${r}V${r}H${-r}Z`
  if (kind === 'fish') return `M0 ${-r * 1.3}L${r * 1.3} 0L0 ${r * 1.3}L${-r * 1.3} 0Z`
  if (kind === 'offal')
    return `M${-r * 0.5} ${-r}H${r * 0.5}L${r} ${-r * 0.5}V${r * 0.5}L${r * 0.5} ${r}H${-r * 0.5}L${-r} ${r * 0.5}V${-r * 0.5}Z`
  return `M${-r} 0A${r} ${r} 0 1 0 ${r} 0A${r} ${r} 0 1 0 ${-r} 0Z`
}

/**
 * Where each cut stands: tough at the left, tender at the right; lean or mild below, rich or deep above. Fat is drawn by its
 * logarithm. Where dots would lie on each other, the later one steps aside, more to the side than up or down, always the same way.
 */
export function place(cuts: Schemas['CutLine'][], height: Height): Dot[] {
  const dots: Dot[] = []
  for (const cut of cuts) {
    const share = height === 'fat' ? Math.log(Math.max(0.5, cut.fat_pct) / 0.5) / Math.log(85 / 0.5) : (cut.flavour - 1) / 4
    const r = 4 + 1.5 * cut.price_class
    const home = { x: left + ((3 - cut.tenderness_score) / 2) * (right - left), y: bottom - share * (bottom - top) }
    let spot = home
    for (let step = 1; step < 400 && dots.some((dot) => Math.hypot(dot.x - spot.x, dot.y - spot.y) < (dot.r + r) * 0.92); step++) {
      const away = 3.2 * Math.sqrt(step)
      spot = {
        x: Math.min(894 - r, Math.max(62 + r, home.x + 1.7 * away * Math.cos(step * 2.4))),
        y: Math.min(536 - r, Math.max(16 + r, home.y + away * Math.sin(step * 2.4))),
      }
    }
    dots.push({ cut, kind: kinds[cut.group] ?? 'red', ...spot, r })
  }
  return dots
}
