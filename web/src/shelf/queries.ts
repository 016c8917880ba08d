import { keepPreviousData, useInfiniteQuery, useMutation, useQuery } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import { answer, api } from '../api/client'
import { queryClient } from '../api/queryClient'
import type { ListedPart, PartMoving } from '../api/types'
import { prepareAnew } from '../store/held/nextDays'

/** As many as the server gives at a time. */
const PAGE = 50

/** The list of parts, by number; those that have every word. */
export function useParts(text: MaybeRefOrGetter<string>) {
  return useInfiniteQuery({
    queryKey: ['parts', computed(() => toValue(text).trim())],
    queryFn: ({ pageParam }) =>
      answer(() =>
        api.GET('/api/parts', { params: { query: { text: toValue(text).trim(), after: pageParam } } }),
      ),
    initialPageParam: '',
    getNextPageParam: (last) => (last.length < PAGE ? undefined : last.at(-1)!.part.number),
    placeholderData: keepPreviousData,
  })
}

/** The latest lines of the ledger about a part. */
export function useMoves(part: MaybeRefOrGetter<string>) {
  return useQuery({
    queryKey: ['moves', computed(() => toValue(part))],
    queryFn: () =>
      answer(() => api.GET('/api/parts/{partId}/moves', { params: { path: { partId: toValue(part) } } })),
  })
}

export function useOrderList() {
  return useQuery({ queryKey: ['order-list'], queryFn: () => answer(() => api.GET('/api/order-list')) })
}

/** The list or a count has changed: calls are held against both. */
function shelfChanged() {
  for (const queryKey of [['parts'], ['moves'], ['order-list'], ['round']])
    void queryClient.invalidateQueries({ queryKey })
  prepareAnew()
}

/** Changes how many of a part are on a van. */
export function useMove(part: MaybeRefOrGetter<string>) {
  return useMutation({
    mutationFn: (body: PartMoving) =>
      answer(() =>
        api.POST('/api/parts/{partId}/moves', { params: { path: { partId: toValue(part) } }, body }),
      ),
    onSuccess: shelfChanged,
  })
}

export function usePutPart() {
  return useMutation({
    mutationFn: (body: ListedPart) =>
      answer(() => api.PUT('/api/parts/{partId}', { params: { path: { partId: body.id } }, body })),
    onSuccess: shelfChanged,
  })
}

/** Brings a list in; what is wrong with single lines is told, and the others are taken. */
export function useTakeList() {
  return useMutation({
    mutationFn: async (file: File) => {
      const body = await file.text()
      return answer(() =>
        api.POST('/api/parts.csv', {
          body,
          bodySerializer: (csv) => csv,
          headers: { 'Content-Type': 'text/csv', Accept: 'application/json' },
        }),
      )
    },
    onSuccess: shelfChanged,
  })
}
