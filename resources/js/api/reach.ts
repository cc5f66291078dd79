import { useQueryClient } from '@tanstack/vue-query'
import { onScopeDispose, ref, type Ref } from 'vue'
import { ApiError } from './client'

/** The server could not be asked at all, or something before it could not: worth trying again. What it refused stays refused. */
export const isOutage = (error: unknown): boolean => !(error instanceof ApiError) || [502, 503, 504].includes(error.status)

/** Whether something is being tried again because the server does not answer. */
export function useOutage(): Ref<boolean> {
  const queries = useQueryClient()
  const isOut = ref(false)
  const look = () => {
    isOut.value =
      queries
        .getQueryCache()
        .getAll()
        .some((query) => query.isActive() && query.state.fetchStatus !== 'idle' && query.state.fetchFailureCount > 0) ||
      queries
        .getMutationCache()
        .getAll()
        .some((mutation) => mutation.state.status === 'pending' && mutation.state.failureCount > 0)
  }
  const stops = [queries.getQueryCache().subscribe(look), queries.getMutationCache().subscribe(look)]
  onScopeDispose(() => {
    for (const stop of stops) stop()
  })
  return isOut
}
