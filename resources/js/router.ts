import { createRouter, createWebHistory } from 'vue-router'

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', redirect: '/counter' },
    { path: '/sign-in', name: 'sign-in', component: () => import('@/features/session/SignInPage.vue') },
    { path: '/counter', name: 'counter', component: () => import('@/features/counter/CounterPage.vue') },
    { path: '/case', name: 'case', component: () => import('@/features/case/CasePage.vue') },
    { path: '/case/board', name: 'price-board', component: () => import('@/features/case/PriceBoardPage.vue') },
    { path: '/clock', name: 'clock', component: () => import('@/features/clock/ClockPage.vue') },
    { path: '/bench', name: 'bench', component: () => import('@/features/bench/BenchPage.vue') },
    { path: '/bench/cut', name: 'cut-plan', component: () => import('@/features/bench/CutPlanPage.vue') },
    { path: '/bench/price', name: 'offers', component: () => import('@/features/bench/OffersPage.vue') },
    { path: '/bench/mince', name: 'mince', component: () => import('@/features/bench/MincePage.vue') },
    { path: '/seasonings', name: 'seasonings', component: () => import('@/features/seasonings/SeasoningsPage.vue') },
    {
      path: '/seasonings/:slug',
      name: 'seasoning',
      component: () => import('@/features/seasonings/SeasoningsPage.vue'),
      props: true,
    },
    { path: '/customers', name: 'customers', component: () => import('@/features/customers/CustomersPage.vue') },
    { path: '/house', name: 'house', component: () => import('@/features/house/HousePage.vue') },
    { path: '/tickets', name: 'tickets', component: () => import('@/features/tickets/TicketsPage.vue') },
    { path: '/tickets/:id', name: 'ticket', component: () => import('@/features/tickets/TicketPage.vue'), props: true },
    { path: '/atlas', name: 'atlas', component: () => import('@/features/atlas/AtlasPage.vue') },
    { path: '/atlas/compare', name: 'compare', component: () => import('@/features/atlas/ComparePage.vue') },
    { path: '/atlas/shop', name: 'shop-catalogue', component: () => import('@/features/atlas/ShopCataloguePage.vue') },
    { path: '/atlas/cut/:slug', name: 'cut', component: () => import('@/features/atlas/CutPage.vue'), props: true },
    { path: '/:rest(.*)*', name: 'unknown', component: () => import('@/ui/UnknownAddressPage.vue') },
  ],
})
