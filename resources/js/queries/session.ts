import { queryOptions, useQuery } from '@tanstack/vue-query'
import { api, orThrow } from '@/api/client'

export const sessionKeys = { all: ['session'] as const }

export const sessionQuery = () =>
  queryOptions({ queryKey: sessionKeys.all, queryFn: () => orThrow(api.GET('/session')), staleTime: 5 * 60_000 })

/** Who is signed in. */
export const useSession = () => useQuery(sessionQuery())
