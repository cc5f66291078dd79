import { defineStore } from 'pinia'
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import { newKey } from '@/api/once'
import { useDraft } from '@/ui/draft'
import { useUnits } from '@/units/useUnits'
import { localIso } from '@/units/clock'

export type Wish = Schemas['Wish']
export type Eater = Schemas['WishDiner']
export type Scale = 'kitchen' | 'official'
export type Want = NonNullable<Wish['wants']>[number]

interface Kept {
  line: string
  /** The line was typed and is to be read; otherwise it is written from the wish. */
  isTyped: boolean
  /** Words of the line that nobody understood, so that they stay when the line is written anew. */
  unread: string[]
  /** Those of them the advisor goes on without. */
  confirmed: string[]
  wish: Wish
  label: string
  customer: number | null
  /** What is being given, and the key under which it is given once. */
  giving: { body: string; key: string } | null
  given: Schemas['StoredTicket'] | null
  /** Number of the ticket taken back last. */
  takenBack: number | null
}

const empty = (): Kept => ({ line: '', isTyped: false, unread: [], confirmed: [], wish: { diners: [{ count: 2 }] }, label: '', customer: null, giving: null, given: null, takenBack: null })

/** What the customer has and wants. Kept on the device, so that neither a reload nor a lost connection loses it. */
export const useWish = defineStore('wish', () => {
  const kept = useDraft<Kept>('wish', empty())
  const units = useUnits()
  if (kept.value.wish.eat_at && new Date(kept.value.wish.eat_at) <= new Date()) kept.value.wish = { ...kept.value.wish, eat_at: null } // yesterday's hour

  const scaleKept = useDraft<{ scale: Scale }>('scale', { scale: 'kitchen' })
  const scale = computed({ get: () => scaleKept.value.scale, set: (now: Scale) => { scaleKept.value.scale = now } })
  const wish = computed(() => kept.value.wish)
  /** As it is sent; the hour it is goes with it when it is sent. */
  const asked = computed<Wish>(() => ({ ...kept.value.wish, units: units.units, schools: { doneness_words: scale.value } }))
  const first = computed<Eater>(() => kept.value.wish.diners[0] ?? { count: 1 })
  const heads = computed(() => kept.value.wish.diners.reduce((sum, eater) => sum + eater.count, 0))

  /** A change made by tapping; the line is written anew from it by the server. */
  const patch = (change: Partial<Wish>) => { kept.value.wish = { ...kept.value.wish, ...change } }
  const patchFirst = (change: Partial<Eater>) => { patch({ diners: [{ ...first.value, ...change }, ...kept.value.wish.diners.slice(1)] }) }
  const addEater = (eater: Eater) => {
    const left = first.value.count - eater.count
    patch({ diners: [{ ...first.value, count: Math.max(1, left) }, ...kept.value.wish.diners.slice(1), eater] })
  }
  const dropEater = (index: number) => {
    const gone = kept.value.wish.diners[index]
    const rest = kept.value.wish.diners.filter((_, i) => i !== index)
    patch({ diners: rest.map((eater, i) => (i === 0 ? { ...eater, count: eater.count + (gone?.count ?? 0) } : eater)) })
  }
  const reset = () => { kept.value = empty() }
  /** The key for giving this: the same for the same, so that a lost reply or a second press gives nothing twice. */
  const keyFor = (body: string): string => {
    if (kept.value.giving?.body !== body) kept.value.giving = { body, key: newKey() }
    return kept.value.giving.key
  }
  /** Somebody who is known: their name on the ticket, their kitchen in the ask. */
  const serve = (customer: Schemas['Customer']) => {
    Object.assign(kept.value, { label: customer.name, customer: customer.id })
    units.units = customer.units
    if (customer.appliances.length > 0) patch({ appliances: customer.appliances, fires: customer.fires })
  }
  const now = () => localIso(new Date())

  return { kept, scale, wish, asked, first, heads, patch, patchFirst, addEater, dropEater, reset, keyFor, serve, now }
})
