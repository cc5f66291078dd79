import { queryOptions } from '@tanstack/vue-query'
import { api, orThrow } from '@/api/client'

export const houseQuery = () => queryOptions({ queryKey: ['house'] as const, queryFn: () => orThrow(api.GET('/house')) })
