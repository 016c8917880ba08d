import { v7 as uuid } from 'uuid'
import { ref, type Ref } from 'vue'
import { answer, api } from '../api/client'
import { Problem } from '../api/problem'
import { callKey, queryClient } from '../api/queries'
import type { Call, Entry } from '../api/types'

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

  /** Enters what was seen, checked or done. The id is made once, so that trying again enters nothing twice. */
  function enter(kind: Entry['kind'], subject: string, given: string) {
    const body = { id: uuid(), kind, subject, answer: given }
    return run(
      () => answer(() => api.POST('/api/calls/{callId}/entries', { params: { path: call() }, body })),
      given,
    )
  }

  function correct(entry: Entry, given: string) {
    const path = { ...call(), entryId: entry.id }
    const body = { answer: given, version: entry.version }
    return run(
      () => answer(() => api.PUT('/api/calls/{callId}/entries/{entryId}', { params: { path }, body })),
      given,
    )
  }

  function takeBack(entry: Entry) {
    const params = { path: { ...call(), entryId: entry.id }, query: { version: entry.version } }
    return run(() => answer(() => api.DELETE('/api/calls/{callId}/entries/{entryId}', { params })))
  }

  function usePart(remedy: string, partId: string, used: number) {
    const body = { id: uuid(), remedy, partId, used }
    return run(() =>
      answer(() => api.POST('/api/calls/{callId}/part-uses', { params: { path: call() }, body })),
    )
  }

  function putBack(useId: string) {
    const params = { path: { ...call(), useId } }
    return run(() => answer(() => api.DELETE('/api/calls/{callId}/part-uses/{useId}', { params })))
  }

  function fit(version: number, features: string[]) {
    const body = { version, features }
    return run(() =>
      answer(() => api.PUT('/api/calls/{callId}/features', { params: { path: call() }, body })),
    )
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
    correct,
    takeBack,
    usePart,
    putBack,
    fit,
    keepCaution,
    takeBackCaution,
    complain,
    withdraw,
    close,
    reopen,
  }
}

export type CallActions = ReturnType<typeof useCallActions>
