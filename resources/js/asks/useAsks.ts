import { useQuery } from '@tanstack/vue-query'
import { refDebounced, until } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, toRaw } from 'vue'
import type { Schemas } from '@/api/client'
import { newKey } from '@/api/once'
import { useSession } from '@/queries/session'
import { useDraft } from '@/ui/draft'
import { localIso } from '@/units/clock'
import { useUnits } from '@/units/useUnits'
import { counterQuery } from './queries'
import { asAsked, freshAsk, nextDish, NOTHING, type DishAside, type Eater, type Hand, type OpenAsk, type Scale, type Wish } from './openAsk'

/** Nothing said of which meat, or of how many pieces of it. */
const NO_MEAT: Partial<Wish> = { named: null, kinds: [], or: [], like: null, dish: null, raw: null, pieces: null, part: null, bones: null }

/** Typing pauses so long before it is asked, ms. */
const PAUSE_MS = 120

/** The customers at the counter, each with what is asked for them, and what the server answers to the one being served. */
export const useAsks = defineStore('asks', () => {
  const kept = useDraft<{ list: OpenAsk[]; at: number }>('asks', { list: [freshAsk(newKey())], at: 0 })
  const scaleKept = useDraft<{ scale: Scale }>('scale', { scale: 'kitchen' })
  const units = useUnits()
  const session = useSession()
  for (const each of kept.value.list)
    if (each.wish.eat_at && new Date(each.wish.eat_at) <= new Date()) each.wish = { ...each.wish, eat_at: null } // yesterday's hour

  const list = computed(() => kept.value.list)
  const at = computed({
    get: () => Math.min(kept.value.at, kept.value.list.length - 1),
    set: (now: number) => {
      kept.value.at = now
    },
  })
  const ask = computed<OpenAsk>(() => kept.value.list[at.value] ?? freshAsk(''))
  const set = (change: Partial<OpenAsk>) => {
    Object.assign(ask.value, change)
  }
  const scale = computed({
    get: () => scaleKept.value.scale,
    set: (now: Scale) => {
      scaleKept.value.scale = now
    },
  })
  const now = () => localIso(new Date())

  // One question, one answer.
  const request = computed<Schemas['CounterAsked']>(() => ({
    ...asAsked(ask.value),
    units: units.units,
    schools: { doneness_words: scale.value },
  }))
  const asked = refDebounced(request, PAUSE_MS)
  const mayAdvise = computed(() => session.data.value?.may_advise ?? false)
  /** Nobody said anything yet: nothing is asked, and nothing answered. */
  const isPristine = computed(
    () =>
      !ask.value.isTyped &&
      JSON.stringify(ask.value.wish) === JSON.stringify(NOTHING) &&
      ask.value.keep.length === 0 &&
      Object.keys(ask.value.hand).length === 0 &&
      ask.value.choice === null &&
      ask.value.given === null,
  )
  const answer = useQuery(() => counterQuery(ask.value.key, asked.value, now, !isPristine.value))
  const shown = computed(() => (isPristine.value ? null : (answer.data.value ?? null)))
  /** What is on show belongs to what is asked. */
  const isSettled = computed(() => toRaw(asked.value) === toRaw(request.value) && answer.isSuccess.value && !answer.isPlaceholderData.value)

  const line = computed({
    get: () => (ask.value.isTyped || shown.value === null ? ask.value.line : shown.value.line),
    // Another line is another ask: what was chosen or set goes, unless the cut itself was picked.
    set: (text: string) => {
      const isEmpty = text.trim() === ''
      set({
        line: text,
        isTyped: !isEmpty,
        ...(isEmpty ? { wish: NOTHING } : {}),
        waiting: [],
        keep: [],
        choice: null,
        texts: {},
        hand: ask.value.hand.cut ? ask.value.hand : {},
      })
    },
  })
  // Who was at the table for a dish before is there for this one: the server says so in the wish it answers.
  const isAnswered = computed(() => ask.value.isTyped || (isSettled.value && ask.value.dishes.length > 0))
  const wish = computed<Wish>(() => (isAnswered.value ? (shown.value?.wish ?? ask.value.wish) : ask.value.wish))
  /** A meat was named after the cut was picked: what was said since goes before it. */
  const isOverridden = computed(
    () => ask.value.isTyped && isSettled.value && Boolean(ask.value.hand.cut) && shown.value?.ask?.cut !== ask.value.hand.cut,
  )
  const unread = computed(() =>
    isSettled.value ? (shown.value?.chips ?? []).filter((chip) => chip.kind === 'unknown').map((chip) => chip.text) : [],
  )
  /** Dishes of the same line that come after this one. */
  const others = computed<Wish[]>(() => (ask.value.isTyped ? (shown.value?.dishes.slice(1) ?? []) : ask.value.waiting))
  const first = computed<Eater>(() => wish.value.diners[0] ?? { count: 1 })
  const heads = computed(() => wish.value.diners.reduce((sum, eater) => sum + eater.count, 0))

  /**
   * A change made by tapping, of the wish or of what was set by hand; the server writes the line anew.
   * What is being typed is read first.
   */
  async function patch(change: (wish: Wish) => Partial<Wish>, byHand: Partial<OpenAsk> = {}) {
    const { key } = ask.value
    if (ask.value.isTyped) await until(isSettled).toBe(true)
    if (ask.value.key !== key) return
    const keep = ask.value.isTyped ? unread.value : ask.value.keep
    const hand = isOverridden.value ? {} : ask.value.hand
    const waiting = others.value
    set({ waiting, wish: { ...wish.value, ...change(wish.value) }, line: line.value, isTyped: false, keep, hand, ...byHand })
  }
  const patchFirst = (change: (eater: Eater) => Partial<Eater>) =>
    patch(({ diners: [eater = { count: 1 }, ...others] }) => ({ diners: [{ ...eater, ...change(eater) }, ...others] }))
  const addEater = (eater: Eater) =>
    patch(({ diners: [most = { count: 1 }, ...others] }) => ({
      diners: [{ ...most, count: Math.max(1, most.count - eater.count) }, ...others, eater],
    }))
  const dropEater = (index: number) =>
    patch(({ diners }) => ({
      diners: diners
        .filter((_, i) => i !== index)
        .map((eater, i) => (i === 0 ? { ...eater, count: eater.count + (diners[index]?.count ?? 0) } : eater)),
    }))

  // The piece: as the match has it, with what was set by hand.
  const piece = computed<Hand>(() => {
    const { choice, hand } = ask.value
    const on: Hand = shown.value?.ask ?? {}
    if (hand.cut && !isOverridden.value) return { ...(shown.value?.chosen === null && on.cut === hand.cut ? on : {}), ...hand }
    const isOn = !choice || (shown.value?.chosen?.lot === choice.lot && shown.value.chosen.method === choice.method)
    const match = isOn
      ? undefined
      : shown.value?.matches?.matches.find((each) => each.lot.number === choice.lot && each.method === choice.method)
    return { ...(match?.ask ?? on), ...(hand.cut ? {} : hand) }
  })
  const choose = (match: Schemas['Found'] | undefined) => {
    if (match) set({ choice: { lot: match.lot.number, method: match.method }, hand: {}, texts: {} })
  }
  /** The piece that is adjusted is the one that stays. */
  const setHand = (change: Hand, field?: string) => {
    const texts = Object.fromEntries(Object.entries(ask.value.texts).filter(([of]) => of !== field))
    set({
      choice: ask.value.hand.cut ? null : (ask.value.choice ?? shown.value?.chosen ?? null),
      hand: { ...ask.value.hand, ...change },
      texts,
    })
  }
  const setText = (field: string, text: string) => {
    set({ texts: { ...ask.value.texts, [field]: text } })
  }
  /** Picked by hand: it takes the place of whatever was named, and brings its own thickness and doneness. */
  const pick = (cut: Schemas['CutSummary']) => {
    const { method, fires } = piece.value
    const hand = { cut: cut.slug, ...(method && cut.methods.includes(method) ? { method } : {}), ...(fires ? { fires } : {}) }
    return patch(() => ({ ...NO_MEAT }), { choice: null, texts: {}, hand })
  }

  const startAnew = () => {
    kept.value.list.splice(at.value, 1, freshAsk(newKey()))
  }
  const openAnother = () => {
    kept.value.at = kept.value.list.push(freshAsk(newKey())) - 1
  }
  /** Done with this customer: the one who waits longest is next. */
  const close = () => {
    if (kept.value.list.length === 1) {
      startAnew()
      return
    }
    kept.value.list.splice(at.value, 1)
    kept.value.at = 0
  }
  const putAside = (dish: DishAside) => {
    kept.value.list.splice(at.value, 1, nextDish(ask.value, wish.value, others.value, dish))
  }
  /** The key for giving this: the same for the same, so that a lost reply or a second press gives nothing twice. */
  const keyFor = (body: string): string => {
    if (ask.value.giving?.body !== body) set({ giving: { body, key: newKey() } })
    return ask.value.giving?.key ?? ''
  }
  /** Somebody who is known: their name on the ticket, their kitchen in the ask. */
  const serve = (customer: Schemas['Customer']) => {
    set({ label: customer.name, customer: customer.id })
    units.units = customer.units
    if (customer.appliances.length > 0) void patch(() => ({ appliances: customer.appliances, fires: customer.fires }))
  }

  return {
    list,
    at,
    ask,
    set,
    scale,
    now,
    mayAdvise,
    answer,
    shown,
    isSettled,
    line,
    wish,
    unread,
    others,
    isPristine,
    first,
    heads,
    patch,
    patchFirst,
    addEater,
    dropEater,
    piece,
    choose,
    setHand,
    setText,
    pick,
    startAnew,
    openAnother,
    close,
    putAside,
    keyFor,
    serve,
  }
})
