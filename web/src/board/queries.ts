import { keepPreviousData, useMutation, useQuery } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import { answer, api } from '../api/client'

/** Everybody's day; for a technician their own. */
export function useBoard(day: MaybeRefOrGetter<string>) {
  return useQuery({
    queryKey: ['board', computed(() => toValue(day))],
    queryFn: () => answer(() => api.GET('/api/board/{day}', { params: { path: { day: toValue(day) } } })),
    placeholderData: keepPreviousData,
  })
}

/** Asks for a plan of everybody's day together. */
export function usePlan(day: MaybeRefOrGetter<string>) {
  return useMutation({
    mutationFn: () =>
      answer(() => api.POST('/api/board/{day}/plan', { params: { path: { day: toValue(day) } } })),
  })
}
