import { keepPreviousData, queryOptions } from '@tanstack/vue-query'
import { api, orThrow } from '@/api/client'

export const ticketKeys = { all: ['tickets'] as const }

export const ticketsQuery = (find: string, page: number) =>
  queryOptions({
    queryKey: [...ticketKeys.all, 'list', find, page] as const,
    queryFn: () => orThrow(api.GET('/tickets', { params: { query: { find, page } } })),
    placeholderData: keepPreviousData,
    staleTime: 0,
  })

export const ticketQuery = (id: string) =>
  queryOptions({
    queryKey: [...ticketKeys.all, 'one', id] as const,
    queryFn: () => orThrow(api.GET('/tickets/{ticket}', { params: { path: { ticket: id } } })),
  })
