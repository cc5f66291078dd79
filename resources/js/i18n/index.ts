import IntlMessageFormat from 'intl-messageformat'
import { createI18n } from 'vue-i18n'

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

// The card's sentences are shared with the server; the labels of the screens are the interface's own. A language is a file of each.
const screens = import.meta.glob<Words>('./??.json', { eager: true, import: 'default' })
const shared = import.meta.glob<Words>('@wording/??.json', { eager: true, import: 'default' })
const languageOf = (path: string) => path.slice(-7, -5)
const messages = Object.fromEntries(
  Object.entries(shared).map(([path, words]) => {
    const language = languageOf(path)
    const own = Object.entries(screens).find(([screen]) => languageOf(screen) === language)?.[1] ?? {}
    return [language, { ...own, ...words, say: nested(words['say'] ?? {}), school_option: nested(words['school_option'] ?? {}) }]
  }),
)
const locale = document.documentElement.lang
export const i18n = createI18n({
  legacy: false,
  locale: locale in messages ? locale : 'en',
  fallbackLocale: 'en',
  messages,
  messageCompiler: messageCompiler as never,
})
