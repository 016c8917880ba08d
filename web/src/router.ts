import { createRouter, createWebHistory } from 'vue-router'
import RoundView from './round/RoundView.vue'

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', redirect: '/round' },
    { path: '/round/:day?', component: RoundView, props: true },
    { path: '/calls/:id', component: () => import('./call/CallView.vue'), props: true },
    { path: '/:rest(.*)', redirect: '/round' },
  ],
})
