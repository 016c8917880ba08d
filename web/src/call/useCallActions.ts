import { v7 as uuid } from 'uuid'
import { ref, type Ref } from 'vue'
import { answer, api, putFile } from '../api/client'
import { Problem } from '../api/problem'
import { callKey, queryClient } from '../api/queries'
import type { Call, Entry, Job, Laid, Line, PartUse, Rating, Typed } from '../api/types'

type Change = () => Promise<Call>

/** Everything that can be done on a call. Each change is kept until it has gone through, so that it can be tried again. */
export function useCallActions(callId: Ref<string>) {
  const problem = ref<Problem>()
  const busy = ref(false)
  /** What was to be entered when it met another answer to the same thing. */
  const mine = ref<string>()
  let last: Change | undefined

  async function run(change: Change, given?: string): Promise<boolean> {
    last = change
    mine.value = given
    busy.value = true
    problem.value = undefined
    try {
      // A reading of the call that is still under way would put back what this changes.
      await queryClient.cancelQueries({ queryKey: callKey(callId.value) })
      queryClient.setQueryData(callKey(callId.value), await change())
      void queryClient.invalidateQueries({ queryKey: ['round'] })
      last = undefined
      return true
    } catch (e) {
      problem.value = e instanceof Problem ? e : new Problem('', String(e))
      if (problem.value.kind === 'stale' && !problem.value.theirs) await refresh()
      return false
    } finally {
      busy.value = false
    }
  }

  const refresh = () => queryClient.invalidateQueries({ queryKey: callKey(callId.value) })

  function dismiss() {
    problem.value = undefined
    void refresh()
  }

  const call = () => ({ callId: callId.value })

  /** The id is made once, so that trying again enters nothing twice. */
  function add(
    entry: Pick<Entry, 'kind' | 'subject' | 'answer'> & { measured?: Typed; complaint?: boolean },
  ) {
    const body = { id: uuid(), ...entry }
    return run(
      () => answer(() => api.POST('/api/calls/{callId}/entries', { params: { path: call() }, body })),
      entry.answer,
    )
  }

  /** Enters what was seen, checked or done. */
  const enter = (kind: Entry['kind'], subject: string, given: string) => add({ kind, subject, answer: given })

  /** Enters a sign that the customer calls for. */
  const complainOf = (sign: string) => add({ kind: 'SIGN', subject: sign, answer: 'yes', complaint: true })

  /** Enters the same answer to several signs, one after the other, as long as each goes through. */
  async function enterAll(signs: string[], given: string) {
    for (const sign of signs) {
      if (!(await enter('SIGN', sign, given))) return false
    }
    return true
  }

  /** Enters what an instrument read at a check. */
  const measure = (check: string, measured: Typed) =>
    add({ kind: 'CHECK', subject: check, answer: 'measured', measured })

  function correct(entry: Entry, given: string, measured?: Typed) {
    const path = { ...call(), entryId: entry.id }
    const body = { answer: given, version: entry.version, measured }
    return run(
      () => answer(() => api.PUT('/api/calls/{callId}/entries/{entryId}', { params: { path }, body })),
      given,
    )
  }

  function takeBack(entry: Entry) {
    const params = { path: { ...call(), entryId: entry.id }, query: { version: entry.version } }
    return run(() => answer(() => api.DELETE('/api/calls/{callId}/entries/{entryId}', { params })))
  }

  function usePart(remedy: string, partId: string, used: number, source: PartUse['source']) {
    const body = { id: uuid(), remedy, partId, used, source }
    return run(() =>
      answer(() => api.POST('/api/calls/{callId}/part-uses', { params: { path: call() }, body })),
    )
  }

  function putBack(useId: string) {
    const params = { path: { ...call(), useId } }
    return run(() => answer(() => api.DELETE('/api/calls/{callId}/part-uses/{useId}', { params })))
  }

  /** Notes the new part's serial number, and where the old one went. */
  function describePart(useId: string, serial: string, oldPart: PartUse['oldPart']) {
    const params = { path: { ...call(), useId } }
    const body = { serial, oldPart }
    return run(() => answer(() => api.PUT('/api/calls/{callId}/part-uses/{useId}', { params, body })))
  }

  /** Makes a visit for upkeep a call about a fault, which was seen on the way. */
  const seesFault = () =>
    run(() => answer(() => api.DELETE('/api/calls/{callId}/upkeep', { params: { path: call() } })))

  /** Adds a line to the job sheet, or changes one as it was seen. */
  function keep<K extends keyof Job>(kind: K, what: Job[K], line?: Line) {
    const params = { path: { ...call(), lineId: line?.id ?? uuid() } }
    const body = { version: line?.version ?? 0, what: what as Laid }
    // All kinds of lines have one form of request; only what they say differs.
    const path = `/api/calls/{callId}/job/${kind}/{lineId}` as '/api/calls/{callId}/job/pieces/{lineId}'
    return run(() => answer(() => api.PUT(path, { params, body })))
  }

  function drop(line: Line) {
    const params = { path: { ...call(), lineId: line.id }, query: { version: line.version } }
    return run(() => answer(() => api.DELETE('/api/calls/{callId}/job/{lineId}', { params })))
  }

  /** Lays down pieces that the know-how knows. */
  function lay(pieces: string[]) {
    const body = { lines: Object.fromEntries(pieces.map((piece) => [piece, uuid()])) }
    return run(() =>
      answer(() => api.POST('/api/calls/{callId}/job/pieces', { params: { path: call() }, body })),
    )
  }

  function addPhoto(line: Line, picture: Blob) {
    const url = `/api/calls/${callId.value}/photos/${uuid()}?line=${line.id}`
    return run(() => answer(() => putFile<Call>(url, picture)))
  }

  function removePhoto(photoId: string) {
    const params = { path: { ...call(), photoId } }
    return run(() => answer(() => api.DELETE('/api/calls/{callId}/photos/{photoId}', { params })))
  }

  function fit(version: number, features: string[]) {
    const body = { version, features }
    return run(() =>
      answer(() => api.PUT('/api/calls/{callId}/features', { params: { path: call() }, body })),
    )
  }

  /** What the machine's plate says, as it was typed. */
  function rate(ratings: Record<Rating, string>) {
    const body = { ratings }
    return run(() => answer(() => api.PUT('/api/calls/{callId}/ratings', { params: { path: call() }, body })))
  }

  const caution = (id: string) => ({ params: { path: { ...call(), caution: id } } })
  const keepCaution = (id: string) =>
    run(() => answer(() => api.PUT('/api/calls/{callId}/cautions/{caution}', caution(id))))
  const takeBackCaution = (id: string) =>
    run(() => answer(() => api.DELETE('/api/calls/{callId}/cautions/{caution}', caution(id))))

  function complain(text: string) {
    const body = { id: uuid(), text }
    return run(() =>
      answer(() => api.POST('/api/calls/{callId}/complaints', { params: { path: call() }, body })),
    )
  }

  function withdraw(complaintId: string) {
    const params = { path: { ...call(), complaintId } }
    return run(() => answer(() => api.DELETE('/api/calls/{callId}/complaints/{complaintId}', { params })))
  }

  function plan(day: string, plannedAt: string) {
    const body = { day, plannedAt }
    return run(() => answer(() => api.PUT('/api/calls/{callId}/plan', { params: { path: call() }, body })))
  }

  function close(version: number, advice: string, reason?: string) {
    const body = { version, advice, reason }
    return run(() => answer(() => api.PUT('/api/calls/{callId}/closing', { params: { path: call() }, body })))
  }

  const reopen = () =>
    run(() => answer(() => api.DELETE('/api/calls/{callId}/closing', { params: { path: call() } })))

  return {
    problem,
    busy,
    mine,
    again: () => last && run(last, mine.value),
    dismiss,
    enter,
    enterAll,
    complainOf,
    measure,
    correct,
    takeBack,
    seesFault,
    usePart,
    putBack,
    describePart,
    keep,
    drop,
    lay,
    addPhoto,
    removePhoto,
    fit,
    rate,
    keepCaution,
    takeBackCaution,
    complain,
    withdraw,
    plan,
    close,
    reopen,
  }
}

export type CallActions = ReturnType<typeof useCallActions>
