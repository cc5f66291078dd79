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

/** The ticket for an ask. The last one stays on show while the next is computed, or when it cannot be. */
export const adviceQuery = (ask: Schemas['Ask'] | null) =>
  queryOptions({
    queryKey: ['advice', ask] as const,
    queryFn: ({ signal }) => orThrow(api.POST('/advice', { body: ask ?? { cut: '', thickness_mm: 0, diners: [] }, signal })),
    enabled: ask !== null,
    placeholderData: keepPreviousData,
    staleTime: 60_000,
  })

/** A line as it is understood, and what its last word may be going to be. */
export const lineQuery = (line: string, now: () => string) =>
  queryOptions({
    queryKey: ['ask-line', line] as const,
    queryFn: ({ signal }) => orThrow(api.POST('/ask-line', { body: { line, now: now() }, signal })),
    enabled: line.trim() !== '',
    placeholderData: keepPreviousData,
  })

/** What fits a wish. The last matches stay on show while the next are found. */
export const matchesQuery = (wish: Schemas['Wish'] | null, now: () => string) =>
  queryOptions({
    queryKey: ['matches', wish] as const,
    queryFn: ({ signal }) => orThrow(api.POST('/matches', { body: { ...(wish ?? { diners: [] }), now: now() }, signal })),
    enabled: wish !== null,
    placeholderData: keepPreviousData,
    staleTime: 30_000,
  })

export const whyNotQuery = (wish: Schemas['Wish'], cut: string, now: () => string) =>
  queryOptions({
    queryKey: ['why-not', wish, cut] as const,
    queryFn: ({ signal }) => orThrow(api.POST('/why-not', { body: { wish: { ...wish, now: now() }, cut }, signal })),
    enabled: cut !== '',
  })
