import type { IDBPTransaction, StoreNames } from 'idb'
import type { Command, NextDays, Pack } from '../../api/types'
import { lowerFirst } from '../../ui/text/format'
import type { Acknowledged } from '../outgoing/acknowledged'
import type { Tables, Waiting } from '../storage'

type Caution = Pack['cautions'][number]
type Upgrade = IDBPTransaction<Tables, StoreNames<Tables>[], 'versionchange'>

/** Brings what a device keeps from before today's version over, what waits to be sent above all. */
export async function upgrade(from: number, all: Upgrade) {
  // What the service worker keeps of answers is in the form of before; not waited for, as that would end the transaction.
  if ('caches' in globalThis) void caches.delete('answers')
  if (from < 3) await change(all, 'nextDays', shelved)
  if (from < 5) {
    await change(all, 'calls', named)
    await change(all, 'knowhow', (json) => JSON.stringify(named(JSON.parse(json))))
    await change(all, 'outbox', (waiting) => done(waiting, named))
  }
  if (from === 4)
    await change(all, 'acknowledged', (one: Acknowledged) => ({ ...one, command: named(one.command) }))
  if (from < 7) await change(all, 'knowhow', confirmed)
  if (from < 8) await change(all, 'knowhow', inPlace)
  if (from === 1) {
    await change(all, 'calls', uncertain)
    await change(all, 'outbox', (waiting) => done(waiting, uncertain))
  }
}

const done = (waiting: Waiting, changed: (command: Command) => Command): Waiting =>
  waiting.command ? { ...waiting, command: changed(waiting.command) } : waiting

/** In version 1 the standard uncertainty of a reading was called its spread. */
const uncertain = <T>(value: T): T =>
  JSON.parse(JSON.stringify(value).replaceAll('"spread":', '"standardUncertainty":')) as T

/** Until version 5 a symptom was called a sign. */
const named = <T>(value: T): T =>
  JSON.parse(
    JSON.stringify(value)
      .replaceAll('"sign-settled"', '"symptom-settled"')
      .replaceAll(/(?<!\\)"sign(s?)":/g, '"symptom$1":'),
  ) as T

/** Until version 3 a new call was held against the parts alone that fit any maker's machines. */
const shelved = (days: NextDays): NextDays => ({
  ...days,
  kinds: days.kinds.map((kind) => ({
    ...kind,
    shelf: kind.shelf ?? kind.circumstances.shelf.map((part) => ({ part })),
  })),
})

/** Until version 7 no caution said what whoever has seen to it says. It is said of it as the core does where a pack is silent. */
const confirmed = (json: string) => eachOf('cautions', json, saidOf)
/** @param caution whole, or the id of one */
const saidOf = (caution: string | Partial<Caution>) =>
  typeof caution === 'string' ? caution : { done: `Done: ${lowerFirst(caution.title ?? '')}`, ...caution }

/** Until version 8 no proof said which pieces it needs in their place. */
const inPlace = (json: string) => eachOf('proofs', json, (proof: object) => ({ inPlace: [], ...proof }))

/** Changes each entry of the lists of that name. */
const eachOf = <T>(list: string, json: string, change: (one: T) => unknown) =>
  JSON.stringify(
    JSON.parse(json, (member, value) =>
      member === list && Array.isArray(value) ? (value as T[]).map(change) : (value as unknown),
    ),
  )

async function change<S extends 'calls' | 'knowhow' | 'outbox' | 'nextDays' | 'acknowledged'>(
  all: Upgrade,
  store: S,
  change: (value: Tables[S]['value']) => Tables[S]['value'],
) {
  for (let at = await all.objectStore(store).openCursor(); at; at = await at.continue())
    await at.update(change(at.value))
}
