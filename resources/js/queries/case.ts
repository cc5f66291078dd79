import { queryOptions } from '@tanstack/vue-query'
import { api, orThrow } from '@/api/client'

/** What is in the case now. */
export const caseQuery = () =>
  queryOptions({ queryKey: ['case'] as const, queryFn: () => orThrow(api.GET('/case')), refetchInterval: 60_000 })
