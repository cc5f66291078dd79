import { useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import type { Schemas } from '@/api/client'
import type { CounterCut } from './queries'

type Ask = Schemas['Ask']
export type Appetite = 'small' | 'usual' | 'hearty'
export type Scale = 'kitchen' | 'official'
export type Day = 'today' | 'tomorrow'
export type Surface = 'patted' | 'dried' | 'wet'

export interface Draft {
  cut: string
  thicknessMm: number | null
  thicknessText: string | null
  startC: number
  startText: string | null
  method: string | null
  heatC: number | null
  heatText: string | null
  /** The sort of each appliance as chosen; kept while another method is tried, since it is the same kitchen. */
  fires: Record<string, string>
  surface: Surface
  thinMm: number | null
  thinText: string | null
  doneness: string | null
  scale: Scale
  count: number
  appetite: Appetite
  atRisk: boolean
  parasiteFrozen: boolean
  pierced: boolean
  day: Day
  clock: string
  label: string
}

const empty: Draft = {
  cut: 'beef-rib-eye-steak', thicknessMm: null, thicknessText: null, startC: 5, startText: null, method: null, heatC: null, heatText: null, fires: {}, surface: 'patted', thinMm: null, thinText: null,
  doneness: null, scale: 'kitchen', count: 2, appetite: 'usual', atRisk: false, parasiteFrozen: false, pierced: false, day: 'today', clock: '', label: '',
}

/** The local date and time with its offset, as the ask wants it; null without an hour. */
export function eatAt(day: Day, clock: string, now = new Date()): string | null {
  const [hours, minutes] = clock.split(':').map(Number)
  if (hours === undefined || minutes === undefined || Number.isNaN(hours) || Number.isNaN(minutes)) return null
  const date = new Date(now.getFullYear(), now.getMonth(), now.getDate() + (day === 'tomorrow' ? 1 : 0), hours, minutes)
  const two = (value: number) => String(value).padStart(2, '0')
  const offset = -date.getTimezoneOffset()
  const zone = `${offset < 0 ? '-' : '+'}${two(Math.floor(Math.abs(offset) / 60))}:${two(Math.abs(offset) % 60)}`
  return `${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}T${two(hours)}:${two(minutes)}:00${zone}`
}

/** What the advisor has put in so far. Kept on the device, so that neither a reload nor a lost connection loses it. */
export const useDraft = defineStore('draft', () => {
  const draft = useLocalStorage<Draft>('nessmark.draft', { ...empty }, { mergeDefaults: true })

  /** What is worth asking about the fire of the method now chosen. */
  const fireKeys = ref<string[]>([])

  /** Only what is a number is sent; a text that is none stays in its field with its message. */
  const ask = computed<Ask | null>(() => {
    const is = draft.value
    if (is.thicknessMm === null || is.thicknessText !== null || is.startText !== null || is.heatText !== null || is.thinText !== null) return null
    return {
      cut: is.cut,
      thickness_mm: is.thicknessMm,
      start_c: is.startC,
      method: is.method,
      heat_c: is.heatC,
      fires: Object.fromEntries(Object.entries(is.fires).filter(([of]) => fireKeys.value.includes(of))),
      surface: is.surface,
      thin_mm: is.thinMm,
      diners: [{ count: is.count, appetite: is.appetite, at_risk: is.atRisk, ...(is.doneness === null ? {} : { doneness: is.doneness }) }],
      schools: { doneness_words: is.scale },
      parasite_frozen: is.parasiteFrozen,
      pierced: is.pierced,
      eat_at: eatAt(is.day, is.clock),
    }
  })

  /** Another cut brings its own thickness, method and doneness; what was said of the last piece is not true of it. */
  function take(cut: CounterCut) {
    Object.assign(draft.value, { cut: cut.slug, thicknessMm: cut.thickness_mm.typical, thicknessText: null, heatC: null, heatText: null, surface: 'patted', thinMm: null, thinText: null, parasiteFrozen: false, pierced: false })
    if (draft.value.method === null || !cut.methods.includes(draft.value.method)) draft.value.method = cut.methods[0] ?? null
    draft.value.doneness = cut.default_doneness
    keepWord(cut)
  }

  /** A word the chosen scale does not have gives way to one it has. */
  function keepWord(cut: CounterCut) {
    const words = cut.doneness[draft.value.scale].map((choice) => choice.word)
    const word = draft.value.doneness
    if (word !== 'official_minimum' && (word === null || !words.includes(word))) draft.value.doneness = words[0] ?? 'official_minimum'
  }

  return { draft, ask, fireKeys, take, keepWord }
})
