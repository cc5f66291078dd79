import IntlMessageFormat from 'intl-messageformat'
import { createI18n } from 'vue-i18n'
import wording from '@wording/en.json'
import en from './en.json'

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

// The card's sentences are shared with the server; the labels of the screens are the interface's own.
const messages = { en: { ...en, ...wording, say: nested(wording.say), school_option: nested(wording.school_option) } }
export const i18n = createI18n({ legacy: false, locale: 'en', messages, messageCompiler: messageCompiler as never })
