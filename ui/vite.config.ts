import { fileURLToPath, URL } from 'node:url'
import vue from '@vitejs/plugin-vue'
import { defineConfig, type Plugin } from 'vite'
import { VitePWA } from 'vite-plugin-pwa'

/** The calendar brings icons as a font within its styles. We show none of them, and the pages' rules let no such font in. */
function withoutCalendarIcons(): Plugin {
  return {
    name: 'without-calendar-icons',
    transform: (code, id) =>
      id.includes('@fullcalendar') ? { code: code.replace(/@font-face\{[^}]*\}/, ''), map: null } : undefined,
  }
}

export default defineConfig({
  plugins: [
    vue(),
    withoutCalendarIcons(),
    // The app's own files are kept on the device, so that the recording screen opens with the server away. The API is never cached:
    // what the device keeps of sessions lies in its database, under the account it belongs to.
    VitePWA({
      registerType: 'autoUpdate',
      injectRegister: false,
      manifest: {
        name: 'Amber Rail',
        short_name: 'Amber Rail',
        description: 'Practice drills at the table, recorded and measured.',
        start_url: '/today',
        display: 'standalone',
        background_color: '#f4ede0',
        theme_color: '#c98428',
        icons: [{ src: '/favicon.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' }],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,woff2}'],
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api\//],
        cleanupOutdatedCaches: true,
        clientsClaim: true,
        skipWaiting: true,
      },
    }),
  ],
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  define: {
    __VUE_I18N_FULL_INSTALL__: false,
    __VUE_I18N_LEGACY_API__: false,
    __INTLIFY_PROD_DEVTOOLS__: false,
  },
  build: { target: 'es2022', sourcemap: false },
  server: { proxy: { '/api': 'http://127.0.0.1:8080' } },
})
