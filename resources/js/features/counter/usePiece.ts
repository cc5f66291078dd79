import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import type { Schemas } from '@/api/client'
import { useDraft } from '@/ui/draft'
import type { CounterCut } from './queries'
import { useWish } from './useWish'

type Ask = Schemas['Ask']
export type Surface = 'patted' | 'dried' | 'wet'

export interface Piece {
  cut: string
  /** The lot it is sold from; null where it was picked by hand, whether the case has it or not. */
  lot: string | null
  /** Who eats which, as the match parted them; null where it was picked by hand. */
  diners: Ask['diners'] | null
  grade: string | null
  thicknessMm: number | null
  thicknessText: string | null
  startC: number
  startText: string | null
  method: string | null
  /** Chosen by hand, so a new match of the same lot keeps it. */
  methodByHand: boolean
  heatC: number | null
  heatText: string | null
  /** The sort of each appliance as chosen; kept while another method is tried, since it is the same kitchen. */
  fires: Record<string, string>
  surface: Surface
  thinMm: number | null
  thinText: string | null
  parasiteFrozen: boolean
  pierced: boolean
  stuffed: boolean
  /** How the animal lived; null where nobody said. */
  rearing: 'farmed' | 'wild' | null
}

const empty: Piece = {
  cut: 'beef-rib-eye-steak', lot: null, diners: null, grade: null, thicknessMm: null, thicknessText: null, startC: 5, startText: null, method: null, methodByHand: false, heatC: null, heatText: null, fires: {},
  surface: 'patted', thinMm: null, thinText: null, parasiteFrozen: false, pierced: false, stuffed: false, rearing: null,
}
const untouched = { thicknessText: null, startC: 5, startText: null, heatC: null, heatText: null, surface: 'patted' as Surface, thinMm: null, thinText: null }

/** The piece the ticket is for: from a match, or picked by hand. Kept on the device. */
export const usePiece = defineStore('piece', () => {
  const piece = useDraft<Piece>('piece', { ...empty })
  const wishes = useWish()

  /** What is worth asking about the fire of the method now chosen. */
  const fireKeys = ref<string[]>([])

  /** Only what is a number is sent; a text that is none stays in its field with its message. */
  const ask = computed<Ask | null>(() => {
    const is = piece.value
    if (is.thicknessMm === null || is.thicknessText !== null || is.startText !== null || is.heatText !== null || is.thinText !== null) return null
    return {
      cut: is.cut,
      lot: is.lot,
      grade: is.grade,
      thickness_mm: is.thicknessMm,
      start_c: is.startC,
      method: is.method,
      heat_c: is.heatC,
      fires: Object.fromEntries(Object.entries(is.fires).filter(([of]) => fireKeys.value.includes(of))),
      surface: is.surface,
      thin_mm: is.thinMm,
      diners: is.diners ?? wishes.wish.diners.map((eater) => ({ ...eater, doneness: eater.doneness ?? undefined })),
      schools: { doneness_words: wishes.scale },
      parasite_frozen: is.parasiteFrozen,
      pierced: is.pierced,
      stuffed: is.stuffed,
      rearing: is.rearing ?? undefined,
      raw_g: wishes.wish.raw_g ?? null,
      eat_at: wishes.wish.eat_at ?? null,
    }
  })

  /** Picked by hand: it brings its own thickness, method and doneness; what was said of the last piece is not true of it. */
  function take(cut: CounterCut) {
    Object.assign(piece.value, { ...untouched, cut: cut.slug, lot: null, diners: null, grade: null, thicknessMm: cut.thickness_mm.typical, parasiteFrozen: false, pierced: false, stuffed: false, rearing: null })
    if (piece.value.method === null || !cut.methods.includes(piece.value.method)) piece.value.method = cut.methods[0] ?? null
    keepWords(cut)
  }

  /** Taken from the case, as the match has it. */
  function takeMatch(ask: Ask) {
    Object.assign(piece.value, {
      ...untouched, cut: ask.cut, lot: ask.lot ?? null, diners: ask.diners, grade: ask.grade ?? null, thicknessMm: ask.thickness_mm, method: ask.method ?? null, methodByHand: false,
      fires: { ...piece.value.fires, ...ask.fires }, parasiteFrozen: ask.parasite_frozen ?? false, pierced: ask.pierced ?? false, stuffed: ask.stuffed ?? false, rearing: ask.rearing ?? null,
    })
  }

  /** A word this cut and the chosen scale do not have gives way to the cut's own. */
  function keepWords(cut: CounterCut) {
    const words = cut.doneness[wishes.scale].map((choice) => choice.word)
    const has = (word: string | null | undefined) => !word || word === 'official_minimum' || words.includes(word)
    if (!wishes.wish.diners.every((eater) => has(eater.doneness))) wishes.patch({ diners: wishes.wish.diners.map((eater) => (has(eater.doneness) ? eater : { ...eater, doneness: undefined })) })
  }

  return { piece, ask, fireKeys, take, takeMatch, keepWords }
})
