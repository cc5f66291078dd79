import { keepPreviousData, queryOptions } from '@tanstack/vue-query'
import { api, orThrow } from '@/api/client'

/** The shelf: every seasoning in a line, and what there is to make one of. */
export const shelfQuery = () =>
  queryOptions({
    queryKey: ['seasonings'] as const,
    queryFn: async () => orThrow(api.GET('/seasonings')),
    staleTime: 5 * 60_000,
  })

/** One of them, weighed for so much meat. */
export const seasoningQuery = (slug: string, meatG: number) =>
  queryOptions({
    queryKey: ['seasonings', slug, meatG] as const,
    queryFn: async ({ signal }) => orThrow(api.GET('/seasonings/{slug}', { params: { path: { slug }, query: { meat_g: meatG } }, signal })),
    enabled: slug !== '' && meatG > 0,
    placeholderData: keepPreviousData,
  })
