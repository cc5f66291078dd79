import { useMutation, useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, orThrow, type Schemas } from '@/api/client'
import { once } from '@/api/once'
import { isOutage, useOutage } from '@/api/reach'
import type { DishAside } from '@/asks/openAsk'
import { useAsks } from '@/asks/useAsks'
import { useUnits } from '@/units/useUnits'

/** The ticket on show, what stands between it and the customer, and the giving of it. */
export function useGiving() {
  const { t } = useI18n()
  const asks = useAsks()
  const units = useUnits()
  const queries = useQueryClient()
  const isOut = useOutage()

  /** What was given stays on show until the next customer; the last that worked stays while the next is made. */
  const worked = computed<{ key: string; ticket: Schemas['DishTicket'] | null }>((before) => {
    const last = before?.key === asks.ask.key ? before.ticket : null
    return { key: asks.ask.key, ticket: asks.ask.given?.dishes.at(-1)?.ticket ?? asks.shown?.ticket ?? last }
  })
  const ticket = computed(() => worked.value.ticket)
  const nothingFits = computed(() => asks.ask.given === null && asks.shown?.matches?.matches.length === 0 && asks.shown.ask === null)
  const stale = computed(
    () => asks.ask.given === null && (!asks.isSettled || asks.shown?.id == null || Object.keys(asks.ask.texts).length > 0),
  )

  const findings = computed(() => ticket.value?.verdict.findings.map((finding) => finding.id).join() ?? '')
  const read = computed({
    get: () => (asks.ask.read.of === findings.value ? asks.ask.read.ids : []),
    set: (ids: string[]) => {
      asks.set({ read: { of: findings.value, ids } })
    },
  })
  const sold = computed({
    get: () => (asks.ask.sold.lot === (asks.piece.lot ?? null) ? asks.ask.sold.text : ''),
    set: (text: string) => {
      asks.set({ sold: { lot: asks.piece.lot ?? null, text } })
    },
  })
  const soldG = computed(() => (sold.value.trim() === '' ? null : Math.round(Number(sold.value.replace(',', '.')))))
  const soldProblem = computed(() => (Number.isNaN(soldG.value) ? t('piece.notANumber', { text: sold.value }) : null))

  /**
   * Why it cannot be given, in the words of the screen; null when it can.
   * Whatever was said and not understood stands before the button.
   */
  const held = computed(() => {
    const open = asks.unread.filter((word) => !asks.ask.confirmed.includes(word))
    if (isOut.value) return t('lock.out')
    if (asks.isPristine) return t('lock.nothing')
    if (!asks.isSettled) return t(asks.ask.isTyped ? 'lock.reading' : 'lock.working')
    if (open.length) return t('lock.unread', { words: open.join(', ') })
    if (nothingFits.value || ticket.value === null) return t('lock.nothing')
    if (Object.keys(asks.ask.texts).length > 0) return t('lock.figure')
    if (stale.value) return t('lock.working')
    if (soldProblem.value !== null) return soldProblem.value
    return ticket.value.verdict.findings.every((finding) => read.value.includes(finding.id)) ? null : t('lock.cautions')
  })
  const canPutAside = computed(() => held.value === null && asks.ask.given === null && (ticket.value?.verdict.may_be_handed_over ?? false))
  /** And the other dishes of the line are not passed over. */
  const lock = computed(() => held.value ?? (asks.others.length > 0 ? t('lock.dish') : null))
  const canGive = computed(() => canPutAside.value && lock.value === null)

  /** To the cutter while the customer waits; the ticket given afterwards is of that order. */
  /** The same piece, whatever the clock says meanwhile. */
  const asSent = computed(() => JSON.stringify({ ...asks.shown?.ask, now: null }))
  const sent = computed(() => (asks.ask.sent?.of === asSent.value ? asks.ask.sent.order : null))
  const send = useMutation({
    mutationFn: () => {
      const ask = asks.shown?.ask
      if (ask == null) throw new Error(t('ticket.problems'))
      const body = { ask, customer: asks.ask.label || null, customer_id: asks.ask.customer }
      return orThrow(api.POST('/bench', { body, headers: once(asks.keyFor(`bench ${JSON.stringify(body)}`)) }))
    },
    onSuccess: (order) => {
      asks.set({ sent: { of: asSent.value, order: order.id } })
      return queries.invalidateQueries({ queryKey: ['bench'] })
    },
  })

  /** As it stands on the counter now, under the id of what is on show. */
  const dish = computed<DishAside | null>(() => {
    if (asks.shown?.ask == null || asks.shown.ticket === null) return null
    const { ask, id, ticket: shown } = asks.shown
    return {
      asked: { ask, seen: id, sold_g: soldG.value, cautions_read: read.value, bench_order: sent.value },
      name: shown.cut.name,
      method: shown.method,
      price: shown.price?.total ?? null,
    }
  })

  const refresh = () =>
    Promise.all(['tickets', 'counter', 'case', 'customers', 'bench'].map((key) => queries.invalidateQueries({ queryKey: [key] })))
  const give = useMutation({
    mutationFn: () => {
      if (dish.value === null) throw new Error(t('ticket.problems'))
      const body = {
        dishes: [...asks.ask.dishes, dish.value].map((each) => each.asked),
        customer_label: asks.ask.label || null,
        customer_id: asks.ask.customer,
        units: units.units,
      }
      return orThrow(api.POST('/tickets', { body, headers: once(asks.keyFor(JSON.stringify(body))) }))
    },
    retry: (count, error) => isOutage(error) && count < 20, // under its key it is given once, however often it is sent
    onSuccess: (given) => {
      asks.set({ given, takenBack: null })
      return refresh()
    },
    onError: () => queries.invalidateQueries({ queryKey: ['counter'] }), // what was seen may have changed
  })
  const takeBack = useMutation({
    mutationFn: (id: string) => orThrow(api.POST('/tickets/{ticket}/take-back', { params: { path: { ticket: id } } })),
    onSuccess: (back) => {
      asks.set({ given: null, giving: null, takenBack: back.number })
      return refresh()
    },
  })
  const isPending = computed(() => give.isPending.value)
  const problem = computed(
    () => soldProblem.value ?? give.error.value?.message ?? send.error.value?.message ?? takeBack.error.value?.message ?? null,
  )
  const forget = () => {
    give.reset()
    takeBack.reset()
  }
  /** Another dish of the same meal on the same ticket. */
  const putAside = () => {
    if (canPutAside.value && dish.value !== null) {
      asks.putAside(dish.value)
      forget()
    }
  }

  return {
    ticket,
    nothingFits,
    stale,
    read,
    sold,
    lock,
    canGive,
    canPutAside,
    putAside,
    give,
    send,
    sent,
    takeBack,
    isPending,
    problem,
    forget,
  }
}
