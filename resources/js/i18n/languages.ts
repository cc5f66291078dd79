import type { Schemas } from '@/api/client'

export type Language = Schemas['StoredTicket']['language']

/** What a card can be set in, each as those who speak it call it. */
export const LANGUAGES: { value: Language; label: string }[] = [
  { value: 'en', label: 'English' },
  { value: 'nl', label: 'Nederlands' },
  { value: 'fr', label: 'Français' },
  { value: 'de', label: 'Deutsch' },
  { value: 'es', label: 'Español' },
]
