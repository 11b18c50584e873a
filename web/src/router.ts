import { createRouter, createWebHistory } from 'vue-router'
import { deviceLanguage, setLanguage } from './i18n'

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
    { path: '/sign-in', component: () => import('./accounts/SignInScreen.vue'), meta: { title: 'Sign in' } },
    {
      path: '/activities',
      component: () => import('./activities/ActivitiesScreen.vue'),
      meta: { title: 'Activities' },
    },
    {
      path: '/copies/:code',
      component: () => import('./activities/CopyScreen.vue'),
      props: true,
      meta: { title: 'A copy for you' },
    },
    { path: '/classes', component: () => import('./classes/ClassesScreen.vue'), meta: { title: 'Classes' } },
    {
      path: '/assigned',
      component: () => import('./assigned/AssignedScreen.vue'),
      meta: { title: 'Assigned' },
    },
    {
      path: '/assigned/:id',
      component: () => import('./progress/ClassProgressScreen.vue'),
      props: true,
      meta: { title: 'Class progress' },
    },
    {
      path: '/classes/:id',
      component: () => import('./classes/ClassScreen.vue'),
      props: true,
      meta: { title: 'Class' },
    },
    {
      path: '/assigned/:id/results',
      component: () => import('./progress/ResultsScreen.vue'),
      props: true,
      meta: { title: 'Results' },
    },
    {
      path: '/assigned/:id/review',
      component: () => import('./review/ReviewScreen.vue'),
      props: true,
      meta: { title: 'Review' },
    },
    {
      path: '/assigned/:id/students/:studentId/sheet',
      component: () => import('./review/SheetScreen.vue'),
      props: true,
      meta: { title: 'Sheet for home' },
    },
    {
      path: '/assigned/:id/students/:studentId',
      component: () => import('./progress/StudentWorkScreen.vue'),
      props: true,
      meta: { title: "A student's page" },
    },
    {
      path: '/activities/:id/:step(lay-out|answers|links|try|assign)?',
      component: () => import('./workbench/WorkbenchScreen.vue'),
      props: true,
      meta: { title: 'Workbench' },
    },
    {
      path: '/present/:id',
      component: () => import('./present/PresentScreen.vue'),
      props: true,
      meta: { title: 'Present' },
    },
    {
      path: '/join/:code?',
      component: () => import('./student/JoinScreen.vue'),
      props: true,
      meta: { title: 'Join' },
    },
    {
      path: '/review',
      component: () => import('./review/ToReviewScreen.vue'),
      meta: { title: 'To review' },
    },
    {
      path: '/outbox',
      component: () => import('./notices/OutboxScreen.vue'),
      meta: { title: 'Email preview' },
    },
    { path: '/school', component: () => import('./school/SchoolScreen.vue'), meta: { title: 'School' } },
    {
      path: '/account',
      component: () => import('./accounts/AccountScreen.vue'),
      meta: { title: 'Your account' },
    },
    { path: '/welcome', component: () => import('./accounts/WelcomeScreen.vue'), meta: { title: 'Welcome' } },
    {
      path: '/set-up',
      component: () => import('./accounts/SetUpScreen.vue'),
      meta: { title: 'Set up your school' },
    },
    { path: '/home', component: () => import('./student/HomeScreen.vue'), meta: { title: 'My work' } },
    {
      path: '/work/:assignmentId',
      component: () => import('./student/StudentScreen.vue'),
      props: true,
      meta: { title: 'Your page' },
    },
    {
      path: '/:rest(.*)',
      component: () => import('./accounts/NowhereScreen.vue'),
      meta: { title: 'Nothing here' },
    },
  ],
})

router.afterEach((to) => {
  document.title = `${String(to.meta.title)} · Glad Tile`
})

const STUDENTS = /^\/(join|home|work)(\/|$)/
// Nothing is drawn before there are words for it. The screens of teachers are in English so far: one half in another
// language would help nobody.
router.beforeEach((to) => setLanguage(STUDENTS.test(to.path) ? deviceLanguage() : 'en'))
