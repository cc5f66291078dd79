import { refDebounced } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter, type LocationQuery } from 'vue-router'
import type { AtlasQuery } from './queries'

const keys = ['group', 'region', 'tenderness', 'fat', 'price_class', 'method'] as const
export type Filter = (typeof keys)[number]

const one = (query: LocationQuery, key: string): string => {
  const value = query[key]
  return typeof value === 'string' ? value : ''
}

/** What is looked for, kept in the address so that going back finds it again. */
export function useAtlasQuery() {
  const route = useRoute()
  const router = useRouter()
  const find = ref(one(route.query, 'find'))
  const asked = refDebounced(find, 150)
  const change = (values: Record<string, string | undefined>) =>
    router.replace({
      query: Object.fromEntries(Object.entries({ ...route.query, ...values }).filter(([, value]) => value !== undefined && value !== '')),
    })
  watch(asked, (text) => void change({ find: text }))

  const filters = computed(() => Object.fromEntries(keys.map((key) => [key, one(route.query, key)])) as Record<Filter, string>)
  const set = (key: Filter, value: string) => void change(key === 'group' ? { group: value, region: undefined } : { [key]: value })
  const clear = () => {
    find.value = ''
    void router.replace({ query: route.query['view'] === undefined ? {} : { view: route.query['view'] } })
  }
  const view = computed({
    get: () => (one(route.query, 'view') === 'map' ? 'map' : 'list'),
    set: (value: 'list' | 'map') => void change({ view: value === 'map' ? 'map' : undefined }),
  })
  const query = computed<AtlasQuery>(() => {
    const { price_class, ...words } = filters.value
    const given = Object.fromEntries(Object.entries({ find: asked.value.trim(), ...words }).filter(([, value]) => value !== ''))
    return price_class === '' ? given : { ...given, price_class: Number(price_class) }
  })
  const isOpen = computed(() => Object.keys(query.value).length === 0)

  return { find, filters, set, clear, view, query, isOpen }
}
