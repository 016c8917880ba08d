import { keepPreviousData, useInfiniteQuery, useQuery } from '@tanstack/vue-query'
import { computed, toValue, watch, type MaybeRefOrGetter } from 'vue'
import { forgetWhatCameLate, keepAgain } from '../store/forget'
import { knowhowInUse } from '../store/held/days'
import { drawAsBefore, noteDrawn } from '../store/outgoing/drawn'
import { gaugesHere } from '../store/held/gauges'
import { homesHere } from '../store/held/homes'
import { knowhowHere } from '../store/held/knowhow'
import { reportOf, stepOf, stepsOf, viewOf } from '../store/held/held'
import { roundHere } from '../store/held/nextDays'
import { ofCall } from '../store/held/ofCall'
import { patiently } from '../store/held/patiently'
import { supposedHere, supposedOfDraft } from '../store/held/suppositions'
import { waits } from '../store/outgoing/outbox'
import { foundHere, heardHere } from '../store/held/words'
import { goBy } from '../ui/text/clocks'
import { answer, api, finishSignOut, nowSignedIn } from './client'
import { queryClient } from './queryClient'
import type { Call, Knowhow, Step, Supposed } from './types'

export function useSession() {
  return useQuery({
    queryKey: ['session'],
    queryFn: async () => {
      await forgetWhatCameLate()
      await finishSignOut()
      const session = await answer(() => api.GET('/api/session'))
      keepAgain()
      nowSignedIn(session.id)
      goBy(session.clocks)
      return session
    },
    staleTime: Infinity,
  })
}

const roundOf = (day?: string) =>
  patiently(
    (signal) =>
      day
        ? answer(() => api.GET('/api/round/{day}', { params: { path: { day } }, signal }))
        : answer(() => api.GET('/api/round', { signal })),
    () => roundHere(day),
  )

/** A day's calls; today's, where the business works, without a day. */
export function useRound(day: MaybeRefOrGetter<string | undefined>) {
  return useQuery({
    queryKey: ['round', computed(() => toValue(day) || 'today')],
    queryFn: () => roundOf(toValue(day)),
  })
}

/** Asks for today's round while it is still asked who is signed in: most who come have signed in before. */
export const askForRound = () =>
  void queryClient.prefetchQuery({ queryKey: ['round', 'today'], queryFn: () => roundOf(), retry: false })

export function useCall(id: MaybeRefOrGetter<string>, enabled: () => boolean = () => true) {
  const query = useQuery({
    enabled,
    queryKey: ['call', computed(() => toValue(id))],
    queryFn: () => ofCall(toValue(id), viewOf),
  })
  watch(
    () => enabled() && toValue(id),
    (wanted) => wanted && void drawAsBefore(wanted),
    { immediate: true },
  )
  watch(query.data, (view) => view && void noteDrawn(view))
  return query
}

/** Every step that can be taken now, best first; the call itself names the first few. */
export function useSteps(call: MaybeRefOrGetter<Call>, enabled: () => boolean) {
  const head = computed(() => toValue(call).head)
  return useQuery({
    queryKey: ['steps', computed(() => head.value.id), computed(() => head.value.version)],
    queryFn: () => ofCall(head.value.id, stepsOf),
    enabled,
    staleTime: Infinity,
  })
}

/** A step that is taken out of turn and not among the first few, with what its answers would mean. */
export function useStep(
  call: MaybeRefOrGetter<Call | undefined>,
  step: MaybeRefOrGetter<Pick<Step, 'kind' | 'id'> | undefined>,
) {
  return useQuery({
    queryKey: [
      'step',
      computed(() => toValue(call)?.head.id),
      computed(() => toValue(call)?.head.version),
      computed(() => toValue(step)?.kind),
      computed(() => toValue(step)?.id),
    ],
    queryFn: () => {
      const { kind, id } = toValue(step)!
      return ofCall(toValue(call)!.head.id, (one) => stepOf(one, kind, id))
    },
    enabled: () => !!toValue(step),
    staleTime: Infinity,
  })
}

/** What the customer is given of a call. */
export function useReport(id: MaybeRefOrGetter<string>) {
  return useQuery({
    queryKey: ['report', computed(() => toValue(id))],
    queryFn: () => ofCall(toValue(id), reportOf),
    // Other screens go on with the call.
    staleTime: 0,
  })
}

/** The closed calls about a machine, latest first. */
export function useEarlierCalls(machineId: MaybeRefOrGetter<string | undefined>) {
  return useQuery({
    queryKey: ['earlier', computed(() => toValue(machineId))],
    queryFn: () =>
      answer(() =>
        api.GET('/api/machines/{machineId}/calls', { params: { path: { machineId: toValue(machineId)! } } }),
      ),
    enabled: () => !!toValue(machineId),
  })
}

/** Calls in a customer's home that are not closed. */
export function useOpenCalls(customerId: MaybeRefOrGetter<string | undefined>) {
  return useQuery({
    queryKey: ['open-calls', computed(() => toValue(customerId))],
    queryFn: () =>
      answer(() =>
        api.GET('/api/customers/{customerId}/open-calls', {
          params: { path: { customerId: toValue(customerId)! } },
        }),
      ),
    enabled: () => !!toValue(customerId),
  })
}

/** What was seen and done on calls about a kind of machine that the know-how does not have. */
export function useNoted(kind: MaybeRefOrGetter<string>) {
  return useQuery({
    queryKey: ['noted', computed(() => toValue(kind))],
    queryFn: () =>
      answer(() => api.GET('/api/know-how/{kind}/noted', { params: { path: { kind: toValue(kind) } } })),
  })
}

/** What was learnt of models on calls, and the know-how in use does not say. */
export function useLearnt(kind: MaybeRefOrGetter<string>) {
  return useQuery({
    queryKey: ['learnt', computed(() => toValue(kind))],
    queryFn: () =>
      answer(() => api.GET('/api/know-how/{kind}/learnt', { params: { path: { kind: toValue(kind) } } })),
  })
}

/** Every gauge, with the data of a call's machine where there is one. */
export function useGauges(call: MaybeRefOrGetter<string | undefined>) {
  return useQuery({
    queryKey: ['gauges', computed(() => toValue(call))],
    queryFn: () => gaugesHere(toValue(call)),
    placeholderData: keepPreviousData,
  })
}

/** The simulated meters that there are to practise with. */
export function useMeters() {
  return useQuery({
    queryKey: ['meters'],
    queryFn: () => answer(() => api.GET('/api/meters')),
    staleTime: Infinity,
  })
}

/** The models of a kind that differ from it, and in what. */
export function useFamilies(kind: MaybeRefOrGetter<string>) {
  return useQuery({
    queryKey: ['know-how', computed(() => toValue(kind)), 'in-use', 'all', 'families'],
    queryFn: () =>
      answer(() => api.GET('/api/know-how/{kind}/families', { params: { path: { kind: toValue(kind) } } })),
  })
}

/** Every number of a kind's know-how in use, and who says so. */
export function useNumbers(kind: MaybeRefOrGetter<string>) {
  return useQuery({
    queryKey: ['know-how', computed(() => toValue(kind)), 'in-use', 'all', 'numbers'],
    queryFn: () =>
      answer(() => api.GET('/api/know-how/{kind}/numbers', { params: { path: { kind: toValue(kind) } } })),
    staleTime: 60_000,
  })
}

/** What every advice and report reckons with. */
export function useBusiness() {
  return useQuery({ queryKey: ['business'], queryFn: () => answer(() => api.GET('/api/business')) })
}

/** What stands above the business's name in reports. */
export function useLogo() {
  return useQuery({ queryKey: ['logo'], queryFn: () => answer(() => api.GET('/api/business/logo')) })
}

/** The kinds of machine that there is know-how for. */
export function useKinds() {
  return useQuery({
    queryKey: ['kinds'],
    queryFn: () => answer(() => api.GET('/api/know-how')),
    staleTime: Infinity,
  })
}

/** What a kind of machine is called, by its id. */
export function useKindNames() {
  const { data: kinds } = useKinds()
  return (id: string) => kinds.value?.find((kind) => kind.id === id)?.name ?? id
}

export const viewOfKnowhow = (kind: string) =>
  answer(() => api.GET('/api/know-how/{kind}', { params: { path: { kind } } }))

/** All that is known about a kind of machine, by the version in use. */
export function useKnowhow(kind: MaybeRefOrGetter<string>) {
  return useQuery({
    queryKey: ['know-how', computed(() => toValue(kind)), 'in-use', 'all'],
    queryFn: () => viewOfKnowhow(toValue(kind)),
    staleTime: Infinity,
  })
}

/** What is known of a call's machine, or of a kind as a new call is judged by it. */
export function useKnowhowHere(
  kind: MaybeRefOrGetter<string | undefined>,
  revision?: MaybeRefOrGetter<number | undefined>,
  family?: MaybeRefOrGetter<string | undefined>,
) {
  return useQuery({
    queryKey: [
      'know-how-here',
      computed(() => toValue(kind)),
      computed(() => toValue(revision)),
      computed(() => toValue(family)),
    ],
    queryFn: async () => {
      const revisionOf = toValue(revision)
      const name = revisionOf ? `${toValue(kind)}/${revisionOf}` : await knowhowInUse(toValue(kind)!)
      return knowhowHere(name, toValue(family))
    },
    enabled: () => !!toValue(kind),
    staleTime: Infinity,
  })
}

/** The machine whose know-how is searched: only what it can have is found. */
export interface Searched {
  kind: string
  revision?: number
  maker?: string
  features: string[]
}

/** What has every word that was typed, the best first; nothing while nothing is typed. */
export function useFound(machine: MaybeRefOrGetter<Searched>, text: MaybeRefOrGetter<string>) {
  return useQuery({
    queryKey: ['found', computed(() => toValue(machine)), computed(() => toValue(text).trim())],
    queryFn: () => foundHere(toValue(machine), toValue(text).trim()),
    enabled: () => toValue(text).trim().length > 1,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  })
}

/** The symptoms and facts that a complaint speaks of. */
export function useHeard(machine: MaybeRefOrGetter<Searched>, text: MaybeRefOrGetter<string>) {
  return useQuery({
    queryKey: ['heard', computed(() => toValue(machine)), computed(() => toValue(text))],
    queryFn: () => heardHere(toValue(machine), toValue(text)),
    enabled: () => toValue(text).trim().length > 0,
    staleTime: Infinity,
  })
}

/** The versions of a kind's know-how, newest first. */
export function useRevisions(kind: MaybeRefOrGetter<string>) {
  return useQuery({
    queryKey: ['revisions', computed(() => toValue(kind))],
    queryFn: () =>
      answer(() => api.GET('/api/know-how/{kind}/revisions', { params: { path: { kind: toValue(kind) } } })),
  })
}

/** What would follow if a machine were found so. */
export function useConsequence(knowhow: MaybeRefOrGetter<Knowhow>, supposed: MaybeRefOrGetter<Supposed>) {
  return useQuery({
    queryKey: [
      'consequence',
      computed(() => toValue(knowhow).pack.id),
      computed(() => toValue(knowhow).revision),
      computed(() => toValue(supposed)),
    ],
    queryFn: () => supposedHere(toValue(knowhow), toValue(supposed)),
    placeholderData: keepPreviousData,
  })
}

/** The draft of a kind's know-how. */
export function useKnowhowDraft(kind: string) {
  return useQuery({
    queryKey: ['draft', kind],
    queryFn: () => answer(() => api.GET('/api/know-how/{kind}/draft', { params: { path: { kind } } })),
  })
}

/** The typical calls on which a sound draft's advice is no longer what it should be. */
export function useDraftCases(kind: string, enabled: MaybeRefOrGetter<boolean>) {
  return useQuery({
    queryKey: ['draft-cases', kind],
    queryFn: () => answer(() => api.GET('/api/know-how/{kind}/draft/cases', { params: { path: { kind } } })),
    enabled: () => toValue(enabled),
  })
}

/** What would follow by a sound draft if a machine were found so. */
export function useDraftConsequence(
  kind: string,
  supposed: MaybeRefOrGetter<Supposed>,
  enabled: MaybeRefOrGetter<boolean>,
) {
  return useQuery({
    queryKey: ['draft-consequence', kind, computed(() => toValue(supposed))],
    queryFn: () => supposedOfDraft(kind, toValue(supposed)),
    enabled: () => toValue(enabled),
  })
}

/** The schools of practitioners, and which of them is followed. */
export function useSchools() {
  return useQuery({ queryKey: ['schools'], queryFn: () => answer(() => api.GET('/api/schools')) })
}

/** Who did what to a call. */
export function useTrail(callId: MaybeRefOrGetter<string>, enabled: () => boolean) {
  return useQuery({
    enabled,
    // Asked again once what waits has been sent.
    queryKey: ['call', computed(() => toValue(callId)), 'trail', computed(() => waits(toValue(callId)))],
    placeholderData: keepPreviousData,
    queryFn: () =>
      answer(() => api.GET('/api/calls/{callId}/trail', { params: { path: { callId: toValue(callId) } } })),
  })
}

/** Who did what, to calls and otherwise, latest first and so many at once; for the lead. */
export function useTrailOfAll(account: MaybeRefOrGetter<string>, enabled: () => boolean) {
  return useInfiniteQuery({
    enabled,
    queryKey: ['trail', computed(() => toValue(account))],
    queryFn: ({ pageParam: before }) =>
      answer(() =>
        api.GET('/api/trail', { params: { query: { before, account: toValue(account) || undefined } } }),
      ),
    initialPageParam: undefined as string | undefined,
    getNextPageParam: (page) => (page.length === 100 ? page.at(-1)?.place : undefined),
    staleTime: 0,
  })
}

/** The devices in use: one's own, and for the lead all of them. */
export function useDevices() {
  return useQuery({ queryKey: ['devices'], queryFn: () => answer(() => api.GET('/api/devices')) })
}

/** What people who were locked out had not sent; for the lead. */
export function useLeftBehind() {
  return useQuery({ queryKey: ['left-behind'], queryFn: () => answer(() => api.GET('/api/left-behind')) })
}

/** One's own keys, with which one signs in besides the password. */
export function usePasskeys() {
  return useQuery({ queryKey: ['passkeys'], queryFn: () => answer(() => api.GET('/api/session/passkeys')) })
}

/** Who works for the business; once it is wanted. */
export function useColleagues(wanted: MaybeRefOrGetter<boolean> = true) {
  return useQuery({
    queryKey: ['colleagues'],
    enabled: () => toValue(wanted),
    queryFn: () => answer(() => api.GET('/api/colleagues')),
  })
}

/** Those who could have a call that is somebody's. */
export function useOthers(account: () => string, wanted: MaybeRefOrGetter<boolean>) {
  const { data } = useColleagues(wanted)
  return computed(() => (data.value ?? []).filter(({ id, locked }) => !locked && id !== account()))
}

export function useHomes(search: MaybeRefOrGetter<string>) {
  return useQuery({
    queryKey: ['homes', computed(() => toValue(search))],
    queryFn: () => {
      const params = { query: { search: toValue(search) } }
      return patiently(
        (signal) => answer(() => api.GET('/api/customers', { params, signal })),
        () => homesHere(toValue(search)),
      )
    },
    enabled: () => toValue(search).trim().length > 0,
  })
}
