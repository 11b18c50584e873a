import { watch } from 'vue'
import { createRouter, createWebHistory } from 'vue-router'
import { deviceLanguage, language, setLanguage, t, type MessageKey, type Part } from './i18n'

declare module 'vue-router' {
  interface RouteMeta {
    title?: MessageKey
  }
}

// Each screen is its own part: a student's tablet loads nothing of the workbench.
export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', redirect: '/activities' },
    // Addresses of before, in bookmarks.
    { path: '/assigned/:id/desk', redirect: (to) => `/assigned/${to.params.id as string}/review` },
    { path: '/activities/:id/routes', redirect: (to) => `/activities/${to.params.id as string}/links` },
    // The identity provider of the school did not answer, or there is none.
    {
      path: '/sign-in/:pathMatch(with/.*|back)',
      redirect: { path: '/sign-in', query: { 'school-account': 'away' } },
    },
    {
      path: '/sign-in',
      component: () => import('./accounts/SignInScreen.vue'),
      meta: { title: 'title.sign-in' },
    },
    {
      path: '/activities',
      component: () => import('./activities/ActivitiesScreen.vue'),
      meta: { title: 'shared.activities' },
    },
    {
      path: '/copies/:code',
      component: () => import('./activities/CopyScreen.vue'),
      props: true,
      meta: { title: 'title.copy' },
    },
    {
      path: '/classes',
      component: () => import('./classes/ClassesScreen.vue'),
      meta: { title: 'shared.classes' },
    },
    {
      path: '/assigned',
      component: () => import('./assigned/AssignedScreen.vue'),
      meta: { title: 'shared.assigned' },
    },
    {
      path: '/assigned/:id',
      component: () => import('./progress/ClassProgressScreen.vue'),
      props: true,
      meta: { title: 'title.class-progress' },
    },
    {
      path: '/classes/:id',
      component: () => import('./classes/ClassScreen.vue'),
      props: true,
      meta: { title: 'shared.class' },
    },
    {
      path: '/assigned/:id/results',
      component: () => import('./progress/ResultsScreen.vue'),
      props: true,
      meta: { title: 'title.results' },
    },
    {
      path: '/assigned/:id/review',
      component: () => import('./review/ReviewScreen.vue'),
      props: true,
      meta: { title: 'shared.review' },
    },
    {
      path: '/assigned/:id/students/:studentId/sheet',
      component: () => import('./review/SheetScreen.vue'),
      props: true,
      meta: { title: 'title.sheet' },
    },
    {
      path: '/assigned/:id/students/:studentId',
      component: () => import('./progress/StudentWorkScreen.vue'),
      props: true,
      meta: { title: 'title.student-work' },
    },
    {
      path: '/activities/:id/:step(lay-out|answers|links|try|assign)?',
      component: () => import('./workbench/WorkbenchScreen.vue'),
      props: true,
      meta: { title: 'title.workbench' },
    },
    {
      path: '/present/:id',
      component: () => import('./present/PresentScreen.vue'),
      props: true,
      meta: { title: 'shared.present' },
    },
    {
      path: '/join/:code?',
      component: () => import('./student/JoinScreen.vue'),
      props: true,
      meta: { title: 'title.join' },
    },
    {
      path: '/review',
      component: () => import('./review/ToReviewScreen.vue'),
      meta: { title: 'shared.to-review' },
    },
    {
      path: '/outbox',
      component: () => import('./notices/OutboxScreen.vue'),
      meta: { title: 'title.outbox' },
    },
    {
      path: '/school',
      component: () => import('./school/SchoolScreen.vue'),
      meta: { title: 'shared.school' },
    },
    {
      path: '/account',
      component: () => import('./accounts/AccountScreen.vue'),
      meta: { title: 'title.account' },
    },
    {
      path: '/welcome',
      component: () => import('./accounts/WelcomeScreen.vue'),
      meta: { title: 'title.welcome' },
    },
    {
      path: '/set-up',
      component: () => import('./accounts/SetUpScreen.vue'),
      meta: { title: 'title.set-up' },
    },
    { path: '/home', component: () => import('./student/HomeScreen.vue'), meta: { title: 'common.my-work' } },
    {
      path: '/work/:assignmentId',
      component: () => import('./student/StudentScreen.vue'),
      props: true,
      meta: { title: 'title.your-page' },
    },
    {
      path: '/:rest(.*)',
      component: () => import('./accounts/NowhereScreen.vue'),
      meta: { title: 'title.nowhere' },
    },
  ],
})

const titled = () => {
  const { title } = router.currentRoute.value.meta
  if (title) document.title = `${t(title)} · Glad Tile`
}
router.afterEach(titled)
watch(language, titled, { flush: 'post' })

const STUDENTS = /^\/(join|home|work)(\/|$)/
const PRESENT = /^\/present\//
const WORKBENCH = /^\/activities\/[^/]/
export const isStudents = (path: string) => STUDENTS.test(path)
function partsOf(path: string): Part[] {
  if (isStudents(path)) return []
  return PRESENT.test(path) ? ['staff', 'present'] : WORKBENCH.test(path) ? ['staff', 'workbench'] : ['staff']
}
// Nothing is drawn before there are words for it.
router.beforeEach((to) => setLanguage(deviceLanguage(), partsOf(to.path)))
