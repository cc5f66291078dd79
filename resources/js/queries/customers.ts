import { keepPreviousData, queryOptions } from '@tanstack/vue-query'
import { api, orThrow } from '@/api/client'

/** Customers of the shop whose names are like what is typed. */
export const customersQuery = (find: string) =>
  queryOptions({
    queryKey: ['customers', find] as const,
    queryFn: async ({ signal }) => (await orThrow(api.GET('/customers', { params: { query: { find } }, signal }))).customers,
    placeholderData: keepPreviousData,
  })
