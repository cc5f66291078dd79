import { useQuery } from '@tanstack/vue-query'
import { refDebounced } from '@vueuse/core'
import { computed } from 'vue'
import { api, ApiError, orThrow, type Schemas } from '@/api/client'
import { useAsks } from '@/asks/useAsks'
import { useRefusal } from '@/i18n/useRefusal'
import { useDraft } from '@/ui/draft'
import { atHour, localIso } from '@/units/clock'
import { useUnits } from '@/units/useUnits'

const PAUSE_MS = 150
const USUAL_HOUR = '19:30'
const MINUTE_MS = 60_000
type Fire = NonNullable<Schemas['ClockAsked']['out']>[number]

/** The meal of the customer being served, its sides and its kitchen, put on one clock by the server. */
export function useClock() {
  const asks = useAsks()
  const units = useUnits()
  const refusal = useRefusal()
  const set = useDraft('clock', {
    sides: [] as string[],
    cooks: 1,
    burners: 4,
    shelves: 2,
    grill_places: 2,
    eatAt: null as string | null,
    begun: {} as Record<string, string>,
    held: {} as Record<string, string>,
    out: [] as Fire[],
  })
  const dishes = computed<Schemas['Ask'][]>(() => [
    ...asks.ask.dishes.map((dish) => dish.asked.ask),
    ...(asks.shown?.ask == null ? [] : [asks.shown.ask]),
  ])
  const names = computed<string[]>(() => [
    ...asks.ask.dishes.map((dish) => dish.name),
    ...(asks.shown?.ticket == null ? [] : [asks.shown.ticket.cut.name]),
  ])
  const isPast = (iso: string | null | undefined) => !iso || new Date(iso).getTime() <= Date.now()
  /** As moved here, else as it was asked for, else the usual hour of today or tomorrow. */
  const eatAt = computed<string>(() => {
    const said = [set.value.eatAt, asks.shown?.ask?.eat_at].find((each) => !isPast(each))
    if (said) return said
    const today = atHour(USUAL_HOUR, 0)
    return (isPast(today) ? atHour(USUAL_HOUR, 1) : today) ?? localIso(new Date(Date.now() + 180 * MINUTE_MS))
  })
  const body = computed<Schemas['ClockAsked'] | null>(() =>
    dishes.value.length === 0
      ? null
      : {
          asks: dishes.value,
          sides: set.value.sides,
          eat_at: eatAt.value,
          now: localIso(new Date()),
          cooks: set.value.cooks,
          burners: set.value.burners,
          shelves: set.value.shelves,
          grill_places: set.value.grill_places,
          ...(set.value.out.length ? { out: set.value.out } : {}),
          ...(Object.keys(set.value.begun).length ? { begun: set.value.begun } : {}),
          ...(Object.keys(set.value.held).length ? { held: set.value.held } : {}),
        },
  )
  const settled = refDebounced(body, PAUSE_MS)
  const clock = useQuery(
    computed(() => ({
      queryKey: ['clock', settled.value] as const,
      queryFn: ({ signal }: { signal: AbortSignal }) => orThrow(api.POST('/clock', { body: settled.value ?? ({} as never), signal })),
      enabled: settled.value !== null,
      retry: false,
      placeholderData: (before: Schemas['Clock'] | undefined) => before,
    })),
  )
  const sides = useQuery({
    queryKey: ['sides'] as const,
    queryFn: async () => (await orThrow(api.GET('/sides'))).sides,
    staleTime: Infinity,
  })
  const problem = computed(() => {
    const error = clock.error.value
    if (!error) return null
    return error instanceof ApiError && error.violations.length
      ? error.violations.map((each) => refusal(each, units.units)).join(' ')
      : error.message
  })
  const move = (minutes: number) => {
    set.value.eatAt = localIso(new Date(new Date(eatAt.value).getTime() + minutes * MINUTE_MS))
  }
  /** A task somebody wants at another moment stands there; everything else goes round it, or it is said why not. */
  const hold = (task: Schemas['ClockTask'], minutes: number) => {
    const from = set.value.held[task.id] ?? task.from_at
    set.value.held = { ...set.value.held, [task.id]: localIso(new Date(new Date(from).getTime() + minutes * MINUTE_MS)) }
  }
  const letGo = (id: string) => {
    set.value.held = Object.fromEntries(Object.entries(set.value.held).filter(([of]) => of !== id))
  }
  /** What has begun by now stays where it is; the eating moves, and everything else with it. */
  const late = (minutes: number) => {
    begin()
    move(minutes)
  }
  const begin = () => {
    const begun = { ...set.value.begun }
    for (const task of clock.data.value?.tasks ?? []) if (new Date(task.from_at).getTime() <= Date.now()) begun[task.id] = task.from_at
    set.value.begun = begun
  }
  /** A fire has gone out, or burns again: what has begun stays begun. */
  const goOut = (fire: Fire) => {
    begin()
    set.value.out = set.value.out.includes(fire) ? set.value.out.filter((each) => each !== fire) : [...set.value.out, fire]
  }
  const add = (slug: string) => {
    if (slug !== '' && !set.value.sides.includes(slug)) set.value.sides = [...set.value.sides, slug]
  }
  const drop = (slug: string) => {
    set.value.sides = set.value.sides.filter((each) => each !== slug)
  }
  /** The same as a calendar for the cook's telephone. */
  const save = async () => {
    if (body.value === null) return
    const { data } = await api.POST('/clock/calendar', { params: { query: { units: units.units } }, body: body.value, parseAs: 'blob' })
    if (!(data instanceof Blob)) return
    const link = document.createElement('a')
    link.href = URL.createObjectURL(data)
    link.download = 'meal.ics'
    link.click()
    URL.revokeObjectURL(link.href)
  }
  return { save, set, dishes, names, eatAt, clock, sides, problem, move, late, goOut, hold, letGo, add, drop }
}
