import '@fontsource/atkinson-hyperlegible/400.css'
import '@fontsource/atkinson-hyperlegible/700.css'
import '@fontsource/andika/400.css'
import '@fontsource/andika/700.css'
import '@fontsource/lexend/400.css'
import '@fontsource/lexend/700.css'
import '@fontsource/opendyslexic/400.css'
import '@fontsource/opendyslexic/700.css'
import '@fontsource/noto-sans-arabic/400.css'
import '@fontsource/noto-sans-arabic/700.css'
import './theme/tokens.css'
import './theme/base.css'
import { createApp } from 'vue'
import App from './App.vue'
import { deviceLanguage, setLanguage } from './i18n'
import { router } from './router'

// Nothing is drawn before there are words for it.
await setLanguage(deviceLanguage())
createApp(App).use(router).mount('#app')
