import { keepPreviousData, queryOptions } from '@tanstack/vue-query'
import { api, orThrow } from '@/api/client'

export const customersQuery = (find: string) =>
  queryOptions({ queryKey: ['customers', find] as const, queryFn: async ({ signal }) => (await orThrow(api.GET('/customers', { params: { query: { find } }, signal }))).customers, placeholderData: keepPreviousData })

export const customerTicketsQuery = (customer: number) =>
  queryOptions({ queryKey: ['customers', 'tickets', customer] as const, queryFn: async () => (await orThrow(api.GET('/tickets', { params: { query: { customer } } }))).tickets })
