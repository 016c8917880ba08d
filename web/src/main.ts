import '@fontsource-variable/atkinson-hyperlegible-next'
import '@fontsource-variable/bricolage-grotesque'
import '@fontsource-variable/martian-mono'
import { VueQueryPlugin } from '@tanstack/vue-query'
import { createApp } from 'vue'
import App from './App.vue'
import { queryClient } from './api/queryClient'
import { askForRound } from './api/queries'
import { callView, router } from './router'
import { keepsForSomebody } from './store/held/nextDays'
import './styles.css'

// With a slow network the first view waits for one answer instead of two.
if (location.pathname === '/round' && keepsForSomebody()) askForRound()

createApp(App).use(router).use(VueQueryPlugin, { queryClient }).mount('#app')

// A call is what is opened most: its part of the page is fetched while the first view is read.
const LATER_MS = 500
setTimeout(() => void callView().catch(() => undefined), LATER_MS)
