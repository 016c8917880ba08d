import 'fake-indexeddb/auto'
import { expect, test, vi } from 'vitest'
import type { HeldCall } from '../../api/types'
import { Problem } from '../../api/problem'
import { reportOf } from './held'

vi.mock('../../core/core', () => ({ tell: vi.fn(), ask: vi.fn(), fetchKnowhow: vi.fn() }))

test('a report is asked for again where it is not known yet whose it is', async () => {
  const failing = await reportOf({ knowhow: 'dryer/1' } as HeldCall).catch((problem: unknown) => problem)
  expect(failing).toBeInstanceOf(Problem)
  expect((failing as Problem).passes).toBe(true)
})
