import type { Eater, Wish } from './openAsk'
import { dayAndHour } from '@/units/clock'
import { length, mass, money, temperature, type Units } from '@/units/units'

/** A part of the sentence that says what was heard; each opens its own choices. */
export type HeardOf = 'people' | 'meat' | 'size' | 'done' | 'fire' | 'when' | 'money' | 'wish'
export interface HeardPart {
  of: HeardOf
  /** In words; empty where nothing was said of it. */
  text: string
}
type Say = (key: string, args?: Record<string, unknown>) => string

const BY_CORE = 'core:'
const list = (parts: (string | false | null | undefined)[]) => parts.filter(Boolean).join(', ')

const done = (word: string, t: Say, units: Units) =>
  word.startsWith(BY_CORE) ? temperature(Number(word.slice(BY_CORE.length)), units) : t(`word.${word}`)

/** One group at the table: "2 small, pink, no mustard". */
export const describe = (eater: Eater, t: Say, units: Units) =>
  list([
    eater.under_one ? t('ask.underOne') : eater.child && t('ask.child'),
    eater.appetite && eater.appetite !== (eater.child ? 'small' : 'usual') && t(`ask.${eater.appetite}`),
    eater.at_risk && !eater.under_one && t('ask.atRisk'),
    ...(eater.diets ?? []).map((diet) => t(`diet.${diet}`)),
    eater.doneness && done(eater.doneness, t, units),
    ...(eater.avoid ?? []).map((word) => t('ask.no', { word })),
  ])

function people(wish: Wish, t: Say, units: Units): string {
  const heads = wish.diners.reduce((sum, eater) => sum + eater.count, 0)
  const apart = wish.diners.length > 1 ? wish.diners.map((eater) => `${eater.count} ${describe(eater, t, units) || t('ask.usual')}`) : []
  const [only] = wish.diners
  const alone = wish.diners.length === 1 && only ? describe({ ...only, doneness: null, avoid: [], diets: [] }, t, units) : ''
  const dishes = Math.max(...wish.diners.map((eater) => eater.of_dishes ?? 1))
  return list([t('heard.eat', { count: heads }), alone, ...apart, dishes > 1 && t('heard.ofDishes', { count: dishes })])
}

function size(wish: Wish, t: Say, units: Units): string {
  return list([
    wish.pieces != null && t('heard.pieces', { count: wish.pieces }),
    wish.bones != null && t('heard.bones', { count: wish.bones }),
    wish.part != null && t('heard.half'),
    wish.each_g != null && t('heard.each', { weight: mass(wish.each_g, units) }),
    wish.raw_g != null && t('heard.inAll', { weight: mass(wish.raw_g, units) }),
    wish.thickness_mm != null && length(wish.thickness_mm, units),
  ])
}

function when(wish: Wish, t: Say, dayName: (days: number) => string): string {
  const at = dayAndHour(wish.eat_at)
  if (!at) return ''
  const day = at.days === 0 ? t('ask.today') : at.days === 1 ? t('ask.tomorrow') : dayName(at.days)
  return t('heard.at', { clock: at.clock, day })
}

/** The heard sentence of one dish. No rule of the trade is here: it says what the wish says. */
export function heard(
  wish: Wish,
  t: Say,
  units: Units,
  currency: string,
  dayName: (days: number) => string,
  seasoningName: (slug: string) => string,
): HeardPart[] {
  const [only] = wish.diners
  const isOne = wish.diners.length === 1
  return [
    { of: 'people', text: people(wish, t, units) },
    { of: 'size', text: size(wish, t, units) },
    {
      of: 'meat',
      text: list([
        [wish.named, ...(wish.kinds ?? []), ...(wish.or ?? []).map((other) => t('heard.or', { other }))].filter(Boolean).join(' '),
        wish.dish != null && t(`dishes.${wish.dish}`),
        wish.like != null && t('heard.like', { like: wish.like }),
        wish.raw != null && wish.raw,
        wish.grade != null && t('heard.grade', { grade: wish.grade.split(':').join(' ').replaceAll('_', ' ') }),
        wish.aged_days != null && t('heard.aged', { days: wish.aged_days }),
        wish.packed === 'dry' && t('heard.dry'),
        wish.rearing != null && t(`rearing.${wish.rearing}`),
        wish.origin != null && t('heard.from', { origin: wish.origin }),
      ]),
    },
    { of: 'done', text: isOne && only?.doneness ? done(only.doneness, t, units) : '' },
    {
      of: 'fire',
      text: list([
        ...(wish.methods ?? []).map((method) => t(`method.${method}`)),
        (wish.appliances ?? [])
          .map((kind) => [t(`appliance.${kind}`), wish.fires?.[kind] && `(${t(`fire.${wish.fires[kind]}`)})`].filter(Boolean).join(' '))
          .join(' + '),
        wish.heat_c != null && temperature(wish.heat_c, units),
        ...(wish.not_on ?? []).map((kind) => t('ask.no', { word: t(`appliance.${kind}`) })),
      ]),
    },
    { of: 'when', text: when(wish, t, dayName) },
    {
      of: 'money',
      text: list([
        wish.budget != null && t('heard.aHead', { money: money(wish.budget, currency) }),
        wish.budget_all != null && t('heard.forAll', { money: money(wish.budget_all, currency) }),
      ]),
    },
    {
      of: 'wish',
      text: list([
        ...(wish.wants ?? []).map((want) => t(`want.${want}`)),
        wish.seasoning != null && seasoningName(wish.seasoning),
        ...(wish.diets ?? []).map((diet) => t(`diet.${diet}`)),
        ...(isOne ? (only?.avoid ?? []) : []).map((word) => t('ask.no', { word })),
        wish.may_order && t('heard.mayOrder'),
      ]),
    },
  ]
}
