import { queryOptions } from '@tanstack/vue-query'
import { api, orThrow, type Schemas } from '@/api/client'

export const gradesQuery = () =>
  queryOptions({ queryKey: ['grades'] as const, queryFn: () => orThrow(api.GET('/grades')), staleTime: Infinity })

/** Values of a scale that counts are listed up to so many. */
const MOST_STEPS = 13

const numbersOf = (scale: Schemas['GradeScale']) =>
  scale.numbers === null
    ? []
    : Array.from(
        { length: Math.min(MOST_STEPS, Math.floor((scale.numbers.max - scale.numbers.min) / scale.numbers.step) + 1) },
        (_, i) => (scale.numbers?.min ?? 0) + i * (scale.numbers?.step ?? 1),
      )

/** The scales of this kind of meat that say how much fat is in the lean, and their values, in the form of an ask; none on top. */
export const gradeChoices = (scales: Schemas['GradeScale'][], group: string | undefined, none: string) => [
  { label: '', options: [{ value: '', label: none }] },
  ...scales
    .filter((scale) => scale.carries_fat && group !== undefined && (scale.groups as string[]).includes(group))
    .map((scale) => ({
      label: scale.name,
      options: (scale.numbers === null ? scale.steps.map((step) => step.value) : numbersOf(scale).map(String)).map((value) => ({
        value: `${scale.id}:${value}`,
        label: value.replaceAll('_', ' '),
      })),
    })),
]
