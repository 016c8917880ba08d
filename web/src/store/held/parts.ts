import { Problem } from '../../api/problem'
import type { NewOfKind, StockedPart } from '../../api/types'
import { waitingOf } from '../outgoing/outbox'
import { nextDays } from './days'
import { me } from './held'
import { words } from './homes'
import type { OffVan } from './van'

interface Whose {
  account: string
  name: string
}

/** The parts for machines of some kinds that have every word of a search, or its barcode, with what of them is on somebody's own van. */
export function partsOf(kinds: NewOfKind[], taken: OffVan, whose: Whose, search: string): StockedPart[] {
  const wanted = words(search)
  return kinds
    .flatMap(({ kind, shelf }) => shelf.map(({ maker, part }) => ({ kind, maker, part })))
    .filter(({ maker, part }) => {
      const told = [part.number, part.name, maker ?? ''].join(' ').toLowerCase()
      return part.code === search.trim() || wanted.every((word) => told.includes(word))
    })
    .map(({ kind, maker, part: { onVan, ...part } }) => ({
      // What only the list itself says of a part is not on this device.
      part: { ...part, kind, maker, replaces: '', supplier: '', place: '', minimum: 0, version: 0 },
      vans: [{ ...whose, count: onVan - (taken[part.id] ?? 0) }],
      proposed: false,
    }))
    .sort((a, b) => (a.part.number < b.part.number ? -1 : 1))
}

/** The same, as this device knows it: with what was used on calls that have not been sent. */
export async function partsHere(search: string): Promise<StockedPart[]> {
  const days = await nextDays()
  if (!days) throw Problem.unreachable()
  const { account, name } = me()
  const taken: OffVan = {}
  for (const { offVan = {} } of await waitingOf(account))
    for (const [part, count] of Object.entries(offVan)) taken[part] = (taken[part] ?? 0) + count
  return partsOf(days.kinds, taken, { account, name }, search)
}
