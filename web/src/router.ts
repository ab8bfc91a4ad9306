import { createRouter, createWebHistory } from 'vue-router'
import { onSignedOut } from '@/api/client'
import { useSession } from '@/composables/people/useSession'

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', redirect: '/classes' },
    {
      path: '/sign-in',
      component: () => import('@/views/account/SignInView.vue'),
      meta: { open: true, bare: true },
    },
    {
      path: '/password',
      component: () => import('@/views/account/ChoosePassword.vue'),
      meta: { open: true, bare: true },
    },
    {
      path: '/s',
      component: () => import('@/views/shared/SharedView.vue'),
      meta: { open: true, bare: true },
    },
    {
      path: '/join',
      component: () => import('@/views/account/JoinView.vue'),
      meta: { open: true, bare: true },
    },
    { path: '/dances', component: () => import('@/views/dances/DanceListView.vue') },
    { path: '/dances/new', component: () => import('@/views/sheets/BeginView.vue') },
    { path: '/dances/new/:way(write|build)', component: () => import('@/views/dances/DanceView.vue') },
    { path: '/dances/read', component: () => import('@/views/sheets/ReadView.vue') },
    { path: '/dances/:id(\\d+)', component: () => import('@/views/dances/DanceView.vue') },
    { path: '/dances/:id(\\d+)/sheet', component: () => import('@/views/dances/SheetView.vue') },
    { path: '/dances/:id(\\d+)/walls', component: () => import('@/views/walls/WallsView.vue') },
    { path: '/dances/:id(\\d+)/calls', component: () => import('@/views/walls/CallSheetView.vue') },
    {
      path: '/dances/:id(\\d+)/where',
      component: () => import('@/views/walls/WhereView.vue'),
      meta: { bare: true },
    },
    { path: '/songs', component: () => import('@/views/songs/SongListView.vue') },
    { path: '/songs/new', component: () => import('@/views/songs/SongView.vue') },
    { path: '/songs/:id(\\d+)', component: () => import('@/views/songs/SongView.vue') },
    { path: '/figures', component: () => import('@/views/figures/FiguresView.vue') },
    {
      path: '/dances/:id(\\d+)/teach/floor',
      component: () => import('@/views/teaching/TeachFloorView.vue'),
      meta: { bare: true },
    },
    { path: '/dances/:id(\\d+)/teach', component: () => import('@/views/teaching/TeachView.vue') },
    {
      path: '/dances/:id(\\d+)/run-through',
      component: () => import('@/views/run/RunThroughView.vue'),
      meta: { bare: true },
    },
    { path: '/run-through/steady', component: () => import('@/views/run/SteadyView.vue') },
    {
      path: '/screen/:code?',
      component: () => import('@/views/screen/ScreenView.vue'),
      meta: { open: true, bare: true },
    },
    { path: '/classes', component: () => import('@/views/classes/AgendaView.vue') },
    { path: '/classes/:id(\\d+)', component: () => import('@/views/classes/ClassView.vue') },
    { path: '/classes/:id(\\d+)/brief', component: () => import('@/views/handover/BriefView.vue') },
    {
      path: '/classes/:id(\\d+)/floor',
      component: () => import('@/views/evening/FloorView.vue'),
      meta: { bare: true },
    },
    { path: '/classes/:id(\\d+)/log', component: () => import('@/views/evening/LogView.vue') },
    { path: '/groups', component: () => import('@/views/groups/GroupListView.vue') },
    { path: '/groups/matrix', component: () => import('@/views/groups/MatrixView.vue') },
    { path: '/groups/taught', component: () => import('@/views/groups/TaughtView.vue') },
    { path: '/groups/:id(\\d+)', component: () => import('@/views/groups/GroupView.vue') },
    { path: '/terms', component: () => import('@/views/terms/TermListView.vue') },
    { path: '/terms/:id(\\d+)', component: () => import('@/views/terms/TermView.vue') },
    { path: '/terms/:id(\\d+)/report', component: () => import('@/views/terms/ReportView.vue') },
    { path: '/terms/:id(\\d+)/poster', component: () => import('@/views/terms/PosterView.vue') },
    { path: '/socials', component: () => import('@/views/socials/SocialListView.vue') },
    { path: '/socials/:id(\\d+)', component: () => import('@/views/socials/SocialView.vue') },
    {
      path: '/socials/:id(\\d+)/evening',
      component: () => import('@/views/socials/SocialEveningView.vue'),
      meta: { bare: true },
    },
    {
      path: '/socials/:id(\\d+)/screen',
      component: () => import('@/views/socials/SocialScreenView.vue'),
      meta: { bare: true },
    },
    { path: '/waiting', component: () => import('@/views/waiting/WaitingView.vue') },
    { path: '/files', component: () => import('@/views/exchange/FilesView.vue') },
    { path: '/print', component: () => import('@/views/print/PrintRoomView.vue') },
    { path: '/handbook/:chapter?', component: () => import('@/views/handbook/HandbookView.vue') },
    { path: '/first', component: () => import('@/views/first/FirstEveningView.vue') },
    { path: '/club', component: () => import('@/views/club/ClubView.vue') },
    { path: '/club/log', component: () => import('@/views/club/LogView.vue') },
    { path: '/account', component: () => import('@/views/account/AccountView.vue') },
    { path: '/news', component: () => import('@/views/club/NewsView.vue') },
    { path: '/notices', component: () => import('@/views/club/NoticesView.vue') },
    { path: '/:rest(.*)*', component: () => import('@/views/NowhereView.vue') },
  ],
  scrollBehavior: (_to, _from, saved) => saved ?? { top: 0 },
})

router.beforeEach(async (to) => {
  const session = useSession()
  if (!session.session) {
    try {
      await session.load()
    } catch {
      // The page itself says that the server does not answer.
    }
  }
  if (!to.meta.open && !session.name) return { path: '/sign-in', query: { next: to.fullPath } }
  return true
})

onSignedOut(() => {
  useSession().forget()
  const here = router.currentRoute.value
  if (!here.meta.open) void router.push({ path: '/sign-in', query: { next: here.fullPath } })
})
