import { useQuery } from '@tanstack/vue-query'
import { refDebounced } from '@vueuse/core'
import { computed, type ComputedRef } from 'vue'
import { ApiError } from '@/api/client'
import { useRefusal } from '@/i18n/useRefusal'
import { useUnits } from '@/units/useUnits'

const PAUSE_MS = 200

/** A figure as typed: empty is left out; what is no number goes as typed, for the server to refuse by name. */
export const figure = (text: string): number | null => {
  const value = text.trim().replace(',', '.')
  if (value === '') return null
  return Number.isFinite(Number(value)) ? Number(value) : (text as unknown as number)
}

/** One of these keys with its figure, or nothing. */
export const given = <K extends string>(key: K, text: string): Partial<Record<K, number>> => {
  const value = figure(text)
  return value === null ? {} : ({ [key]: value } as Partial<Record<K, number>>)
}

/** Asks the server as the form stands, after a pause, and says what is wrong with it in words. */
export function useAsked<B, A>(name: string, body: ComputedRef<B | null>, ask: (body: B, signal: AbortSignal) => Promise<A>) {
  const refusal = useRefusal()
  const units = useUnits()
  const settled = refDebounced(body, PAUSE_MS)
  const query = useQuery(
    computed(() => ({
      queryKey: [name, settled.value] as const,
      queryFn: ({ signal }: { signal: AbortSignal }) => ask(settled.value as B, signal),
      enabled: settled.value !== null,
      retry: false,
    })),
  )
  const wrong = computed(() => {
    const error = query.error.value
    if (!error || settled.value === null) return []
    return error instanceof ApiError && error.violations.length
      ? error.violations.map((violation) => refusal(violation, units.units))
      : [error.message]
  })
  const answer = computed(() => (wrong.value.length || settled.value === null ? null : (query.data.value ?? null)))
  return { query, wrong, answer }
}
