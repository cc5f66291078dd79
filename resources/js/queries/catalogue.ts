import { keepPreviousData, queryOptions } from '@tanstack/vue-query'
import { api, orThrow, type Schemas } from '@/api/client'

/** A cut with the doneness words of its family, and what there is to ask about each method's fire. */
export type CounterCut = Schemas['CutSummary'] & { doneness: Schemas['DonenessChoices']; fires: Record<string, Schemas['MethodSummary']> }

export const catalogueQuery = () =>
  queryOptions({
    queryKey: ['catalogue'] as const,
    queryFn: async () => {
      const { cuts, doneness, methods } = await orThrow(api.GET('/catalogue'))
      const fires = Object.fromEntries(methods.map((method) => [method.slug, method]))
      return cuts.map((cut): CounterCut => ({ ...cut, fires, doneness: doneness[cut.doneness_family] ?? { kitchen: [], official: [] } }))
    },
    staleTime: Infinity,
  })

/** Slugs of the cuts whose names are like what is typed, the likest first. */
export const findCutQuery = (find: string) =>
  queryOptions({
    queryKey: ['catalogue', 'find', find] as const,
    queryFn: async ({ signal }) => (await orThrow(api.GET('/cuts', { params: { query: { find } }, signal }))).cuts.map((cut) => cut.slug),
    enabled: find !== '',
    placeholderData: keepPreviousData,
  })
