import '@fontsource-variable/source-sans-3/index.css'
import '@fontsource-variable/fraunces/index.css'
import './theme/tokens.css'
import { createPinia } from 'pinia'
import PrimeVue from 'primevue/config'
import { createApp } from 'vue'
import App from './App.vue'
import { i18n } from './i18n'
import { router } from './router'
import { keepOnDevice } from './serviceWorker'
import { AmberPreset } from './theme/preset'

createApp(App)
  .use(createPinia())
  .use(i18n)
  .use(PrimeVue, { theme: { preset: AmberPreset, options: { darkModeSelector: '.dark', cssLayer: false } } })
  .use(router)
  .mount('#app')
keepOnDevice()
