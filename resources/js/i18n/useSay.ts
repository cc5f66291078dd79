import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'
import { hasUnit, show, type Units } from '@/units/units'

/** Arguments that are keys of words themselves, in a section of their name. */
const KEYED = ['word', 'method', 'appliance', 'rearing', 'stage']

/** Puts the core's phrases into words, their figures in the customer's units. */
export function useSay() {
  const { t, te } = useI18n()
  return (phrase: Pick<Schemas['Phrase'], 'key' | 'args'>, units: Units): string => {
    const args: Record<string, string | number> = {}
    for (const [name, value] of Object.entries(phrase.args)) {
      if (typeof value === 'number') args[name] = hasUnit(name) ? show(name, value, units) : value
      else args[name] = KEYED.includes(name) && te(`${name}.${value}`) ? t(`${name}.${value}`) : value
    }
    return t(`say.${phrase.key}`, args)
  }
}
