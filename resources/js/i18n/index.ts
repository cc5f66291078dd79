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

/** Messages are ICU messages, here as on the server. */
const messageCompiler = (message: unknown, { locale }: { locale: string }) => {
  const compiled = new IntlMessageFormat(String(message), locale)
  return (context: { values: Record<string, unknown> }) => String(compiled.format(context.values as Record<string, string | number>))
}

// The card's sentences are shared with the server; the labels of the screens are the interface's own.
const messages = { en: { ...en, ...wording, say: nested(wording.say), school_option: nested(wording.school_option) } }
export const i18n = createI18n({ legacy: false, locale: 'en', messages, messageCompiler: messageCompiler as never })
