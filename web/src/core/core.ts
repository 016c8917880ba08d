import { wrap, type Remote } from 'comlink'
import { answer, api } from '../api/client'
import type { CallState, Command, HeldCall, Moment, Person, RecordOfCall } from '../api/types'
import type { Core } from './worker'

/** What a command makes of a call; why it makes nothing the server says. */
type Outcome = { kind: 'applied'; call: RecordOfCall } | { kind: 'same' | 'refused' | 'conflict' }

let core: Remote<Core> | undefined
const told = new Map<string, Promise<void>>()

/** Starts the core once it is wanted. */
const started = () =>
  (core ??= wrap<Core>(new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' })))

/** Tells the core the know-how of a name, once. */
function tell(name: string): Promise<void> {
  const telling = told.get(name) ?? knowhow(name).then((json) => started().know(name, json))
  told.set(name, telling)
  telling.catch(() => told.delete(name))
  return telling
}

async function knowhow(name: string): Promise<string> {
  const [kind, revision] = name.split('/')
  const path = { kind: kind!, revision: Number(revision) }
  return JSON.stringify(
    await answer(() => api.GET('/api/device/know-how/{kind}/{revision}', { params: { path } })),
  )
}

/** A call as the device holds it, once the core can judge it. */
export async function hold(callId: string): Promise<HeldCall> {
  const held = await answer(() => api.GET('/api/device/calls/{callId}', { params: { path: { callId } } }))
  await tell(held.knowhow)
  return held
}

/** What a command makes of a call. */
export const applied = async (held: HeldCall, command: Command, by: Person): Promise<Outcome> =>
  JSON.parse(await started().apply(JSON.stringify({ held, command, by })))

/** What follows from a call. */
export const stateOf = async (held: HeldCall, moment: Moment): Promise<CallState> =>
  JSON.parse(await started().state(JSON.stringify({ held, moment })))
