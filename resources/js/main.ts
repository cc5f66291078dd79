import '@fontsource/atkinson-hyperlegible/latin-400.css'
import '@fontsource/atkinson-hyperlegible/latin-700.css'
import '@fontsource/barlow-semi-condensed/latin-500.css'
import '@fontsource/barlow-semi-condensed/latin-600.css'
import '@fontsource/barlow-semi-condensed/latin-700.css'
import './styles/base.css'

import { MutationCache, QueryCache, QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import { createPinia } from 'pinia'
import PrimeVue from 'primevue/config'
import ConfirmationService from 'primevue/confirmationservice'
import ToastService from 'primevue/toastservice'
import Tooltip from 'primevue/tooltip'
import { createApp } from 'vue'
import { ApiError } from '@/api/client'
import { isOutage } from '@/api/reach'
import App from './App.vue'
import { i18n } from './i18n'
import { router } from './router'
import { sessionKeys } from './queries/session'
import { theme } from './theme'

const mount = document.querySelector<HTMLElement>('#app')
if (mount !== null) {
  // Signed out elsewhere, or the page's token is old: who is signed in is asked anew, and the page goes to sign-in and back.
  const onError = (error: unknown) => {
    if (error instanceof ApiError && [401, 419].includes(error.status)) void queries.invalidateQueries({ queryKey: sessionKeys.all })
  }
  const queries = new QueryClient({
    queryCache: new QueryCache({
      onError: (error, query) => {
        if (query.queryKey[0] !== sessionKeys.all[0]) onError(error)
      },
    }),
    mutationCache: new MutationCache({ onError }),
    defaultOptions: {
      queries: {
        staleTime: 60_000,
        refetchOnWindowFocus: false,
        // What the server has refused stays refused; a lost connection is tried again.
        retry: (_, error) => isOutage(error),
        retryDelay: (count) => Math.min(500 * 2 ** count, 3000),
        networkMode: 'always',
      },
      mutations: { networkMode: 'always' },
    },
  })
  createApp(App)
    .use(createPinia())
    .use(router)
    .use(i18n)
    .use(VueQueryPlugin, { queryClient: queries })
    .use(PrimeVue, { theme: { preset: theme, options: { darkModeSelector: false } }, csp: { nonce: mount.dataset['nonce'] ?? '' } })
    .use(ConfirmationService)
    .use(ToastService)
    .directive('tooltip', Tooltip)
    .mount(mount)
}
