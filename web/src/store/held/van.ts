import type { HeldCall, RecordOfCall } from '../../api/types'

/** Part id to how many of it a command takes off the van of whoever works here; below 0 for what it puts back. */
export type OffVan = Record<string, number>

function used(call: RecordOfCall, account: string): OffVan {
  const all: OffVan = {}
  for (const { account: whose, partId, source, used } of call.parts)
    if (source === 'VAN' && whose === account) all[partId] = (all[partId] ?? 0) + used
  return all
}

/** What a change of a call takes off somebody's van. */
export function offVan(before: RecordOfCall, after: RecordOfCall, account: string): OffVan {
  const was = used(before, account)
  const is = used(after, account)
  return Object.fromEntries(
    Object.keys({ ...was, ...is })
      .map((part) => [part, (is[part] ?? 0) - (was[part] ?? 0)] as const)
      .filter(([, count]) => count),
  )
}

/** A call that is held against a van with so much less on it. */
export function withOffVan<T extends Pick<HeldCall, 'circumstances'>>(one: T, taken: OffVan): T {
  const { circumstances } = one
  const shelf = circumstances.shelf.map((part) => ({ ...part, onVan: part.onVan - (taken[part.id] ?? 0) }))
  return { ...one, circumstances: { ...circumstances, shelf } }
}
