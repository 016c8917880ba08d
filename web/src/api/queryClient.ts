import { QueryClient } from '@tanstack/vue-query'
import { Problem } from './problem'

export const queryClient = new QueryClient({
  defaultOptions: {
    // The server may be on this very machine: whether it answers is not for the browser's view of the network to say.
    mutations: { networkMode: 'always' },
    queries: {
      // Answers are never changed in place, and to watch every member of a call and its pack takes most of a redraw.
      shallow: true,
      networkMode: 'always',
      retry: (_, error) => error instanceof Problem && error.passes,
      retryDelay: 2000,
    },
  },
})

export const callKey = (id: string) => ['call', id]
