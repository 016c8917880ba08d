import { api } from '../api/client'
import { viewOfKnowhow } from '../api/queries'
import type { NextDays } from '../api/types'
import { address } from '../core/core'
import { keepsPastOf } from './storage'

/**
 * Asks once for what the service worker keeps of the server's answers, so that it is there without signal: it saw nothing of what was
 * asked before it was at work.
 *
 * @param machines of the next days, of which it is kept what they had before
 * @returns whether it is at work
 */
export async function warm({ kinds }: NextDays, machines: string[]): Promise<boolean> {
  const worker = navigator.serviceWorker?.controller
  if (worker?.state !== 'activated') return false
  await fetch(await address())
  await api.GET('/api/session')
  await api.GET('/api/know-how')
  await api.GET('/api/schools')
  await api.GET('/api/business')
  await api.GET('/api/business/logo')
  await api.GET('/api/units')
  for (const { kind } of kinds) await viewOfKnowhow(kind)
  for (const machineId of machines)
    if (!(await keepsPastOf(machineId)))
      await api.GET('/api/machines/{machineId}', { params: { path: { machineId } } })
  return true
}
