import { v7 as uuid } from 'uuid'
import { useMutation } from '@tanstack/vue-query'
import type { Ref } from 'vue'
import { commandTo, sent } from '../api/commands'
import { queryClient } from '../api/queryClient'
import { Problem } from '../api/problem'
import { begin, enter } from '../store/outgoing/enter'
import { me } from '../store/held/held'
import type { Call, Command, Customer, Home, Machine } from '../api/types'
import { ofMachine } from '../customers/data'
import { useDraft } from '../ui/kept/drafts'
import { clock, isoToday } from '../ui/text/clocks'
import { clockTime, daysSince1970, isoDay, minuteOfDay, windowOf } from '../ui/text/format'

/** A call as it is written down. */
interface NewCall {
  id: string
  visitId?: string
  follows?: string
  upkeep: boolean
  /** Such as 2026-11-26; blank while none is chosen. */
  day: string
  /** Such as 09:30; blank while none is chosen. */
  plannedAt: string
  /** By when somebody was promised to be there; blank where only the time was said. */
  until: string
  complaint: string
  customer: Customer
  machine: Machine
}

const blankMachine = (): Machine => ({
  id: uuid(),
  kind: 'dishwasher',
  maker: '',
  model: '',
  serial: '',
  place: '',
  features: [],
  ratings: {},
  version: 0,
})

const HALF_AN_HOUR = 30

/** The next half hour, today; in the morning, on any other day. */
function nextTime(day: string) {
  const minute = Math.ceil((minuteOfDay(clock(Date.now())) + 1) / HALF_AN_HOUR) * HALF_AN_HOUR
  return day === isoToday() ? clockTime(Math.min(minute, minuteOfDay('23:30'))) : '09:00'
}

const blank = (day: string): NewCall => ({
  id: uuid(),
  day,
  plannedAt: nextTime(day),
  until: '',
  complaint: '',
  upkeep: false,
  customer: { id: uuid(), name: '', street: '', phone: '' },
  machine: blankMachine(),
})

const times = ({ plannedAt, promised }: Pick<Call['head'], 'plannedAt' | 'promised'>) => ({
  plannedAt: clockTime(plannedAt),
  until: promised ? clockTime(promised.until) : '',
})

/** A call about another machine of a visit: the same home at the same time. */
const beside = (visit: Call): NewCall => ({
  ...blank(isoDay(visit.head.day)),
  visitId: visit.head.visitId,
  ...times(visit.head),
  customer: visit.customer,
})

/** Whom and what a call is about, where that is known before it is written down. */
export interface Start {
  customer: Customer
  machine?: Machine
  upkeep?: boolean
  complaint?: string
  /** When somebody is there; the next time that is free where it is not said. */
  when?: Pick<Call['head'], 'plannedAt' | 'promised'>
}

const about = (day: string, { customer, machine, upkeep = false, complaint = '', when }: Start): NewCall => ({
  ...blank(day),
  ...(when && times(when)),
  customer: { ...customer },
  machine: machine ? { ...machine } : blankMachine(),
  upkeep,
  complaint,
})

/**
 * A call being written down; half of it survives a reload, and sending it twice adds it once.
 *
 * @param visit the call beside which it is made
 * @param known whom and what it is about
 */
export function useNewCall(day: Ref<string>, visit?: Call, known?: Start) {
  const start = () => (visit ? beside(visit) : known ? about(day.value, known) : blank(day.value))
  const subject = visit?.head.visitId ?? known?.machine?.id ?? known?.customer.id
  const key = subject ? `new-call:${subject}` : 'new-call'
  const draft = useDraft(key, start())
  const knownHome = useDraft(`${key}:known`, !!subject)
  /** Id of the account on whose round it is; blank for one's own. */
  const forWhom = useDraft(`${key}:for-whom`, '')
  const adding = useMutation({
    // Where the server does not answer the call begins on this device.
    mutationFn: async (command: Command) => {
      await sent(me().account, command).catch((problem: Problem) => {
        if (!problem.passes) throw problem
        return begin(command)
      })
      if (!forWhom.value) return
      const give = commandTo(command.call, { kind: 'assign', from: me().account, to: forWhom.value })
      if (!(await enter(give))) await sent(me().account, give)
    },
    onSuccess: async () => {
      await queryClient.invalidateQueries({ queryKey: ['round'] })
      startAnew()
    },
  })

  /** The call, as it is sent. */
  function written() {
    const { id, day, plannedAt, until, ...rest } = draft.value
    return commandTo(id, {
      kind: 'begin',
      day: day ? daysSince1970(day) : undefined,
      plannedAt: plannedAt ? minuteOfDay(plannedAt) : undefined,
      promised: plannedAt && until ? windowOf(plannedAt, until) : undefined,
      ...rest,
    })
  }

  function chooseHome(home: Home, machine?: Machine) {
    draft.value.customer = ofMachine(home, machine)
    draft.value.machine = machine ? { ...machine } : blankMachine()
    followNone()
    knownHome.value = true
  }

  /** @param home in which it is known to be; none for a new one */
  function chooseMachine(machine: Machine, home?: Home) {
    draft.value.machine = { ...machine }
    draft.value.customer.elsewhere = home && ofMachine(home, machine).elsewhere
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
    knownHome.value = !!subject
    forWhom.value = ''
  }

  function clear() {
    startAnew()
    adding.reset()
  }

  return {
    draft,
    knownHome,
    forWhom,
    adding,
    written,
    chooseHome,
    otherHome,
    chooseMachine,
    otherMachine,
    clear,
  }
}
