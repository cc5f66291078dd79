import { queryOptions } from '@tanstack/vue-query'
import { api, orThrow } from '@/api/client'

export const customerTicketsQuery = (customer: number) =>
  queryOptions({
    queryKey: ['customers', 'tickets', customer] as const,
    queryFn: async () => (await orThrow(api.GET('/tickets', { params: { query: { customer } } }))).tickets,
  })
