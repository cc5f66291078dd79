import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'
import { hasUnit, show, type Units } from '@/units/units'

/** Arguments that are keys of words themselves, in a section of their name. */
const KEYED = ['word', 'method', 'appliance', 'rearing', 'stage']

/** Arguments that are names of what ships, said by the section "named". */
const NAMED = ['seasoning', 'ingredient', 'with', 'for', 'what', 'words', 'name']

/** Foods somebody goes without, by the section "food"; what it does not know stands in quotation marks as typed. */
const FOOD = 'food'

/** Puts the core's phrases into words, their figures in the customer's units. */
export function useSay() {
  const { t, te, tm } = useI18n()
  const named = (names: string) => {
    const known = tm('named') as Record<string, string>
    return (
      known[names] ??
      names
        .split(', ')
        .map((name) => known[name] ?? name)
        .join(', ')
    )
  }
  const foods = (names: string) => {
    const known = tm(FOOD) as Record<string, string>
    return names
      .split(', ')
      .map((name) => known[name] ?? t('card.as_typed', { typed: name }))
      .join(', ')
  }
  return (phrase: Pick<Schemas['Phrase'], 'key' | 'args'>, units: Units): string => {
    const args: Record<string, string | number> = {}
    for (const [name, value] of Object.entries(phrase.args)) {
      if (typeof value === 'number') args[name] = hasUnit(name) ? show(name, value, units) : value
      else if (NAMED.includes(name)) args[name] = named(value)
      else if (name === FOOD) args[name] = foods(value)
      else args[name] = KEYED.includes(name) && te(`${name}.${value}`) ? t(`${name}.${value}`) : value
    }
    const said = t(`say.${phrase.key}`, args)
    return typeof args['seasoning'] === 'string' && said.startsWith(args['seasoning']) ? said.charAt(0).toUpperCase() + said.slice(1) : said
  }
}
