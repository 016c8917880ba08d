import { ask, tell } from '../../core/core'
import { sent } from '../../api/commands'
import { Problem } from '../../api/problem'
import { callKey, queryClient } from '../../api/queryClient'
import type { Call, Command, HeldCall, Refusal, Taken } from '../../api/types'
import { become, held, hold, isKeptNow, me, viewOf } from '../held/held'
import { nextDays } from '../held/days'
import { prepareAnew } from '../held/nextDays'
import { put, putRefused, send, waitingOf, waits, type Told } from './outbox'
import { alone, keeps } from '../storage'
import { strike, tapped } from './tapped'
import { offVan, withOffVan } from '../held/van'

/** Changes of what a call is held against, which the record does not tell. */
const BEYOND_THE_RECORD = ['begin', 'describe', 'use-part', 'use-other', 'put-back']

const kindOf = (refusal: Refusal) => refusal.kind.toLowerCase().replace('_', '-')
const problemOf = (refusal: Refusal) =>
  new Problem(kindOf(refusal), refusal.sentence, refusal.fields, refusal.theirs)

export function show(view: Call) {
  queryClient.setQueryData(callKey(view.head.id), view)
  return view
}

const draw = (one: HeldCall): Promise<Call> => viewOf(one).then(show)

/**
 * Does something to a call on this device: it is kept and drawn at once, and goes out by itself. What cannot be is a problem.
 *
 * @returns whether it is done; not where this device does not hold the call, or keeps nothing
 */
export const enter = (command: Command, picture?: Blob): Promise<boolean> =>
  alone(command.call, async () => {
    const now = await keeps().then((does) => (does ? held(command.call) : undefined))
    if (!now) return false
    const { held: became, refused } = await become(now, command)
    if (refused) throw problemOf(refused)
    if (!became) return false
    const { account } = me()
    const taken = offVan(now.call, became.call, account)
    const after = withOffVan(became, taken)
    // The disk keeps it while the core reckons what follows.
    const [isKept, view] = await Promise.all([
      put({ account, command, picture, offVan: taken }, after),
      viewOf(after),
    ])
    if (!isKept) return false
    isKeptNow(command.call)
    show(view)
    void sendWhatWaits()
    return true
  })

let finishing: Promise<void> | undefined

/**
 * Does what was drawn, and not kept, when the page was left the last time; once, before anything is done on this one. What cannot be done
 * now stays written down until the page is loaded again.
 */
export const finish = (): Promise<void> => (finishing ??= finishAll().catch(() => undefined))

async function finishAll() {
  const { account } = me()
  for (const { command } of tapped().filter((one) => one.account === account)) {
    await enter(command).catch((problem: unknown) => {
      if (!(problem instanceof Problem) || problem.passes) throw problem
      return putRefused({ account, command }, problem)
    })
    strike(command.id)
    // It may be asked for already as it was before.
    void queryClient.invalidateQueries({ queryKey: callKey(command.call) })
  }
}

/** Begins a call on this device; for where the server does not answer. */
export async function begin(command: Command): Promise<Call> {
  const { change } = command
  if (change.kind !== 'begin') throw new Error(`${change.kind} begins no call`)
  const of = (await nextDays())?.kinds.find(({ kind }) => kind === change.machine.kind)
  if (!of) throw Problem.unreachable()
  const { knowhow, revision, shelf: parts, models } = of
  const known = { ...command, change: { ...change, revision } }
  await tell(knowhow)
  const { call, circumstances, refused } = await ask('begin', {
    command: known,
    by: me(),
    knowhow,
    revision,
    circumstances: of.circumstances,
    shelf: parts,
    models,
  })
  if (!call || !circumstances) throw refused ? problemOf(refused) : Problem.unreachable()
  const { account } = me()
  // The server has not said yet what it is held against.
  const held = { call, knowhow, circumstances, digest: '', customer: change.customer, beside: [] }
  const after = (await waitingOf(account)).reduce((one, { offVan = {} }) => withOffVan(one, offVan), held)
  if (!(await put({ account, command: known }, after))) throw Problem.unreachable()
  const view = await draw(after)
  void sendWhatWaits()
  return view
}

/** Gets and draws a call as the server has it; if it does not answer, the next look at it will. */
export const anew = (call: string) =>
  hold(call)
    .then(draw)
    .catch(() => undefined)

/** Rounds and boards are asked for anew. */
function askForDaysAnew() {
  for (const queryKey of [['round'], ['board']]) void queryClient.invalidateQueries({ queryKey })
}

const told: Told = {
  async taken({ call, change }, { version }) {
    askForDaysAnew()
    const isOther = async () => !waits(call) && (await held(call))?.call.head.version !== version
    if (BEYOND_THE_RECORD.includes(change.kind) || (await isOther())) await anew(call)
  },
  /** The call is shown as it is without it. */
  async refused({ call, change }) {
    askForDaysAnew()
    await anew(call)
    if (BEYOND_THE_RECORD.includes(change.kind)) prepareAnew()
  },
  moved() {
    for (const queryKey of [['parts'], ['moves']]) void queryClient.invalidateQueries({ queryKey })
    prepareAnew()
  },
}

/**
 * Sends what this device cannot do itself, and waits for the server. The call may come onto this device meanwhile, as it was before: then
 * it is asked for once more, as what one does oneself is not told by the feed.
 */
export async function sendAtOnce(command: Command, picture?: Blob): Promise<Taken> {
  const taken = await alone('sending', () => sent(me().account, command, picture))
  if ((await held(command.call))?.call.head.version !== taken.version) await anew(command.call)
  return taken
}

/** Sends what waits of whoever is signed in. */
export const sendWhatWaits = () => send(me().account, told)
