import { queryOptions } from '@tanstack/vue-query'
import { api, orThrow } from '@/api/client'

export const gradesQuery = () =>
  queryOptions({ queryKey: ['grades'] as const, queryFn: () => orThrow(api.GET('/grades')), staleTime: Infinity })
