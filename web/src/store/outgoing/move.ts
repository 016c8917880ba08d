import { moved } from '../../api/moves'
import { Problem } from '../../api/problem'
import type { PartMoving } from '../../api/types'
import { me } from '../held/held'
import { sendWhatWaits } from './enter'
import { put, waitingOf } from './outbox'

/** How many of a part go off somebody's own van by a move; below 0 for those that come onto it. */
export function goesOff({ reason, count, van, to }: PartMoving, own: string, onOwn: number): number {
  if (reason === 'COUNTED') return van === own ? onOwn - count : 0
  const off = reason === 'RECEIVED' ? -count : count
  return (van === own ? off : 0) - (to === own ? count : 0)
}

/**
 * Changes how many of a part are on a van: with signal at once; without, or after what waits already, as soon as there is some.
 *
 * @param onOwn how many are on the van of whoever does it, as this device knows it
 */
export async function movePart(part: { id: string; name: string }, moving: PartMoving, onOwn: number) {
  const { account } = me()
  const others = await waitingOf(account).catch(() => [])
  if (!others.length) {
    try {
      await moved(part.id, moving)
      return
    } catch (problem) {
      if (!(problem instanceof Problem && problem.passes)) throw problem
    }
  }
  const off = goesOff(moving, account, onOwn)
  const kept = await put({
    account,
    offVan: { [part.id]: off },
    move: { at: Date.now(), part, moving },
  }).catch(() => false)
  if (!kept) throw Problem.unreachable()
  void sendWhatWaits()
}
