import { useSessionStorage, type RemovableRef } from '@vueuse/core'

const MARK = 'nessmark.draft.'

/** Something half done: kept over a reload, for this tab alone, until whoever is signed in signs out. */
export function useDraft<T extends object>(name: string, empty: T): RemovableRef<T> {
  return useSessionStorage<T>(`${MARK}${name}`, empty, { mergeDefaults: true })
}

export function clearDrafts(): void {
  for (const key of Object.keys(sessionStorage)) if (key.startsWith(MARK)) sessionStorage.removeItem(key)
}
