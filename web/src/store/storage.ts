import { ref } from 'vue'
import { deleteDB, openDB, type DBSchema, type IDBPDatabase } from 'idb'
import type { Call, Command, HeldCall, NextDays, PartMoving } from '../api/types'
import type { Acknowledged } from './outgoing/acknowledged'
import { upgrade } from './held/older'
import type { OffVan } from './held/van'

interface InTurn {
  /** Its place in the order in which things were done. */
  place: number
  /** Of whoever did it: nobody else sends it. */
  account: string
  /** What it takes off the van, as far as it does. */
  offVan?: OffVan
  /** It was acknowledged before, and is given back, as the server's database was restored from a backup since. */
  returned?: boolean
  refused?: Refused
}

/** Something done to a call. */
interface WaitingCommand extends InTurn {
  command: Command
  /** Of a photo that is added. */
  picture?: Blob
}

/** Parts that came onto a van, or went off it, other than by being used. */
interface WaitingMove extends InTurn {
  command?: undefined
  picture?: undefined
  move: { at: number; part: { id: string; name: string }; moving: PartMoving }
}

/** Something done here that the server has not taken yet, or has refused. */
export type Waiting = WaitingCommand | WaitingMove

/** The same before it has a place. */
export type Done = Omit<WaitingCommand, 'place'> | Omit<WaitingMove, 'place'>

/** When it was done, in milliseconds since 1970. */
export const doneAt = (one: Waiting) => (one.command ? one.command.at : one.move.at)

/** Why the server did not take it, as it said. */
interface Refused {
  kind: string
  message: string
  theirs?: object
}

export interface Tables extends DBSchema {
  /** Calls by id, with what waits already done to them. */
  calls: { key: string; value: HeldCall }
  /** Know-how by its name, as the core is told it. */
  knowhow: { key: string; value: string }
  outbox: { key: number; value: Waiting }
  nextDays: { key: 'now'; value: NextDays }
  /** Calls as they were drawn last, by id, with what drew them. */
  drawn: { key: string; value: { by: string; view: Call } }
  /** By the ids of their commands. */
  acknowledged: { key: string; value: Acknowledged }
}

/** Why this device keeps nothing, if it does not: it has no means, as in a private window, or no room. */
export const keepsNothing = ref<'no means' | 'no room'>()

const NAME = 'grimy-gasket'
/** With every change of what is kept, `upgrade` brings over what was. */
const VERSION = 8

/** The cache of the service worker for what the server has said, see `vite.config.ts`. */
const ANSWERS = 'answers'
let opened: Promise<IDBPDatabase<Tables>> | undefined
/** Nothing is kept any more until the page is loaded anew. */
let forgotten = false

/** What this device keeps; rejected where the browser keeps nothing, as in a private window. */
export function storage(): Promise<IDBPDatabase<Tables>> {
  if (forgotten) return Promise.reject(new Error('this device has been told to forget'))
  opened ??= openDB<Tables>(NAME, VERSION, {
    upgrade(db, from, _, all) {
      if (from < 4) db.createObjectStore('acknowledged', { keyPath: 'command.id' })
      if (from < 6) db.createObjectStore('drawn')
      if (from > 0) return void upgrade(from, all)
      db.createObjectStore('calls')
      db.createObjectStore('knowhow')
      db.createObjectStore('outbox', { keyPath: 'place' })
      db.createObjectStore('nextDays')
    },
    terminated: () => (opened = undefined),
    blocking: (_, __, event) => {
      ;(event.target as IDBDatabase).close()
      opened = undefined
    },
  })
  opened.catch(() => {
    opened = undefined
    keepsNothing.value = 'no means'
  })
  return opened
}

/** Whether this device has the means to keep anything. */
export const keeps = () =>
  storage().then(
    () => true,
    () => false,
  )

/** Forgets all that this device keeps of its user; until the page is loaded anew it keeps nothing more. */
export function forgetDevice(): Promise<void> {
  forgotten = true
  return forgetKept()
}

/** Forgets what this device keeps, also what the service worker has kept of answers. */
export async function forgetKept(): Promise<void> {
  const db = await opened?.catch(() => undefined)
  db?.close()
  opened = undefined
  await deleteDB(NAME).catch(() => undefined)
  // What the service worker notes of the answers that it keeps names photos.
  await deleteDB('workbox-expiration').catch(() => undefined)
  if ('caches' in window) await caches.delete(ANSWERS)
}

/** Forgets the photos of a call, and what any machine had before. */
export async function forgetPhotosAndPasts(call: string): Promise<void> {
  if (!('caches' in window)) return
  const cache = await caches.open(ANSWERS)
  for (const request of await cache.keys())
    if (request.url.includes(`/${call}/`) || request.url.includes(MACHINES)) await cache.delete(request)
}

const MACHINES = '/api/machines/'

/** Whether what a machine had before is kept here. */
export const keepsPastOf = async (machine: string): Promise<boolean> =>
  'caches' in window && !!(await (await caches.open(ANSWERS)).match(MACHINES + machine))

/** One after the other, in all windows of this browser; where it has no means for that, as on a page without TLS, in this one. */
export const alone = <T>(what: string, act: () => Promise<T>): Promise<T> =>
  navigator.locks ? (navigator.locks.request(`${NAME}:${what}`, act) as Promise<T>) : inTurn(what, act)

const turns = new Map<string, Promise<unknown>>()

function inTurn<T>(what: string, act: () => Promise<T>): Promise<T> {
  const turn = (turns.get(what) ?? Promise.resolve()).then(act)
  turns.set(
    what,
    turn.catch(() => undefined),
  )
  return turn
}
