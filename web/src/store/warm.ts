import { api } from '../api/client'
import { viewOfKnowhow } from '../api/queries'
import type { NextDays } from '../api/types'
import { held } from './held'

/**
 * Asks once for what the service worker keeps of the server's answers, so that it is there without signal: it saw nothing of what was
 * asked before it was at work.
 *
 * @returns whether it is at work
 */
export async function warm({ calls, kinds }: NextDays): Promise<boolean> {
  const worker = navigator.serviceWorker?.controller
  if (worker?.state !== 'activated') return false
  const seen = new Set<string>()
  for (const { call } of calls) {
    const one = await held(call)
    if (one) seen.add(JSON.stringify([one.call.machine.kind, one.call.head.revision, one.family]))
  }
  for (const { kind, revision } of kinds) {
    seen.add(JSON.stringify([kind]))
    seen.add(JSON.stringify([kind, revision]))
  }
  await api.GET('/api/session')
  await api.GET('/api/know-how')
  await api.GET('/api/schools')
  await api.GET('/api/business')
  await api.GET('/api/units')
  for (const key of seen) {
    const [kind, revision, family] = JSON.parse(key) as [string, number?, string?]
    await viewOfKnowhow(kind, revision, family)
  }
  return true
}
