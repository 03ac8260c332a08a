import type { Component } from 'vue'
import { createRouter, createWebHistory } from 'vue-router'
import { screens, stations } from './stations'
import { later } from '@/shared/ui/later'

/** Code that does not arrive is the matter of who opens the screen, however late that looks at it. */
const fetching = (load: () => Promise<unknown>) => () => {
  const code = load()
  code.catch(() => undefined)
  return code as Promise<Component>
}

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', name: 'yard', component: () => import('@/features/yard/YardScreen.vue') },
    {
      path: '/jobs/:id',
      component: () => import('@/features/strip/JobFrame.vue'),
      children: [
        { path: '', redirect: (to) => ({ name: 'haul', params: to.params }) },
        ...screens.map((s) => ({ path: s.name, name: s.name, component: fetching(s.load) })),
      ],
    },
    {
      path: '/bay/:order',
      name: 'at-work',
      component: fetching(() => import('@/features/bay/BayScreen.vue')),
      meta: { full: true },
    },
    {
      path: '/live/:drive',
      name: 'at-the-wheel',
      component: fetching(() => import('@/features/live/LiveScreen.vue')),
      meta: { full: true },
    },
    { path: '/parts/:shelf?', name: 'parts', component: () => import('@/features/parts/PartsScreen.vue') },
    { path: '/people', name: 'people', component: fetching(() => import('@/features/people/PeopleScreen.vue')) },
    { path: '/pair', name: 'pair', component: fetching(() => import('@/features/people/PeopleScreen.vue')) },
    { path: '/customers', name: 'customers', component: () => import('@/features/book/CustomersScreen.vue') },
    { path: '/due', name: 'due', component: () => import('@/features/followup/DueScreen.vue') },
    { path: '/tasks', name: 'tasks', component: () => import('@/features/tasks/TasksScreen.vue') },
    { path: '/:rest(.*)*', redirect: '/' },
  ],
})

// A browser does not fetch a screen's code again once that failed, so the page is loaded anew at that screen as soon as
// the server answers. What is not saved yet waits in the outbox.
router.onError(async (_, to) => {
  const answers = await fetch('/', { method: 'HEAD' }).catch(() => null)
  if (answers?.ok) window.location.assign(to.fullPath)
})
// Whoever asks for a screen need not care about that.
const { push } = router
router.push = (to) => push(to).catch(() => undefined)

// Once the first screen stands, the others are fetched while nothing else is asked for: a digit then
// opens its screen at once, also while the server is busy. One that fails is fetched when opened.
const stop = router.afterEach(() => {
  stop()
  setTimeout(async () => {
    for (const station of stations) await station.load().catch(() => undefined)
    for (const load of later.all) await load().catch(() => undefined)
  }, 3000)
})
