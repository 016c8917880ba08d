import type { Article, PartOrder, PartUse } from '../../api/types'
import { dayName } from '../../ui/text/format'

/** A part that a call waits for, and when it can go in. */
export interface WaitsFor {
  /** Of its use. */
  id: string
  name: string
  says: string
  /** From which day on it is there, as far as anybody has said; none where it is there. */
  from?: string
  /** Whether nobody knows when it will be there. */
  open?: boolean
}

/**
 * The parts that were ordered for a call, and where each is.
 *
 * @param orders of which something is still to come; none while they are not known, as without signal
 */
export function waitsFor(parts: PartUse[], shelf: Article[], orders?: PartOrder[]): WaitsFor[] {
  const coming = (orders ?? []).flatMap(({ lines }) => lines).filter((line) => line.coming)
  return parts
    .filter(({ source }) => source === 'ORDERED')
    .map(({ id, partId, name, used }) => {
      const onVan = shelf.find((one) => one.id === partId)?.onVan ?? 0
      if (onVan >= used) return { id, name, says: 'on your van' }
      if (!orders)
        return { id, name, says: 'not on your van; whether it is on order is not known just now', open: true }
      const days = coming.filter(({ part }) => part === partId).map(({ promised }) => promised)
      const from = days.filter((day) => day !== undefined).sort()[0]
      if (from) return { id, name, says: `to come on ${dayName(from)}`, from }
      return {
        id,
        name,
        says: days.length ? 'on order, and nobody has said for when' : 'not on your van, and not on order',
        open: true,
      }
    })
}
