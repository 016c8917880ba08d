import { patience } from '../api/client'
import { Problem } from '../api/problem'
import type { HeldCall } from '../api/types'
import { finish } from './enter'
import { held } from './held'
import { doneTo, read, waits } from './outbox'

/** So long the server is waited for where this device can answer itself. */
const SOON_MS = 4_000

/**
 * What the server says of a call; where it does not answer, or does not know yet what was done here, what this device makes
 * of it.
 */
export async function orHere<T>(
  id: string,
  request: (signal?: AbortSignal) => Promise<T>,
  here: (one: HeldCall) => Promise<T>,
): Promise<T> {
  // A page that has just been loaded knows nothing yet of what waits.
  await finish()
  await read().catch(() => undefined)
  const before = doneTo(id)
  const one = await held(id)
  if (!one) return request()
  const answer = waits(id) ? await here(one) : await patiently(request, () => here(one))
  // Neither may have known what was done here meanwhile.
  return doneTo(id) === before ? answer : here((await held(id)) ?? one)
}

/** The same of something that may be about a call, or about none. */
export const ofCallOrHere = <T>(
  id: string | undefined,
  request: (signal?: AbortSignal) => Promise<T>,
  here: (id?: string) => Promise<T>,
): Promise<T> => (id ? orHere(id, request, () => here(id)) : patiently(request, () => here()))

/** What the server says, or where it does not answer soon what is known here; who knows nothing here waits for it longer. */
export async function patiently<T>(
  request: (signal: AbortSignal) => Promise<T>,
  here: () => Promise<T>,
): Promise<T> {
  const enough = new AbortController()
  const asked = request(AbortSignal.any([enough.signal, patience()]))
  const soon = await Promise.race([asked.then(yes, yes), wait(SOON_MS).then(() => false)])
  if (!soon) {
    const known = await here().catch(() => undefined)
    if (known !== undefined) {
      asked.catch(() => undefined)
      enough.abort()
      return known
    }
  }
  return asked.catch((problem: unknown) => {
    if (problem instanceof Problem && problem.passes) return here()
    throw problem
  })
}

const yes = () => true
const wait = (ms: number) => new Promise((go) => setTimeout(go, ms))
