import { answer } from '../../api/client'
import type { HeldCall } from '../../api/types'
import { finish } from '../outgoing/enter'
import { held, hold } from './held'
import { doneTo, read } from '../outgoing/outbox'

/** What the core makes of a call, with what waits done to it; one that this device does not hold is got first. */
export async function ofCall<T>(id: string, ask: (one: HeldCall) => Promise<T>): Promise<T> {
  // A page that has just been loaded knows nothing yet of what waits.
  await finish()
  await read().catch(() => undefined)
  const before = doneTo(id)
  const said = await ask((await held(id)) ?? (await hold(id, answer)))
  // It may not have known what was done meanwhile.
  return doneTo(id) === before ? said : ofCall(id, ask)
}
