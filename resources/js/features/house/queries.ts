import { keepPreviousData, queryOptions } from '@tanstack/vue-query'
import { api, orThrow, type Schemas } from '@/api/client'

export const staffQuery = () =>
  queryOptions({ queryKey: ['house', 'staff'] as const, queryFn: async () => (await orThrow(api.GET('/staff'))).staff })

/** What the options of a school come to: for the piece at hand, or for the school's own example. */
export const differenceQuery = (school: string, ask: Schemas['Ask'] | null) =>
  queryOptions({
    queryKey: ['difference', school, ask] as const,
    queryFn: () => orThrow(api.POST('/schools/{school}/difference', { params: { path: { school } }, body: { ask } })),
    retry: false,
  })

export const dayBookQuery = (asked: Record<string, string>, page: number) =>
  queryOptions({
    queryKey: ['house', 'book', asked, page] as const,
    queryFn: () => orThrow(api.GET('/day-book', { params: { query: { ...asked, page } } })),
    placeholderData: keepPreviousData,
    staleTime: 0,
  })
