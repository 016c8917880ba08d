import { QueryClient, useQuery } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import { answer, api, nowSignedIn } from './client'
import { Problem } from './problem'

export const queryClient = new QueryClient({
  defaultOptions: {
    queries: {
      retry: (_, error) => error instanceof Problem && error.passes,
      retryDelay: 2000,
    },
  },
})

export function useSession() {
  return useQuery({
    queryKey: ['session'],
    queryFn: async () => {
      const session = await answer(() => api.GET('/api/session'))
      nowSignedIn()
      return session
    },
    staleTime: Infinity,
  })
}

/** A day's calls; today's, by the server's clock, without a day. */
export function useRound(day: MaybeRefOrGetter<string | undefined>) {
  return useQuery({
    queryKey: ['round', computed(() => toValue(day) || 'today')],
    queryFn: () => {
      const chosen = toValue(day)
      return chosen
        ? answer(() => api.GET('/api/round/{day}', { params: { path: { day: chosen } } }))
        : answer(() => api.GET('/api/round'))
    },
  })
}

export const callKey = (id: string) => ['call', id]

export function useCall(id: MaybeRefOrGetter<string>) {
  return useQuery({
    queryKey: ['call', computed(() => toValue(id))],
    queryFn: () =>
      answer(() => api.GET('/api/calls/{callId}', { params: { path: { callId: toValue(id) } } })),
  })
}

/** The kinds of machine that there is know-how for. */
export function useKinds() {
  return useQuery({
    queryKey: ['kinds'],
    queryFn: () => answer(() => api.GET('/api/know-how')),
    staleTime: Infinity,
  })
}

/** What is known about a kind of machine; it does not change while the page is open. */
export function useKnowhow(kind: MaybeRefOrGetter<string | undefined>) {
  return useQuery({
    queryKey: ['know-how', computed(() => toValue(kind))],
    queryFn: () =>
      answer(() => api.GET('/api/know-how/{kind}', { params: { path: { kind: toValue(kind)! } } })),
    enabled: () => !!toValue(kind),
    staleTime: Infinity,
  })
}

export function useHomes(search: MaybeRefOrGetter<string>) {
  return useQuery({
    queryKey: ['homes', computed(() => toValue(search))],
    queryFn: () =>
      answer(() => api.GET('/api/customers', { params: { query: { search: toValue(search) } } })),
    enabled: () => toValue(search).trim().length > 0,
  })
}
