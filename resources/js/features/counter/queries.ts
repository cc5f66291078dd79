import { queryOptions } from '@tanstack/vue-query'
import { api, orThrow, type Schemas } from '@/api/client'

export const whyNotQuery = (wish: Schemas['Wish'], cut: string, now: () => string) =>
  queryOptions({
    queryKey: ['why-not', wish, cut] as const,
    queryFn: ({ signal }) => orThrow(api.POST('/why-not', { body: { wish: { ...wish, now: now() }, cut }, signal })),
    enabled: cut !== '',
  })
