import { beforeEach, expect, test, vi } from 'vitest'
import type { HeldCall } from '../../api/types'
import { held, hold } from './held'
import { ofCall } from './ofCall'
import { doneTo } from '../outgoing/outbox'

vi.mock('../../api/client', () => ({ answer: vi.fn() }))
vi.mock('../outgoing/enter', () => ({ finish: () => Promise.resolve() }))
vi.mock('./held', () => ({ held: vi.fn(), hold: vi.fn() }))
vi.mock('../outgoing/outbox', () => ({ doneTo: vi.fn(), read: () => Promise.resolve() }))

const as = (knowhow: string) => ({ knowhow }) as HeldCall
const said = ({ knowhow }: HeldCall) => Promise.resolve(knowhow)

beforeEach(() => {
  vi.mocked(hold).mockReset()
  vi.mocked(doneTo).mockReset().mockReturnValue(0)
})

test('what is held is asked about, and the server nothing', async () => {
  vi.mocked(held).mockResolvedValue(as('held'))
  expect(await ofCall('one', said)).toBe('held')
  expect(hold).not.toHaveBeenCalled()
})

test('what is not held is got first', async () => {
  vi.mocked(held).mockResolvedValue(undefined)
  vi.mocked(hold).mockResolvedValue(as('got'))
  expect(await ofCall('one', said)).toBe('got')
})

test('what was done while the core was asked is not put back by its answer', async () => {
  let done = 0
  vi.mocked(doneTo).mockImplementation(() => done)
  vi.mocked(held).mockResolvedValueOnce(as('before')).mockResolvedValue(as('with what was done'))
  const asked = ofCall('one', (one) => {
    if (one.knowhow === 'before') done = 1
    return said(one)
  })
  expect(await asked).toBe('with what was done')
})
