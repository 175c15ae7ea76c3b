import { createRouter, createWebHistory } from 'vue-router'

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/words', name: 'words', component: () => import('./table/WordsPage.vue') },
    { path: '/stash', name: 'stash', component: () => import('./stash/StashPage.vue') },
    { path: '/ideas', name: 'ideas', component: () => import('./idea/IdeasPage.vue') },
    { path: '/stall', name: 'stall', component: () => import('./stall/StallPage.vue') },
    { path: '/wearers', name: 'wearers', component: () => import('./wearers/WearersPage.vue') },
    { path: '/', name: 'home', component: () => import('./home/HomePage.vue') },
    {
      path: '/projects/:id',
      name: 'project',
      component: () => import('./page/ProjectPage.vue'),
      props: (to) => ({ id: to.params.id, station: '' }),
    },
    {
      path: '/projects/:id/:station',
      name: 'station',
      component: () => import('./page/ProjectPage.vue'),
      props: true,
    },
    { path: '/:rest(.*)*', component: () => import('./home/LostPage.vue') },
  ],
})
