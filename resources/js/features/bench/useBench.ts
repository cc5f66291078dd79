import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, ApiError, orThrow, type Schemas } from '@/api/client'
import { benchQuery } from './queries'

type Work = Schemas['BenchWork']

/** The queue, the order in hand, and what is done to it. */
export function useBench() {
  const { t } = useI18n()
  const queries = useQueryClient()
  const queue = useQuery(benchQuery())
  const at = ref<number | null>(null)
  const orders = computed(() => queue.data.value?.orders ?? [])
  const order = computed<Work | null>(
    () =>
      orders.value.find((each) => each.id === at.value) ?? orders.value.find((each) => each.state !== 'done') ?? orders.value[0] ?? null,
  )
  const printed = ref<number | null>(null)
  const keep = (changed: Work) => {
    at.value = changed.id
    queries.setQueryData<Schemas['Bench']>(['bench'], (old) =>
      old ? { ...old, orders: old.orders.map((each) => (each.id === changed.id ? changed : each)) } : old,
    )
    return queries.invalidateQueries({ queryKey: ['bench'] })
  }
  const mark = useMutation({
    mutationFn: ({ of, state, done }: { of: Work; state: Work['state']; done: number[] }) =>
      orThrow(api.PUT('/bench/{order}', { params: { path: { order: of.id } }, body: { state, steps_done: done } })),
    onSuccess: keep,
  })
  const weigh = useMutation({
    mutationFn: ({ of, when, typedG, sure }: { of: Work; when: 'before' | 'after'; typedG?: number; sure?: boolean }) =>
      orThrow(
        api.POST('/bench/{order}/weighings', {
          params: { path: { order: of.id } },
          body: { when, ...(typedG === undefined ? {} : { typed_g: typedG }), sure: sure ?? false },
        }),
      ),
    onSuccess: keep,
  })
  const label = useMutation({
    mutationFn: (of: Work) => orThrow(api.POST('/bench/{order}/label', { params: { path: { order: of.id } } })),
    onSuccess: (done) => {
      printed.value = done.printed
    },
  })
  watch(
    () => order.value?.id,
    () => {
      printed.value = null
      weigh.reset()
      label.reset()
      mark.reset()
    },
  )

  const done = computed(() => order.value?.steps_done ?? [])
  const isOpen = computed(() => order.value !== null && order.value.state !== 'done')
  /** The first step that is still to do; null when all are. */
  const next = computed(() => {
    const count = order.value?.work.steps.length ?? 0
    return Array.from({ length: count }, (_, i) => i).find((i) => !done.value.includes(i)) ?? null
  })
  const toggle = (step: number) => {
    if (!order.value || !isOpen.value) return
    const now = done.value.includes(step) ? done.value.filter((each) => each !== step) : [...done.value, step]
    mark.mutate({ of: order.value, state: 'taken', done: now })
  }
  const set = (state: Work['state']) => {
    if (order.value) mark.mutate({ of: order.value, state, done: done.value })
  }
  /** What is weighed next. */
  const when = computed<'before' | 'after'>(() => (order.value?.before_g == null ? 'before' : 'after'))
  /** A yield so far off that somebody has to look again. */
  const isOdd = computed(() => weigh.error.value instanceof ApiError && weigh.error.value.problem?.reason === 'bench.odd_yield')
  const problem = computed(() => weigh.error.value?.message ?? label.error.value?.message ?? mark.error.value?.message ?? null)
  const who = (of: Work) =>
    [of.customer ?? (of.ticket ? null : t('queue.forCase')), of.lot ? t('queue.lot', { lot: of.lot }) : null].filter(Boolean).join(' · ')

  return { queue, orders, order, at, mark, weigh, label, printed, done, isOpen, next, toggle, set, when, isOdd, problem, who }
}
