import { expect, test } from 'vitest'
import type { HeldCall, RecordOfCall } from '../../api/types'
import { offVan, withOffVan } from './van'

const call = (...parts: [part: string, used: number, source: string, account: string][]) =>
  ({
    parts: parts.map(([partId, used, source, account]) => ({ partId, used, source, account })),
  }) as unknown as RecordOfCall

test('what a change takes off one’s own van is counted, and nothing else', () => {
  const before = call(['valve', 1, 'VAN', 'maren'], ['hose', 2, 'VAN', 'maren'])
  const after = call(
    ['valve', 1, 'VAN', 'maren'],
    ['valve', 2, 'VAN', 'maren'],
    ['pump', 1, 'ORDERED', 'maren'],
    ['seal', 1, 'VAN', 'rollo'],
  )
  expect(offVan(before, after, 'maren')).toEqual({ valve: 2, hose: -2 })
  expect(offVan(after, after, 'maren')).toEqual({})
})

test('a call is held against what is left on the van', () => {
  const shelf = [
    { id: 'valve', onVan: 3 },
    { id: 'hose', onVan: 0 },
  ]
  const held = { circumstances: { shelf } } as unknown as HeldCall
  const after = withOffVan(held, { valve: 2, hose: -2 })
  expect(after.circumstances.shelf.map(({ onVan }) => onVan)).toEqual([1, 2])
  expect(shelf[0]!.onVan).toBe(3)
})
