import { v7 as uuid } from 'uuid'
import { useMutation } from '@tanstack/vue-query'
import type { Ref } from 'vue'
import { answer, api } from '../api/client'
import { callKey, queryClient } from '../api/queries'
import type { Call, Home, Machine, NewCall } from '../api/types'
import { useDraft } from '../ui/drafts'
import { clockTime, isoDay } from '../ui/format'

const blankMachine = (): Machine => ({
  id: uuid(),
  kind: 'dishwasher',
  maker: '',
  model: '',
  serial: '',
  place: '',
  features: [],
  version: 0,
})

const blank = (day: string): NewCall & { id: string } => ({
  id: uuid(),
  day,
  plannedAt: '09:00',
  complaint: '',
  upkeep: false,
  customer: { id: uuid(), name: '', street: '', phone: '' },
  machine: blankMachine(),
})

/** A call about another machine of a visit: the same home at the same time. */
const beside = (visit: Call): NewCall & { id: string } => ({
  ...blank(isoDay(visit.head.day)),
  visitId: visit.head.visitId,
  plannedAt: clockTime(visit.head.plannedAt),
  customer: visit.customer,
})

/**
 * A call being written down; half of it survives a reload, and sending it twice adds it once.
 *
 * @param visit the call beside which it is made
 */
export function useNewCall(day: Ref<string>, visit?: Call) {
  const start = () => (visit ? beside(visit) : blank(day.value))
  const key = visit ? `new-call:${visit.head.visitId}` : 'new-call'
  const draft = useDraft(key, start())
  const knownHome = useDraft(`${key}:known`, !!visit)
  const adding = useMutation({
    mutationFn: ({ id, ...body }: NewCall & { id: string }) =>
      answer(() => api.PUT('/api/calls/{callId}', { params: { path: { callId: id } }, body })),
    onSuccess: async (call) => {
      queryClient.setQueryData(callKey(call.head.id), call)
      await queryClient.invalidateQueries({ queryKey: ['round'] })
      startAnew()
    },
  })

  function chooseHome(home: Home, machine?: Machine) {
    draft.value.customer = { ...home.customer }
    draft.value.machine = machine ? { ...machine } : blankMachine()
    followNone()
    knownHome.value = true
  }

  function chooseMachine(machine: Machine) {
    draft.value.machine = { ...machine }
    followNone()
  }
  const otherMachine = () => chooseMachine(blankMachine())

  /** An earlier call about the machine is no longer about this one. */
  function followNone() {
    draft.value.follows = undefined
  }

  function otherHome() {
    draft.value.customer = blank(day.value).customer
    otherMachine()
    knownHome.value = false
  }

  function startAnew() {
    draft.value = start()
    knownHome.value = !!visit
  }

  function clear() {
    startAnew()
    adding.reset()
  }

  return { draft, knownHome, adding, chooseHome, otherHome, chooseMachine, otherMachine, clear }
}
