import { createRouter, createWebHistory, type RouteLocationNormalized, type RouteRecordRaw } from 'vue-router'
import { useSession } from './stores/session'

/** The seven steps of a unit, in the order of the work. */
export const STEPS = [
  { name: 'spark', title: 'Spark' },
  { name: 'gather', title: 'Gather' },
  { name: 'lay-out', title: 'Lay out' },
  { name: 'get-ready', title: 'Get ready' },
  { name: 'hand-over', title: 'Hand over' },
  { name: 'run', title: 'Run' },
  { name: 'look-back', title: 'Look back' },
] as const
export type StepName = (typeof STEPS)[number]['name']

const step = (name: StepName, component: RouteRecordRaw['component'], title: string): RouteRecordRaw =>
  ({ path: `/units/:unitId/${name}`, name, component, meta: { title } }) as RouteRecordRaw

const routes: RouteRecordRaw[] = [
  { path: '/', redirect: '/units' },
  {
    path: '/start',
    name: 'start',
    component: () => import('./views/FirstStart.vue'),
    meta: { open: true, bare: true, title: 'Welcome' },
  },
  {
    path: '/units',
    name: 'units',
    component: () => import('./views/UnitList.vue'),
    // It shows nothing of the library, and stands before that is here.
    meta: { title: 'Units', light: true },
  },
  { path: '/home', name: 'home', component: () => import('./views/HomeView.vue'), meta: { title: 'Home' } },
  { path: '/library', name: 'library', component: () => import('./views/LibraryView.vue'), meta: { title: 'Library' } },
  {
    path: '/library/new',
    name: 'activity-new',
    component: () => import('./views/ActivityEditor.vue'),
    meta: { title: 'Write an idea' },
  },
  {
    path: '/library/:activityId',
    name: 'activity-edit',
    component: () => import('./views/ActivityEditor.vue'),
    meta: { title: 'Change an idea' },
  },
  { path: '/pantry', name: 'pantry', component: () => import('./views/PantryView.vue'), meta: { title: 'Pantry' } },
  { path: '/money', name: 'money', component: () => import('./views/YearMoney.vue'), meta: { title: 'Money' } },
  {
    path: '/cautions',
    name: 'cautions',
    component: () => import('./views/CautionRules.vue'),
    meta: { title: 'Cautions' },
  },
  step('spark', () => import('./views/SparkView.vue'), 'Spark'),
  step('gather', () => import('./views/GatherView.vue'), 'Gather'),
  step('lay-out', () => import('./views/LayOutView.vue'), 'Lay out'),
  step('get-ready', () => import('./views/GetReadyView.vue'), 'Get ready'),
  step('hand-over', () => import('./views/HandOverView.vue'), 'Hand over'),
  {
    path: '/units/:unitId/shop',
    name: 'shop',
    component: () => import('./views/ShopView.vue'),
    meta: { title: 'In the shop' },
  },
  {
    path: '/units/:unitId/circle/:day',
    name: 'stage',
    component: () => import('./views/StageView.vue'),
    meta: { title: 'On stage' },
  },
  {
    path: '/units/:unitId/print',
    name: 'print',
    component: () => import('./views/PrintView.vue'),
    meta: { title: 'Print' },
  },
  {
    path: '/units/:unitId/prepare',
    name: 'prepare',
    component: () => import('./views/PrepareView.vue'),
    meta: { title: 'Getting ready' },
  },
  {
    path: '/units/:unitId/notes',
    name: 'ask-notes',
    component: () => import('./views/AskNotesView.vue'),
    meta: { title: 'Notes for families' },
  },
  {
    path: '/units/:unitId/invitation/:day',
    name: 'invitation',
    component: () => import('./views/InvitationView.vue'),
    meta: { title: 'Invitations' },
  },
  step('run', () => import('./views/RunView.vue'), 'Run'),
  step('look-back', () => import('./views/LookBackView.vue'), 'Look back'),
  { path: '/:rest(.*)*', name: 'lost', component: () => import('./views/NotFound.vue'), meta: { title: 'Not found' } },
]

/** Leaves for the door, a page of its own; it leads back to where she was. */
export const toTheDoor = (from: string): void => location.replace(`/sign-in?to=${encodeURIComponent(from)}`)

export const router = createRouter({
  history: createWebHistory(),
  routes,
  scrollBehavior: (_, from) => (from.matched.length > 0 ? { top: 0 } : false),
})

/** The part of a view is fetched while it is asked who is signed in. */
const fetchParts = ({ matched }: RouteLocationNormalized) => {
  for (const { components } of matched) {
    const part = components?.default as (() => Promise<unknown>) | object | undefined
    if (typeof part === 'function') part().catch(() => undefined)
  }
}

router.beforeEach(async (to) => {
  const session = useSession()
  if (!session.asked) fetchParts(to)
  try {
    await session.askOnce()
  } catch {
    return true
  }
  if (!session.hasOwner) return to.name === 'start' ? true : { name: 'start' }
  if (session.signedIn) return true
  toTheDoor(to.fullPath)
  return false
})
router.afterEach((to) => {
  document.title = `${String(to.meta.title ?? 'Kobby')} · Kobby`
})
