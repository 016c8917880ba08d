import { computed, shallowRef } from 'vue'
import { sent } from '../../api/commands'
import { moved } from '../../api/moves'
import { Problem } from '../../api/problem'
import type { Command, HeldCall, Taken } from '../../api/types'
import { withOffVan } from '../held/van'
import { alone, keepsNothing, storage, type Done, type Waiting } from '../storage'

const TRY_AGAIN_MS = 3_000

const all = shallowRef<Waiting[]>([])
/** What waits to be sent, in the order in which it was done. */
export const waiting = computed(() => all.value.filter((one) => !one.refused))
/** What was not taken, until somebody has looked at it. */
export const refused = computed(() => all.value.filter((one) => one.refused))

/** Whether something that was done to a call waits. */
export const waits = (call: string) => waiting.value.some(({ command }) => command?.call === call)

const puts = new Map<string, number>()

/** How many things were done to a call on this page. */
export const doneTo = (call: string) => puts.get(call) ?? 0

const windows = new BroadcastChannel('grimy-gasket')
windows.onmessage = () => void read()

/** Reads what waits, also of other windows. */
export async function read(): Promise<Waiting[]> {
  return (all.value = await (await storage()).getAll('outbox'))
}

async function changed() {
  await read()
  windows.postMessage('changed')
}

/** What waits, by account and in its order. */
export const waitingOf = async (account: string): Promise<Waiting[]> =>
  (await read()).filter((one) => one.account === account && !one.refused)

/** The commands to a call that wait, in their order. */
export const waitingFor = async (call: string): Promise<Command[]> =>
  (await read()).flatMap(({ command, refused }) => (command?.call === call && !refused ? [command] : []))

/** Nothing is kept by halves. */
function abort(transaction: { abort: () => void }) {
  try {
    transaction.abort()
  } catch {
    // It was aborted by what was wrong.
  }
}

const isFull = (e: unknown) => e instanceof DOMException && e.name === 'QuotaExceededError'

/**
 * Keeps what was done until the server has taken it, and what it has made of its call; all other calls are held against the same van.
 *
 * @param after the call as a command has made it; none for parts that were moved
 * @returns whether there was room for it
 */
export async function put(one: Done, after?: HeldCall) {
  const { command, offVan = {} } = one
  const both = (await storage()).transaction(['outbox', 'calls'], 'readwrite', { durability: 'strict' })
  const outbox = both.objectStore('outbox')
  // Heard below, if it matters.
  both.done.catch(() => undefined)
  const last = await outbox.openKeyCursor(null, 'prev')
  try {
    const calls = both.objectStore('calls')
    if (Object.keys(offVan).length) {
      for (const other of await calls.getAll()) await calls.put(withOffVan(other, offVan), other.call.head.id)
    }
    await Promise.all([
      outbox.put({ place: (last?.key ?? 0) + 1, ...one }),
      command && after && calls.put(after, command.call),
      both.done,
    ])
  } catch (e) {
    // What is told first may be that it was aborted, and not yet why.
    abort(both)
    if (!isFull(e) && !isFull(await both.done.catch((why: unknown) => why))) throw e
    keepsNothing.value = 'no room'
    return false
  }
  keepsNothing.value = undefined
  if (command) puts.set(command.call, doneTo(command.call) + 1)
  await changed()
  return true
}

/** Keeps that something was not taken, until somebody has looked at it. */
export async function putRefused(one: Done, { kind, message, theirs }: Problem) {
  const { store, done } = (await storage()).transaction('outbox', 'readwrite')
  const last = await store.openKeyCursor(null, 'prev')
  await store.put({ place: (last?.key ?? 0) + 1, ...one, refused: { kind, message, theirs } })
  await done
  await changed()
}

/** What was given back and refused may be taken once others have given back what it builds on: it waits once more. */
export async function retryReturned(call: string) {
  const some = (await read()).filter((one) => one.returned && one.refused && one.command?.call === call)
  for (const one of some) await retry(one)
  return some.length > 0
}

/** Lets what was refused wait once more. */
export async function retry(one: Waiting) {
  await (await storage()).put('outbox', { ...one, refused: undefined })
  await changed()
}

/** Somebody has looked at what was refused; a call that was not begun goes with all that was entered on it. */
export async function settle({ place, command }: Waiting) {
  const db = await storage()
  await db.delete('outbox', place)
  if (command?.change.kind === 'begin') {
    for (const one of await read())
      if (one.command?.call === command.call) await db.delete('outbox', one.place)
    await db.delete('calls', command.call)
  }
  await changed()
}

/** What is told of what becomes of a command. */
export interface Told {
  taken: (command: Command, taken: Taken) => unknown
  refused: (command: Command) => unknown
  /** Parts were moved, or could not be. */
  moved: () => unknown
}

let under: Promise<void> | undefined
let again: ReturnType<typeof setTimeout> | undefined

/** Sends what waits, in its order; where there is no answer it tries again by itself. */
export function send(account: string, told: Told): Promise<void> {
  clearTimeout(again)
  const later = () => (again = setTimeout(() => void send(account, told), TRY_AGAIN_MS))
  under ??= alone('sending', () => sendAll(account, told))
    .catch((e: unknown) => {
      later()
      if (!(e instanceof Problem)) throw e
    })
    .finally(() => (under = undefined))
  return under
}

/** The call that could not begin. */
const notBegun = ({ command, refused }: Waiting) =>
  refused && command?.change.kind === 'begin' ? [command.call] : []

/** Sends one thing that was done. */
const sendOne = ({ account, returned, ...one }: Waiting) =>
  one.command ? sent(account, one.command, one.picture, returned) : moved(one.move.part.id, one.move.moving)

async function sendAll(account: string, told: Told) {
  for (;;) {
    const all = await read()
    // The server knows nothing of a call that it has not begun.
    const unknown = new Set(all.flatMap(notBegun))
    const next = all.find(
      (one) => one.account === account && !one.refused && !(one.command && unknown.has(one.command.call)),
    )
    if (!next) return
    const taken = await sendOne(next).catch(async (problem: unknown) => {
      if (!(problem instanceof Problem) || problem.passes) throw problem
      const { kind, message, theirs } = problem
      await (await storage()).put('outbox', { ...next, refused: { kind, message, theirs } })
    })
    if (taken) await (await storage()).delete('outbox', next.place)
    await changed()
    if (!next.command) told.moved()
    else if (taken) told.taken(next.command, taken as Taken)
    else told.refused(next.command)
  }
}
