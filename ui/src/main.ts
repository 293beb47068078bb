import '@fontsource-variable/source-sans-3/index.css'
import '@fontsource-variable/fraunces/index.css'
import './theme/tokens.css'
import { createPinia } from 'pinia'
import PrimeVue from 'primevue/config'
import { createApp } from 'vue'
import App from './App.vue'
import { i18n } from './i18n'
import { router } from './router'
import { keepOnDevice } from '@/device/serviceWorker'
import { useTrouble } from './shared/useTrouble'
import { AmberPreset } from './theme/preset'

const app = createApp(App).use(createPinia())
const trouble = useTrouble()
app.config.errorHandler = (error) => trouble.report(error)
window.addEventListener('unhandledrejection', ({ reason }) => trouble.report(reason))
app
  .use(i18n)
  .use(PrimeVue, { theme: { preset: AmberPreset, options: { darkModeSelector: '.dark', cssLayer: false } } })
  .use(router)
  .mount('#app')
keepOnDevice()
