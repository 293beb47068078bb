import {
  createRouter,
  createWebHistory,
  type RouteLocationNormalized,
  type RouteLocationRaw,
} from 'vue-router'
import { useSignedIn } from '@/device/useSignedIn'
import { useHand } from './shared/useHand'
import { useTrouble } from './shared/useTrouble'

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', redirect: '/today' },
    { path: '/sign-in', component: () => import('./features/signin/SignInPage.vue'), meta: { open: true } },
    { path: '/welcome', component: () => import('./features/signin/WelcomePage.vue'), meta: { open: true } },
    {
      path: '/invitation/:token',
      component: () => import('./features/signin/InvitationPage.vue'),
      props: true,
      meta: { open: true },
    },
    {
      path: '/shared/:token',
      component: () => import('./features/signin/SharedReportPage.vue'),
      props: true,
      meta: { open: true },
    },
    { path: '/today', component: () => import('./features/today/TodayPage.vue') },
    { path: '/drills', component: () => import('./features/drills/DrillsPage.vue') },
    {
      path: '/drills/:id',
      component: () => import('./features/drills/DrillPage.vue'),
      props: true,
      meta: { aboutStudent: true },
    },
    {
      path: '/drills/:id/bench',
      component: () => import('./features/bench/BenchPage.vue'),
      props: true,
    },
    { path: '/plan', component: () => import('./features/plan/PlansPage.vue'), meta: { aboutStudent: true } },
    {
      path: '/plan/goals',
      component: () => import('./features/plan/GoalsPage.vue'),
      meta: { aboutStudent: true },
    },
    {
      path: '/plan/blocks/:id',
      component: () => import('./features/plan/BlockPage.vue'),
      props: true,
      meta: { aboutStudent: true, samePage: true },
    },
    { path: '/plan/calendar', component: () => import('./features/calendar/CalendarPage.vue') },
    {
      path: '/plan/:id',
      component: () => import('./features/plan/PlanPage.vue'),
      props: true,
      meta: { samePage: true },
    },
    { path: '/table', component: () => import('./features/recording/NobodyPage.vue') },
    { path: '/table/begin', component: () => import('./features/recording/BeginPage.vue') },
    {
      path: '/table/:sessionId/end',
      component: () => import('./features/recording/EndPage.vue'),
      props: true,
    },
    {
      path: '/table/:sessionId',
      component: () => import('./features/recording/RecordingPage.vue'),
      props: true,
    },
    {
      path: '/review',
      component: () => import('./features/review/SessionsPage.vue'),
    },
    { path: '/review/selection', component: () => import('./features/review/ReviewPage.vue') },
    { path: '/review/:sessionId', component: () => import('./features/review/ReviewPage.vue'), props: true },
    {
      path: '/progress',
      component: () => import('./features/progress/ProgressPage.vue'),
      meta: { aboutStudent: true },
    },
    {
      path: '/progress/periods',
      component: () => import('./features/progress/PeriodsPage.vue'),
      meta: { aboutStudent: true },
    },
    { path: '/progress/group', component: () => import('./features/progress/GroupPage.vue') },
    {
      path: '/progress/template',
      component: () => import('./features/progress/TemplatePage.vue'),
      meta: { aboutStudent: true },
    },
    {
      path: '/racks',
      component: () => import('./features/racks/RacksPage.vue'),
      meta: { aboutStudent: true },
    },
    {
      path: '/racks/new',
      component: () => import('./features/racks/RackNewPage.vue'),
      meta: { aboutStudent: true },
    },
    { path: '/racks/:id', component: () => import('./features/racks/RackPage.vue'), props: true },
    { path: '/lab', component: () => import('./features/lab/LabPage.vue') },
    { path: '/kit', component: () => import('./features/kit/KitPage.vue') },
    { path: '/kit/aim', component: () => import('./features/kit/AimTablePage.vue') },
    { path: '/kit/tables/:id', component: () => import('./features/kit/KitTablePage.vue'), props: true },
    { path: '/kit/checks/:id', component: () => import('./features/kit/CheckPage.vue'), props: true },
    { path: '/people', component: () => import('./features/people/PeoplePage.vue') },
    {
      path: '/people/:id/data',
      component: () => import('./features/people/DataPage.vue'),
      props: true,
    },
    { path: '/settings', component: () => import('./features/settings/SettingsPage.vue') },
    { path: '/:rest(.*)*', component: () => import('./shared/MissingPage.vue') },
  ],
})

declare module 'vue-router' {
  interface RouteMeta {
    /** For whoever has no sign-in, too. */
    open?: boolean
    /** A coach's address says which student it is about. */
    aboutStudent?: boolean
    /** The page goes on where its id changes: a new thing gets one once it is saved, and work on it is not interrupted. */
    samePage?: boolean
  }
}

/** A page whose files were replaced by a newer version while this one was open: loaded afresh. */
router.onError((error: unknown, to) => {
  const gone = error instanceof TypeError && /import|module/i.test(error.message)
  if (gone && navigator.onLine) window.location.assign(to.fullPath)
  else useTrouble().report(error)
})

/** A page that is about somebody says so in its address, where the rail knows whom a coach means. */
function withStudent(to: RouteLocationNormalized): true | RouteLocationRaw {
  const chosen = useHand().hand.studentId
  const coach = useSignedIn().me?.person.role === 'COACH'
  return coach && to.meta.aboutStudent && chosen && !to.query.student
    ? { path: to.path, query: { ...to.query, student: chosen }, hash: to.hash, replace: true }
    : true
}

/** Every page but the open ones needs a sign-in; where it was going is kept in the address. */
router.beforeEach(async (to) => {
  if (to.meta.open) return true
  const signedIn = useSignedIn()
  if (signedIn.me || (await signedIn.restore())) return withStudent(to)
  const start = await signedIn.startingPage()
  return start === '/welcome' ? start : { path: start, query: { next: to.fullPath } }
})
