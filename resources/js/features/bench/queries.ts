import { queryOptions } from '@tanstack/vue-query'
import { api, orThrow } from '@/api/client'

/** Somebody at the counter may send something any moment, ms. */
const LOOK_AGAIN_MS = 8_000

/** The scale is looked at as often as an eye would, ms. */
const SCALE_MS = 450

export const benchQuery = () =>
  queryOptions({ queryKey: ['bench'] as const, queryFn: () => orThrow(api.GET('/bench')), refetchInterval: LOOK_AGAIN_MS })

export const scaleQuery = (isOn: boolean) =>
  queryOptions({
    queryKey: ['scale'] as const,
    queryFn: () => orThrow(api.GET('/scale')),
    refetchInterval: SCALE_MS,
    enabled: isOn,
    retry: false,
    gcTime: 0,
  })
