import '@fontsource/atkinson-hyperlegible/latin-400.css'
import '@fontsource/atkinson-hyperlegible/latin-700.css'
import '@fontsource/barlow-semi-condensed/latin-500.css'
import '@fontsource/barlow-semi-condensed/latin-600.css'
import '@fontsource/barlow-semi-condensed/latin-700.css'
import './styles/base.css'

import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import { createPinia } from 'pinia'
import PrimeVue from 'primevue/config'
import { createApp } from 'vue'
import { ApiError } from '@/api/client'
import App from './App.vue'
import { i18n } from './i18n'
import { router } from './router'
import { theme } from './theme'

const mount = document.querySelector<HTMLElement>('#app')
if (mount !== null) {
  const queries = new QueryClient({
    defaultOptions: {
      queries: {
        staleTime: 60_000,
        refetchOnWindowFocus: false,
        // What the server has refused stays refused; a lost connection is tried again.
        retry: (count, error) => !(error instanceof ApiError) && count < 3,
      },
    },
  })
  createApp(App)
    .use(createPinia())
    .use(router)
    .use(i18n)
    .use(VueQueryPlugin, { queryClient: queries })
    .use(PrimeVue, { theme: { preset: theme, options: { darkModeSelector: false } }, csp: { nonce: mount.dataset['nonce'] ?? '' } })
    .mount(mount)
}
