import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'
import { show, type Units } from '@/units/units'

/** Puts the core's phrases into words, their figures in the customer's units. */
export function useSay() {
  const { t } = useI18n()
  return (phrase: Pick<Schemas['Phrase'], 'key' | 'args'>, units: Units): string => {
    const args: Record<string, string> = {}
    for (const [name, value] of Object.entries(phrase.args)) args[name] = typeof value === 'number' ? show(name, value, units) : name === 'word' || name === 'method' ? t(`${name}.${value}`) : value
    return t(`say.${phrase.key}`, args)
  }
}
