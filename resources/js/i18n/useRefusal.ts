import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'
import { hasUnit, show, type Units } from '@/units/units'
import { useSay } from './useSay'

/** Says what is wrong with a field: by its label, figures in the units on screen. */
export function useRefusal() {
  const { t, te } = useI18n()
  const say = useSay()
  const field = (key: string) => {
    const last = key.split('.').at(-1) ?? key
    return te(`field.${last}`) ? t(`field.${last}`) : last
  }
  const given = (violation: Schemas['Violation'], units: Units) => {
    const { key, value } = violation
    const last = key.split('.').at(-1) ?? key
    if (typeof value === 'number') return hasUnit(last) ? show(last, value, units) : String(value)
    return typeof value === 'string' ? `“${value}”` : JSON.stringify(value)
  }
  return (violation: Schemas['Violation'], units: Units): string => {
    if (violation.says === null) return violation.message
    const reason = te(`refused.${violation.reason}`) ? violation.reason : 'other'
    return t(`refused.${reason}`, { field: field(violation.key), value: given(violation, units), allowed: say(violation.says, units) })
  }
}
