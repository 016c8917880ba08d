import type { Arrival, Lane, RoundCall } from '../api/types'

/** The calls that are made on one visit, with how it is expected to go. */
export interface BoardVisit {
  id: string
  calls: RoundCall[]
  first: RoundCall
  /** Nothing where nothing is left to do. */
  arrival?: Arrival
}

/** Calls by the visits that they are made on, in their order. */
export function visitsOf(calls: RoundCall[], plan?: Lane['plan']): BoardVisit[] {
  const byVisit = new Map<string, RoundCall[]>()
  for (const call of calls) byVisit.set(call.visit, [...(byVisit.get(call.visit) ?? []), call])
  return [...byVisit].map(([id, some]) => ({
    id,
    calls: some,
    first: some[0]!,
    arrival: plan?.expected.arrivals.find(({ visit }) => visit === id),
  }))
}

/** From this chance on somebody should be told: estimate. */
const WORTH_SAYING = 0.4

export const isLate = (arrival?: Arrival) => !!arrival && arrival.chanceLate >= WORTH_SAYING

/** How far the work has come. */
export function stateOf(call: RoundCall) {
  if (call.cancelled) return 'cancelled'
  if (call.closedAt) return 'closed'
  return call.stepsTaken ? 'begun' : 'to do'
}
