import { keepPreviousData, queryOptions } from '@tanstack/vue-query'
import { api, orThrow, type Schemas } from '@/api/client'

export const catalogueQuery = () =>
  queryOptions({ queryKey: ['catalogue'] as const, queryFn: () => orThrow(api.GET('/catalogue')), staleTime: Infinity })

/** The ticket for an ask. The last one stays on show while the next is computed, or when it cannot be. */
export const adviceQuery = (ask: Schemas['Ask'] | null) =>
  queryOptions({
    queryKey: ['advice', ask] as const,
    queryFn: ({ signal }) => orThrow(api.POST('/advice', { body: ask ?? { cut: '', thickness_mm: 0, diners: [] }, signal })),
    enabled: ask !== null,
    placeholderData: keepPreviousData,
    staleTime: 60_000,
  })
