import { patience } from '../../api/client'
import { Problem } from '../../api/problem'

/** So long the server is waited for where this device knows something itself. */
const SOON_MS = 4_000

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
