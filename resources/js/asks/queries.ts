import { queryOptions } from '@tanstack/vue-query'
import { api, orThrow, type Schemas } from '@/api/client'

export const counterKeys = { all: ['counter'] as const, of: (ask: string) => [...counterKeys.all, ask] as const }

/** What the counter answers. The last answer to the same customer stays on show while the next is made. */
export const counterQuery = (ask: string, asked: Schemas['CounterAsked'], now: () => string, isOn: boolean) =>
  queryOptions({
    queryKey: [...counterKeys.of(ask), asked] as const,
    queryFn: ({ signal }) => orThrow(api.POST('/counter', { body: { ...asked, now: now() }, signal })),
    enabled: isOn,
    placeholderData: (before: Schemas['CounterShown'] | undefined, query) => (query?.queryKey[1] === ask ? before : undefined),
    staleTime: 30_000,
  })
