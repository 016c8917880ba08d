import { keepPreviousData, useMutation, useQueries, useQuery } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import { answer, api } from '../api/client'

const boardOf = (day: string) => ({
  queryKey: ['board', day],
  queryFn: () => answer(() => api.GET('/api/board/{day}', { params: { path: { day } } })),
})

/** Everybody's day; for a technician their own. */
export function useBoard(day: MaybeRefOrGetter<string>) {
  return useQuery(computed(() => ({ ...boardOf(toValue(day)), placeholderData: keepPreviousData })))
}

/** Everybody's days, each as its board has it; those that are still asked for are left out. */
export function useBoards(days: MaybeRefOrGetter<string[]>) {
  return useQueries({
    queries: computed(() => toValue(days).map(boardOf)),
    combine: (all) => ({
      boards: all.flatMap(({ data }) => data ?? []),
      reason: all.find(({ failureReason }) => failureReason)?.failureReason ?? null,
      again: () => all.forEach(({ refetch }) => void refetch()),
    }),
  })
}

/** Asks for a plan of everybody's day together. */
export function usePlan(day: MaybeRefOrGetter<string>) {
  return useMutation({
    mutationFn: () =>
      answer(() => api.POST('/api/board/{day}/plan', { params: { path: { day: toValue(day) } } })),
  })
}
