import { keepPreviousData, useInfiniteQuery, useMutation, useQuery } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import { answer, api } from '../api/client'
import { callKey, queryClient } from '../api/queryClient'
import type { AddressData, CustomerData, Home } from '../api/types'
import { held, hold } from '../store/held/held'
import { homesHere } from '../store/held/homes'
import { patiently } from '../store/held/patiently'

/** As many as the server gives at a time where nothing is searched for. */
const PAGE = 50

/** Customers by their names, or those that have every word of a search; without signal those of the next days. */
export function useCustomers(text: MaybeRefOrGetter<string>) {
  return useInfiniteQuery({
    queryKey: ['customers', computed(() => toValue(text).trim())],
    queryFn: ({ pageParam }) => {
      const search = toValue(text).trim()
      const params = { query: { search, after: pageParam || undefined } }
      return patiently<Home[]>(
        (signal) => answer(() => api.GET('/api/customers', { params, signal })),
        () => homesHere(search),
      )
    },
    initialPageParam: '',
    getNextPageParam: (last) =>
      toValue(text).trim() || last.length < PAGE ? undefined : last.at(-1)!.customer.id,
    placeholderData: keepPreviousData,
  })
}

export function useCustomer(id: MaybeRefOrGetter<string>) {
  return useQuery({
    queryKey: ['customer', computed(() => toValue(id))],
    queryFn: () =>
      answer(() => api.GET('/api/customers/{customerId}', { params: { path: { customerId: toValue(id) } } })),
  })
}

export function useMachine(id: MaybeRefOrGetter<string>) {
  return useQuery({
    queryKey: ['machine', computed(() => toValue(id))],
    queryFn: () =>
      answer(() => api.GET('/api/machines/{machineId}', { params: { path: { machineId: toValue(id) } } })),
    enabled: () => !!toValue(id),
  })
}

/** What is due until a day; asked again until all machines have been looked at. */
export function useDue(until: MaybeRefOrGetter<string>) {
  return useQuery({
    queryKey: ['due', computed(() => toValue(until))],
    queryFn: () => answer(() => api.GET('/api/due', { params: { query: { until: toValue(until) } } })),
    refetchInterval: ({ state }) => (state.data?.complete === false ? 500 : false),
  })
}

export function useAlike() {
  return useQuery({ queryKey: ['alike'], queryFn: () => answer(() => api.GET('/api/alike-customers')) })
}

const changed = () =>
  Promise.all(
    [['customers'], ['customer'], ['machine'], ['alike'], ['due'], ['round'], ['homes']].map((queryKey) =>
      queryClient.invalidateQueries({ queryKey }),
    ),
  )

/**
 * Puts who a customer is right; or a new one on file.
 *
 * @param call that is open and shows them
 */
export function usePutCustomer(id: MaybeRefOrGetter<string>, call?: MaybeRefOrGetter<string>) {
  return useMutation({
    mutationFn: (body: { was?: CustomerData; now: CustomerData }) =>
      answer(() =>
        api.PUT('/api/customers/{customerId}', { params: { path: { customerId: toValue(id) } }, body }),
      ),
    async onSuccess() {
      const open = toValue(call)
      if (open) {
        if (await held(open)) await hold(open)
        await queryClient.invalidateQueries({ queryKey: callKey(open) })
      }
      void changed()
    },
  })
}

/** Adds another address of a customer, or puts it right. */
export function usePutAddress(customer: MaybeRefOrGetter<string>) {
  return useMutation({
    mutationFn: ({ id: addressId, ...body }: AddressData & { id: string }) =>
      answer(() =>
        api.PUT('/api/customers/{customerId}/addresses/{addressId}', {
          params: { path: { customerId: toValue(customer), addressId } },
          body,
        }),
      ),
    onSuccess: changed,
  })
}

export function useRemoveAddress(customer: MaybeRefOrGetter<string>) {
  return useMutation({
    mutationFn: (addressId: string) =>
      answer(() =>
        api.DELETE('/api/customers/{customerId}/addresses/{addressId}', {
          params: { path: { customerId: toValue(customer), addressId } },
        }),
      ),
    onSuccess: changed,
  })
}

/** Says at which of its customer's addresses a machine stands; none for their own. */
export function useStand(machine: MaybeRefOrGetter<string>) {
  return useMutation({
    mutationFn: (address?: string) =>
      answer(() =>
        api.PUT('/api/machines/{machineId}/address', {
          params: { path: { machineId: toValue(machine) } },
          body: { address },
        }),
      ),
    onSuccess: changed,
  })
}

/** Two entries were of one customer: the first goes, and its machines are the other's. */
export function useJoin() {
  return useMutation({
    mutationFn: ({ from, into }: { from: string; into: string }) =>
      answer(() =>
        api.POST('/api/customers/{customerId}/join', {
          params: { path: { customerId: from } },
          body: { into },
        }),
      ),
    onSuccess: changed,
  })
}

/** A list to bring in, with which of its columns is which of ours. */
interface List {
  csv: string
  columns: Record<string, string>
}

/** Brings customers in; what is wrong with single lines is told, and the others are taken. */
export function useTakeCustomers() {
  return useMutation({
    mutationFn: ({ csv, columns }: List) =>
      answer(() =>
        api.POST('/api/customers.csv', {
          params: { query: { column: Object.entries(columns).map((pair) => pair.join(':')) } },
          body: csv,
          bodySerializer: (text) => text,
          headers: { 'Content-Type': 'text/csv', Accept: 'application/json' },
        }),
      ),
    onSuccess: changed,
  })
}
