import { keepPreviousData, useInfiniteQuery, useMutation, useQuery } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import { answer, api } from '../api/client'
import { queryClient } from '../api/queryClient'
import type { Arrived, ListedPart, Ordering, PartMoving, StockedPart } from '../api/types'
import { prepareAnew } from '../store/held/nextDays'
import { partsHere } from '../store/held/parts'
import { patiently } from '../store/held/patiently'
import { movePart } from '../store/outgoing/move'

/** As many as the server gives at a time. */
const PAGE = 50

interface PartPage {
  parts: StockedPart[]
  /** Whether it is what this device knows, and not what the server has. */
  here: boolean
}

/** The list of parts, by number, those that have every word; without signal those for the machines of the day, on one's own van. */
export function useParts(search: MaybeRefOrGetter<string>) {
  const text = computed(() => toValue(search).trim())
  return useInfiniteQuery({
    queryKey: ['parts', text],
    queryFn: ({ pageParam }) => {
      const params = { query: { text: text.value, after: pageParam } }
      return patiently<PartPage>(
        async (signal) => ({
          parts: await answer(() => api.GET('/api/parts', { params, signal })),
          here: false,
        }),
        async () => ({ parts: await partsHere(text.value), here: true }),
      )
    },
    initialPageParam: '',
    getNextPageParam: ({ parts, here }) =>
      here || parts.length < PAGE ? undefined : parts.at(-1)!.part.number,
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

/** What was ordered, and has not all come. */
export function useOpenOrders(wanted: MaybeRefOrGetter<boolean> = true) {
  return useQuery({
    queryKey: ['orders'],
    queryFn: () => answer(() => api.GET('/api/orders')),
    enabled: () => toValue(wanted),
  })
}

/** The list or a count has changed: calls are held against both. */
function shelfChanged() {
  for (const queryKey of [['parts'], ['moves'], ['order-list'], ['orders'], ['round']])
    void queryClient.invalidateQueries({ queryKey })
  prepareAnew()
}

/**
 * Changes how many of a part are on a van, with signal or without.
 *
 * @param onOwn how many are on one's own, as it is shown
 */
export function useMove(part: MaybeRefOrGetter<ListedPart>, onOwn: MaybeRefOrGetter<number>) {
  return useMutation({
    networkMode: 'always',
    mutationFn: (moving: PartMoving) => {
      const { id, name } = toValue(part)
      return movePart({ id, name }, moving, toValue(onOwn))
    },
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

export function usePlaceOrder() {
  return useMutation({
    mutationFn: ({ id: orderId, ...body }: Ordering & { id: string }) =>
      answer(() => api.PUT('/api/orders/{orderId}', { params: { path: { orderId } }, body })),
    onSuccess: shelfChanged,
  })
}

/** Takes in what has come of an order. */
export function useArrive(order: MaybeRefOrGetter<string>) {
  return useMutation({
    mutationFn: (body: Arrived) =>
      answer(() => api.POST('/api/orders/{orderId}/arrivals', { params: { path: path(order) }, body })),
    onSuccess: shelfChanged,
  })
}

/** The supplier has said when the rest of an order comes. */
export function usePromise(order: MaybeRefOrGetter<string>) {
  return useMutation({
    mutationFn: (day: string) =>
      answer(() =>
        api.PUT('/api/orders/{orderId}/promised', { params: { path: path(order) }, body: { day } }),
      ),
    onSuccess: shelfChanged,
  })
}

/** What has not come of an order will not. */
export function useGiveUp(order: MaybeRefOrGetter<string>) {
  return useMutation({
    mutationFn: () =>
      answer(() => api.DELETE('/api/orders/{orderId}/rest', { params: { path: path(order) } })),
    onSuccess: shelfChanged,
  })
}

const path = (order: MaybeRefOrGetter<string>) => ({ orderId: toValue(order) })

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
