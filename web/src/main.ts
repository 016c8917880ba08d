import '@fontsource-variable/atkinson-hyperlegible-next'
import '@fontsource-variable/bricolage-grotesque'
import '@fontsource-variable/martian-mono'
import { VueQueryPlugin } from '@tanstack/vue-query'
import { createApp } from 'vue'
import App from './App.vue'
import { queryClient } from './api/queryClient'
import { router } from './router'
import './styles.css'

createApp(App).use(router).use(VueQueryPlugin, { queryClient }).mount('#app')
