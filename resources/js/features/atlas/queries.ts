import { keepPreviousData, queryOptions } from '@tanstack/vue-query'
import { api, orThrow, orThrowEmpty, type Schemas } from '@/api/client'

export interface AtlasQuery {
  find?: string
  group?: string
  region?: string
  tenderness?: string
  fat?: string
  price_class?: number
  method?: string
  hidden?: boolean
}

export const atlasKeys = { all: ['atlas'] as const }

/** The cuts that fit. The last list stays on show while the next is looked up. */
export const cutsQuery = (query: AtlasQuery) =>
  queryOptions({
    queryKey: [...atlasKeys.all, 'list', query] as const,
    queryFn: ({ signal }) => orThrow(api.GET('/cuts', { params: { query }, signal })),
    placeholderData: keepPreviousData,
  })

export const cutQuery = (slug: string) =>
  queryOptions({
    queryKey: [...atlasKeys.all, 'one', slug] as const,
    queryFn: () => orThrow(api.GET('/cuts/{slug}', { params: { path: { slug } } })),
  })

export const substitutesQuery = (slug: string, method: string) =>
  queryOptions({
    queryKey: [...atlasKeys.all, 'substitutes', slug, method] as const,
    queryFn: () => orThrow(api.GET('/cuts/{slug}/substitutes', { params: { path: { slug }, query: { method } } })),
    placeholderData: keepPreviousData,
  })

export const compareQuery = (cuts: string[]) =>
  queryOptions({
    queryKey: [...atlasKeys.all, 'compare', cuts] as const,
    queryFn: () => orThrow(api.GET('/compare', { params: { query: { cuts: cuts.join(',') } } })),
    enabled: cuts.length > 0,
  })

export const gradeQuery = (scale: string, value: string, cut: string) =>
  queryOptions({
    queryKey: ['grades', scale, value, cut] as const,
    queryFn: () => orThrow(api.GET('/grades/{scale}/{value}', { params: { path: { scale, value }, query: { cut } } })),
    enabled: scale !== '' && value.trim() !== '',
  })

export const addCut = (body: Schemas['OwnCut']) => orThrow(api.POST('/cuts', { body }))
export const removeCut = (slug: string) => orThrowEmpty(api.DELETE('/cuts/{slug}', { params: { path: { slug } } }))
export const addName = (slug: string, body: Schemas['LocalName']) =>
  orThrow(api.POST('/cuts/{slug}/names', { params: { path: { slug } }, body }))
export const removeName = (slug: string, body: Schemas['LocalName']) =>
  orThrowEmpty(api.DELETE('/cuts/{slug}/names', { params: { path: { slug } }, body }))
export const hide = (slug: string) => orThrowEmpty(api.PUT('/cuts/{slug}/hidden', { params: { path: { slug } } }))
export const showAgain = (slug: string) => orThrowEmpty(api.DELETE('/cuts/{slug}/hidden', { params: { path: { slug } } }))

/** Sends a file as it is; what it is, the server tells by its kind. */
export const importFile = (text: string, isCsv: boolean) =>
  orThrow(
    api.POST('/catalogue/import', {
      body: text as never,
      bodySerializer: (body) => body as unknown as string,
      headers: { 'Content-Type': isCsv ? 'text/csv' : 'application/json' },
    }),
  )
