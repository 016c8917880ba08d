import 'fake-indexeddb/auto'
import { expect, test, vi } from 'vitest'
import type { PartMoving } from '../../api/types'

vi.mock('./enter', () => ({ sendWhatWaits: vi.fn() }))
const { goesOff } = await import('./move')

const off = (reason: PartMoving['reason'], count: number, van: string, to?: string) =>
  goesOff({ id: 'one', reason, count, van, to }, 'own', 3)

test('what a move takes off one’s own van', () => {
  expect(off('RECEIVED', 2, 'own')).toBe(-2)
  expect(off('WRITTEN_OFF', 2, 'own')).toBe(2)
  expect(off('COUNTED', 1, 'own')).toBe(2)
  expect(off('GIVEN', 1, 'own', 'rollo')).toBe(1)
  expect(off('GIVEN', 1, 'store', 'own')).toBe(-1)
})

test('what happens on another van does not', () => {
  expect(off('RECEIVED', 2, 'rollo')).toBe(0)
  expect(off('COUNTED', 1, 'rollo')).toBe(0)
  expect(off('GIVEN', 1, 'store', 'rollo')).toBe(0)
})
