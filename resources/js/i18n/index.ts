import IntlMessageFormat from 'intl-messageformat'
import { createI18n } from 'vue-i18n'
import enCard from '@wording/card/en.json'
import enShop from '@wording/shop/en.json'
import enScreen from './en.json'

/** "safety.parasites": … becomes { safety: { parasites: … } }, the form the translator looks keys up in. */
function nested(flat: Record<string, string>): Record<string, Record<string, string>> {
  const tree: Record<string, Record<string, string>> = {}
  for (const [key, sentence] of Object.entries(flat)) {
    const [section = '', name = ''] = key.split('.')
    tree[section] = { ...tree[section], [name]: sentence }
  }
  return tree
}

const compiled = new Map<string, (context: { values: Record<string, unknown> }) => string>()

/** Messages are ICU messages, here as on the server. Each is read once. */
const messageCompiler = (message: unknown, { locale }: { locale: string }) => {
  const text = String(message)
  const key = `${locale} ${text}`
  let say = compiled.get(key)
  if (say === undefined) {
    const format = text.includes('{') ? new IntlMessageFormat(text, locale) : null
    say = ({ values }) => (format === null ? text : String(format.format(values as Record<string, string | number>)))
    compiled.set(key, say)
  }
  return say
}

type Words = Record<string, Record<string, string>>

const FALLBACK = 'en'

// What a customer may read stands in wording/card, what the shop reads of the server in wording/shop, the labels of the screens beside
// this file; no two of them have a section of one name. A language is a file of each; one that is missing is read in English, which is
// always here.
const here = [enScreen, enShop, enCard] as unknown as [Words, Words, Words]
const files = {
  screen: import.meta.glob<Words>('./??.json', { import: 'default' }),
  shop: import.meta.glob<Words>('@wording/shop/??.json', { import: 'default' }),
  card: import.meta.glob<Words>('@wording/card/??.json', { import: 'default' }),
}

function laid(screen: Words, shop: Words, card: Words) {
  const say = { ...(shop['say'] ?? {}), ...(card['say'] ?? {}) }
  return { ...screen, ...shop, ...card, say: nested(say), school_option: nested(card['school_option'] ?? {}) }
}

async function words(language: string) {
  const read = async (folder: Record<string, () => Promise<Words>>) =>
    (await Object.entries(folder).find(([path]) => path.endsWith(`/${language}.json`))?.[1]()) ?? {}
  return laid(await read(files.screen), await read(files.shop), await read(files.card))
}

const asked = document.documentElement.lang
const isHere = Object.keys(files.screen).some((path) => path.endsWith(`/${asked}.json`))
const locale = isHere ? asked : FALLBACK

export const i18n = createI18n({
  legacy: false,
  locale,
  fallbackLocale: FALLBACK,
  messages: { [FALLBACK]: laid(...here), ...(locale === FALLBACK ? {} : { [locale]: await words(locale) }) },
  messageCompiler: messageCompiler as never,
})
