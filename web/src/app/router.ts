import { createRouter, createWebHistory } from 'vue-router'

/** The screens of a job in the order of the work; the digit is also the key that opens it. */
export const screens = [
  { digit: '1', name: 'rig', label: 'Rig', load: () => import('@/features/rig/RigScreen.vue') },
  { digit: '2', name: 'haul', label: 'Haul', load: () => import('@/features/haul/HaulScreen.vue') },
  { digit: '3', name: 'heat', label: 'Heat & air', load: () => import('@/features/heat/HeatScreen.vue') },
  { digit: '4', name: 'finder', label: 'Find parts', load: () => import('@/features/finder/FinderScreen.vue') },
  { digit: '5', name: 'settle', label: 'Settle it', load: () => import('@/features/settle/SettleScreen.vue') },
  {
    digit: '6',
    name: 'switching',
    label: 'Switch points',
    load: () => import('@/features/switching/SwitchScreen.vue'),
  },
  { digit: '7', name: 'mounting', label: 'Mounting', load: () => import('@/features/mounting/MountingScreen.vue') },
  { digit: '8', name: 'lines', label: 'Lines', load: () => import('@/features/lines/LinesScreen.vue') },
  { digit: '9', name: 'sheet', label: 'Work sheet', load: () => import('@/features/sheet/SheetScreen.vue') },
] as const

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', name: 'yard', component: () => import('@/features/yard/YardScreen.vue') },
    {
      path: '/jobs/:id',
      component: () => import('@/features/strip/JobFrame.vue'),
      children: [
        { path: '', redirect: (to) => ({ name: 'haul', params: to.params }) },
        ...screens.map((s) => ({ path: s.name, name: s.name, component: s.load })),
      ],
    },
    { path: '/parts/:shelf?', name: 'parts', component: () => import('@/features/parts/PartsScreen.vue') },
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
    for (const screen of screens) await screen.load().catch(() => undefined)
  }, 3000)
})
