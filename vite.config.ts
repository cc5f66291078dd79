import { fileURLToPath } from 'node:url'
import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vite'

export default defineConfig({
  plugins: [vue()],
  base: '/build/',
  publicDir: false,
  define: { __VUE_I18N_FULL_INSTALL__: false, __VUE_I18N_LEGACY_API__: false, __INTLIFY_PROD_DEVTOOLS__: false },
  resolve: {
    alias: {
      '@': fileURLToPath(new URL('resources/js', import.meta.url)),
      '@wording': fileURLToPath(new URL('resources/wording', import.meta.url)),
    },
  },
  build: {
    outDir: 'public/build',
    emptyOutDir: true,
    manifest: 'manifest.json',
    target: 'es2022',
    rollupOptions: { input: ['resources/js/main.ts', 'resources/js/phone/card.ts'] },
  },
})
