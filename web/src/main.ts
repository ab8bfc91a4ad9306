import { createPinia } from 'pinia'
import { createApp } from 'vue'
import '@fontsource-variable/atkinson-hyperlegible-next'
import '@fontsource-variable/atkinson-hyperlegible-mono'
import '@fontsource-variable/bricolage-grotesque'
import 'element-plus/theme-chalk/base.css'
import 'element-plus/theme-chalk/dark/css-vars.css'
import './theme/tokens.css'
import './theme/element.css'
import './theme/base.css'
import './theme/floor.css'
import './theme/kinds.css'
import App from './App.vue'
import { keepOnDevice } from './composables/device/useNewVersion'
import { router } from './router'

void keepOnDevice()
createApp(App).use(createPinia()).use(router).mount('#app')
