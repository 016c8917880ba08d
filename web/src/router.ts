import { createRouter, createWebHistory } from 'vue-router'
import RoundView from './round/RoundView.vue'
import { PAGES } from './settings/pages'

export const callView = () => import('./call/CallView.vue')

export const router = createRouter({
  history: createWebHistory(),
  scrollBehavior: (_to, _from, saved) => saved ?? { top: 0 },
  routes: [
    { path: '/', redirect: '/round' },
    { path: '/round/:day?', component: RoundView, props: true },
    { path: '/week/:day?', component: () => import('./board/WeekView.vue'), props: true },
    { path: '/board/:day?', component: () => import('./board/BoardView.vue'), props: true },
    { path: '/calls/:id', component: callView, props: true },
    { path: '/calls/:id/report', component: () => import('./report/ReportView.vue'), props: true },
    { path: '/customers', component: () => import('./customers/CustomersView.vue') },
    { path: '/customers/:id', component: () => import('./customers/CustomerView.vue'), props: true },
    { path: '/machines/:id', component: () => import('./customers/MachineView.vue'), props: true },
    { path: '/shelf', component: () => import('./shelf/ShelfView.vue') },
    { path: '/know-how', redirect: '/know-how/dishwasher' },
    {
      path: '/know-how/:kind',
      component: () => import('./know-how/KnowhowView.vue'),
      props: true,
      children: [
        { path: '', component: () => import('./know-how/WhatIf.vue') },
        { path: 'faults', component: () => import('./know-how/fault/FaultList.vue') },
        { path: 'faults/:fault', component: () => import('./know-how/fault/FaultPage.vue'), props: true },
        { path: 'symptoms', component: () => import('./know-how/fault/SymptomMatrix.vue') },
        { path: 'codes', component: () => import('./know-how/CodeTable.vue') },
        { path: 'models', component: () => import('./know-how/ModelFamilies.vue') },
        { path: 'numbers', component: () => import('./know-how/numbers/NumberList.vue') },
        { path: 'noted', component: () => import('./know-how/NotedOnCalls.vue') },
        {
          path: 'draft/:section?/:piece?',
          component: () => import('./know-how/draft/DraftPage.vue'),
          props: true,
        },
        { path: 'versions', component: () => import('./know-how/Versions.vue') },
      ],
    },
    {
      path: '/gauges/:gauge?',
      component: () => import('./gauges/GaugesView.vue'),
      props: ({ params, query }) => ({ gauge: params.gauge || undefined, call: query.call }),
    },
    {
      path: '/settings',
      component: () => import('./settings/SettingsView.vue'),
      children: PAGES.map(({ id, component }) => ({ path: id, component })),
    },
    { path: '/:rest(.*)', redirect: '/round' },
  ],
})
