import { callKey, queryClient } from '../api/queryClient'
import { show } from './outgoing/enter'
import { held, hold, viewOf } from './held/held'
import { storage } from './storage'

const isDrawn = (call: string) => !!queryClient.getQueryState(callKey(call))

/** The calls that this device holds beside one that was changed: they say of it whether it is closed. */
async function besides(changed: string[]): Promise<string[]> {
  const all = await storage()
    .then((db) => db.getAll('calls'))
    .catch(() => [])
  return all
    .filter(({ beside }) => beside.some(({ callId }) => changed.includes(callId)))
    .map(({ call }) => call.head.id)
}

/**
 * Gets those calls anew that this device holds or shows, and draws what is shown.
 *
 * @param ours those of whoever works on this device
 */
export async function changedElsewhere(changed: string[], ours: string[]) {
  const here = []
  for (const call of changed) if (isDrawn(call) || (await held(call))) here.push(call)
  const beside = ours.length ? await besides(ours) : []
  for (const call of new Set([...here, ...beside])) {
    const one = await hold(call).catch(() => undefined)
    if (!isDrawn(call)) continue
    if (one) await viewOf(one).then(show)
    // It may have been erased.
    else await queryClient.invalidateQueries({ queryKey: callKey(call) })
  }
}
