/** Every screen, selection and path has an address. Screens load when they are first shown. */
import { createRouter, createWebHistory, type RouteLocation } from 'vue-router';

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    {
      path: '/',
      name: 'plans',
      component: () => import('../features/plans').then((m) => m.PlansView),
      meta: { title: 'Plans' },
    },
    {
      path: '/help',
      component: () => import('../features/help').then((m) => m.HelpFrame),
      children: [
        { path: '', redirect: { name: 'help-checks' } },
        {
          path: 'checks',
          name: 'help-checks',
          component: () => import('../features/help').then((m) => m.CheckList),
          meta: { title: 'Checks' },
        },
        {
          path: 'checks/:checkId',
          name: 'help-check',
          component: () => import('../features/help').then((m) => m.CheckPage),
          props: true,
          meta: { title: 'Check' },
        },
      ],
    },
    {
      path: '/plan/:planId',
      component: () => import('./FrameView.vue'),
      props: true,
      children: [
        { path: '', redirect: { name: 'agreement' } },
        {
          path: 'station',
          name: 'station',
          component: () => import('../features/station').then((m) => m.StationView),
          meta: { title: 'Station' },
        },
        {
          path: 'radios/:radioId?',
          name: 'radios',
          component: () => import('../features/radios').then((m) => m.RadiosView),
          props: true,
          meta: { title: 'Radios' },
        },
        {
          path: 'sites',
          name: 'sites',
          component: () => import('../features/sites').then((m) => m.SitesView),
          meta: { title: 'Sites' },
        },
        {
          path: 'networks/:networkId?',
          name: 'networks',
          component: () => import('../features/networks').then((m) => m.NetworksView),
          props: true,
          meta: { title: 'Networks' },
        },
        {
          path: 'rooms',
          name: 'rooms',
          component: () => import('../features/rooms').then((m) => m.RoomsView),
          props: true,
          meta: { title: 'Room book', stop: 'networks' },
        },
        {
          path: 'wants',
          name: 'wants',
          component: () => import('../features/wants').then((m) => m.WantsView),
          meta: { title: 'Wants' },
        },
        {
          path: 'codeplugs/:radioId?',
          name: 'codeplugs',
          component: () => import('../features/codeplugs').then((m) => m.CodeplugsView),
          props: true,
          meta: { title: 'Codeplugs' },
        },
        {
          path: 'compare',
          name: 'compare',
          component: () => import('../features/compare').then((m) => m.CompareView),
          props: true,
          meta: { title: 'Compare codeplugs', stop: 'codeplugs' },
        },
        {
          path: 'hotspots/:siteId?',
          name: 'hotspots',
          component: () => import('../features/hotspots').then((m) => m.HotspotsView),
          props: true,
          meta: { title: 'Hotspots' },
        },
        {
          path: 'hotspots/:siteId/profiles',
          name: 'hotspot-profiles',
          component: () => import('../features/hotspots').then((m) => m.ProfilesView),
          props: true,
          meta: { title: 'Profiles and paths', stop: 'hotspots' },
        },
        {
          path: 'hotspots/:siteId/recall',
          name: 'hotspot-recall',
          component: () => import('../features/hotspots').then((m) => m.RecallView),
          props: true,
          meta: { title: 'Recall by radio', stop: 'hotspots' },
        },
        {
          path: 'hotspots/:siteId/file',
          name: 'hotspot-file',
          component: () => import('../features/hotspots').then((m) => m.SettingsFileView),
          props: true,
          meta: { title: 'Settings file', stop: 'hotspots' },
        },
        {
          path: 'hotspots/:siteId/set-up',
          name: 'hotspot-set-up',
          component: () => import('../features/hotspots').then((m) => m.SetUpView),
          props: true,
          meta: { title: 'Set-up', stop: 'hotspots' },
        },
        {
          path: 'hotspots/:siteId/routes',
          name: 'routes',
          component: () => import('../features/routes').then((m) => m.RoutesView),
          props: true,
          meta: { title: 'Routes', stop: 'hotspots' },
        },
        {
          path: 'agreement',
          name: 'agreement',
          component: () => import('../features/agreement').then((m) => m.AgreementView),
          meta: { title: 'Agreement' },
        },
        {
          path: 'rehearse',
          name: 'rehearse',
          component: () => import('../features/rehearse').then((m) => m.RehearseView),
          props: true,
          meta: { title: 'Rehearse' },
        },
        ...(
          [
            ['rehearse/complaints', 'scenarios', 'Complaints', 'complaints'],
            ['rehearse/complaints/:scenarioId', 'scenario', 'Complaints', 'complaints'],
            ['rehearse/practice', 'practice', 'Practice', 'practice'],
            ['rehearse/practice/:exerciseId', 'exercise', 'Practice', 'practice'],
            ['rehearse/days', 'rehearsed-days', 'Days at a hotspot', 'days'],
          ] as const
        ).map(([path, name, title, view]) => ({
          path,
          name,
          component: () => import('../features/rehearse').then((m) => m.RehearseView),
          props: ({ params }: RouteLocation) => ({ ...params, view }),
          meta: { title, stop: 'rehearse' },
        })),
        {
          path: 'card',
          name: 'card',
          component: () => import('../features/card').then((m) => m.CardView),
          props: true,
          meta: { title: 'Pocket card', stop: 'carry-out' },
        },
        {
          path: 'carry-out',
          name: 'carry-out',
          component: () => import('../features/carry-out').then((m) => m.CarryOutView),
          meta: { title: 'Carry out' },
        },
        {
          path: 'carry-out/keys/:radioId?',
          name: 'keying',
          component: () => import('../features/keying').then((m) => m.KeyingView),
          props: true,
          meta: { title: 'Keying sheet', stop: 'carry-out' },
        },
        {
          path: 'radios/:radioId/keys',
          name: 'teach-keys',
          component: () => import('../features/keying').then((m) => m.TeachView),
          props: true,
          meta: { title: 'Keys of a radio', stop: 'radios' },
        },
        {
          path: 'carry-out/files/:radioId?',
          name: 'radio-files',
          component: () => import('../features/kits').then((m) => m.RadioFilesView),
          props: true,
          meta: { title: 'Radio files', stop: 'carry-out' },
        },
      ],
    },
    {
      path: '/:rest(.*)*',
      name: 'missing',
      component: () => import('./MissingView.vue'),
      meta: { title: 'Not found' },
    },
  ],
});

router.afterEach((to) => {
  document.title = `${String(to.meta['title'] ?? 'Plan')} · Yellow Relay`;
});
