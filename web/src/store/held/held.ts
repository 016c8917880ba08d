import { answer, answerQuietly, api, patience } from '../../api/client'
import { Problem } from '../../api/problem'
import { queryClient } from '../../api/queryClient'
import type {
  Asker,
  Call,
  CallState,
  Command,
  HeldCall,
  Person,
  Report,
  RoundOfDay,
  Session,
  Step,
} from '../../api/types'
import { clockChanges } from '../../ui/text/clocks'
import { ask, fetchKnowhow, tell } from '../../core/core'
import { waitingFor, waitingOf } from '../outgoing/outbox'
import { dropAcknowledged } from '../outgoing/acknowledged'
import { daysKnown } from './days'
import { alone, forgetPhotosAndPasts, storage } from '../storage'
import { withOffVan } from './van'

/** A call as the core is told it, which knows its know-how from then on. */
export async function told({ call, customer, knowhow, circumstances }: HeldCall) {
  await tell(knowhow)
  return { call, customer, knowhow, circumstances }
}

export const session = () => queryClient.getQueryData<Session>(['session'])!

export function me(): Person {
  const { id, name, lead } = session()
  return { account: id, name, rank: lead ? 'LEAD' : 'TECHNICIAN' }
}

/** Whoever looks, here and now. */
function asker(): Asker {
  const viewer = { rank: me().rank, units: session().units }
  return { viewer, now: Date.now(), clocks: clockChanges() }
}

/** So few that nothing that waits to be sent waits long for them. */
const AT_ONCE = 5

/** Calls for which this device has no means or no room to keep them: until the page is left. */
const unkept = new Map<string, HeldCall>()

/** A call as this device holds it, with what waits done to it; nothing where it holds none. */
export const held = async (id: string): Promise<HeldCall | undefined> =>
  unkept.get(id) ??
  storage().then(
    (db) => db.get('calls', id),
    () => undefined,
  )

/** From now on a call is kept. */
export const isKeptNow = (id: string) => void unkept.delete(id)

async function keep(id: string, one: HeldCall) {
  await storage()
    .then((db) => db.put('calls', one, id))
    .then(
      () => unkept.delete(id),
      () => unkept.set(id, one),
    )
}

/** Lets go of a call, unless something that was done to it waits. */
export const letGo = (id: string) =>
  alone(id, async () => {
    unkept.delete(id)
    if ((await waitingFor(id)).length) return
    const db = await storage()
    await db.delete('calls', id)
    await db.delete('drawn', id)
  })

/** The server does not have a call, and nothing of it waits to be given back: it was erased. */
async function isGone(id: string) {
  if ((await waitingFor(id)).length) return
  await dropAcknowledged(id)
  await forgetPhotosAndPasts(id)
  await letGo(id)
}

/**
 * Gets a call as the server has it now, and does to it what still waits; one that the server does not have is let go.
 *
 * @param get how it is asked for: quietly, where nobody waits for it
 */
export const hold = (id: string, get: typeof answer = answerQuietly): Promise<HeldCall> =>
  // While something is under way it may be in the answer already, or not.
  alone('sending', async () => {
    const theirs = await get(() =>
      api.GET('/api/device/calls/{callId}', { params: { path: { callId: id } }, signal: patience() }),
    ).catch(async (problem: unknown) => {
      if (problem instanceof Problem && problem.kind === 'not-found') await isGone(id).catch(() => undefined)
      throw problem
    })
    return take(theirs)
  })

/** The same for several, which are asked for at once; those that the server does not have are left. */
export async function holdAll(ids: string[]): Promise<HeldCall[]> {
  const taken: HeldCall[] = []
  for (let from = 0; from < ids.length; from += AT_ONCE) {
    const query = { id: ids.slice(from, from + AT_ONCE) }
    await alone('sending', async () => {
      const some = await answerQuietly(() =>
        api.GET('/api/device/calls', { params: { query }, signal: patience() }),
      )
      for (const theirs of some) taken.push(await take(theirs))
    })
  }
  return taken
}

async function take(theirs: HeldCall): Promise<HeldCall> {
  const { id } = theirs.call.head
  await fetchKnowhow(theirs.knowhow)
  return alone(id, async () => {
    // The server does not know yet what waits to be taken off the van, for whichever call.
    const waiting = await waitingOf(me().account).catch(() => [])
    let now = waiting.reduce((one, { offVan = {} }) => withOffVan(one, offVan), theirs)
    const done = await waitingFor(id).catch(() => [])
    for (const command of done) now = (await become(now, command)).held ?? now
    await keep(id, now)
    return now
  })
}

/** What a command makes of a call. */
export async function become(one: HeldCall, command: Command) {
  const { call, refused } = await ask('apply', { held: await told(one), command, by: me() })
  return { held: call && { ...one, call }, refused }
}

const withState = (
  { beside, broughtIn, circumstances, customer, earlier, family }: HeldCall,
  state: CallState,
): Call => ({
  ...state,
  beside,
  broughtIn,
  customer,
  earlier,
  family,
  shelf: circumstances.shelf,
})

/** All that the screen of a call shows. */
export async function viewOf(one: HeldCall): Promise<Call> {
  return withState(one, await ask('state', { held: await told(one), asker: asker() }))
}

/** What it would show after some commands; nothing where this device does not hold it, or they would not change it. */
export async function foresee(id: string, commands: Command[]): Promise<Call | undefined> {
  const one = await held(id)
  if (!one) return undefined
  const question = { held: await told(one), asker: asker(), by: me(), commands }
  const { state } = await ask('foresee', question)
  return state && withState(one, state)
}

/** Every step that can be taken now. */
export async function stepsOf(one: HeldCall): Promise<Step[]> {
  return (await ask('steps', { held: await told(one) })).steps
}

/** A step of a call's plan with all its detail. */
export async function stepOf(one: HeldCall, kind: Step['kind'], id: string): Promise<Step | undefined> {
  return (await ask('step', { held: await told(one), kind, id })).step
}

export async function reportOf(one: HeldCall): Promise<Report> {
  const { sender } = await daysKnown()
  return ask('report', { held: await told(one), asker: asker(), sender })
}

const USUAL_SHIFT = { from: 480, until: 1020 }

/** A day's calls, and those of earlier days that are still open. */
export async function roundOf(ofDay: HeldCall[], leftOpen: HeldCall[]): Promise<RoundOfDay> {
  const all = async (some: HeldCall[]) => Promise.all(some.map(told))
  // What was kept before rounds were planned says nothing of the working day.
  const { shift = USUAL_SHIFT } = await daysKnown()
  return ask('round', { ofDay: await all(ofDay), leftOpen: await all(leftOpen), shift, asker: asker() })
}
