import { useLocalStorage } from '@vueuse/core'
import type { Command } from '../../api/types'
import { storage, type Waiting } from '../storage'

/** So long a device can give back what the server has acknowledged: as long as changes between backups are kept. */
const KEPT_MS = 14 * 24 * 3600 * 1000

/** A command that the server has acknowledged. */
export interface Acknowledged {
  /** Of whoever did it. */
  account: string
  command: Command
  /** Of a photo that was added. */
  picture?: Blob
  /** When it was acknowledged, in milliseconds since 1970. */
  at: number
}

/** Id of the history of the server's log, as this device knows it: a restored database has another one. */
const known = useLocalStorage('grimy-gasket:history', '')

/** Keeps what the server has acknowledged, for as long as it may be wanted back. Without storage, or room, it is not kept. */
export const acknowledge = (one: Omit<Acknowledged, 'at'>): Promise<void> =>
  storage()
    .then((db) => db.put('acknowledged', { ...one, at: Date.now() }))
    .then(
      () => undefined,
      () => undefined,
    )

/** Drops what is too old to be wanted back. */
export async function prune(now = Date.now()) {
  const db = await storage()
  for (const one of await db.getAll('acknowledged'))
    if (now - one.at > KEPT_MS) await db.delete('acknowledged', one.command.id)
}

/** Drops what was done to a call that is gone for good. */
export async function dropAcknowledged(call: string) {
  const db = await storage()
  for (const one of await db.getAll('acknowledged'))
    if (one.command.call === call) await db.delete('acknowledged', one.command.id)
}

/**
 * Hears which history the server's log is. When it is another one, the database was restored from a backup: everything that was
 * acknowledged before waits once more, in its order and before all that waits already. What the server still has does nothing twice.
 *
 * @returns whether something is to be given back
 */
export async function hearHistory(id: string): Promise<boolean> {
  if (known.value === id) return false
  const isFirst = !known.value
  const back = !isFirst && (await giveBack().catch(() => false))
  known.value = id
  return back
}

async function giveBack(): Promise<boolean> {
  const both = (await storage()).transaction(['acknowledged', 'outbox'], 'readwrite', {
    durability: 'strict',
  })
  const all = await both.objectStore('acknowledged').getAll()
  const outbox = both.objectStore('outbox')
  const first = ((await outbox.openKeyCursor())?.key ?? 1) - all.length
  all
    .sort((one, other) => one.command.seq - other.command.seq)
    .forEach(({ account, command, picture }, i) => {
      const waiting: Waiting = { place: first + i, account, command, picture, returned: true }
      void outbox.put(waiting)
    })
  void both.objectStore('acknowledged').clear()
  await both.done
  return all.length > 0
}
