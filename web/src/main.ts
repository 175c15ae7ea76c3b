import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import { createApp } from 'vue'
import App from './App.vue'
import { ProblemError } from './api/client'
import { router } from './router'
import './styles.css'

const queries = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: 10_000,
      retry: (count, error) => count < 2 && !(error instanceof ProblemError && error.problem.status >= 400),
    },
  },
})

createApp(App).use(router).use(VueQueryPlugin, { queryClient: queries }).mount('#app')
