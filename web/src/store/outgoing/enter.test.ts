import { beforeEach, expect, test, vi } from 'vitest'
import { sent } from '../../api/commands'
import type { Command, HeldCall, Taken } from '../../api/types'
import { sendAtOnce } from './enter'
import { held, hold } from '../held/held'

vi.mock('../../api/commands', () => ({ sent: vi.fn() }))
vi.mock('../../core/core', () => ({ ask: vi.fn(), tell: vi.fn() }))
vi.mock('../held/held', () => ({
  held: vi.fn(),
  hold: vi.fn(),
  me: () => ({ account: 'maren' }),
  viewOf: vi.fn(),
}))
vi.mock('../held/nextDays', () => ({ nextDays: vi.fn(), prepareAnew: vi.fn() }))
vi.mock('./outbox', () => ({}))
vi.mock('../storage', () => ({ alone: (_: string, act: () => Promise<unknown>) => act() }))
vi.mock('./tapped', () => ({}))

const command = { id: 'settles', call: 'one' } as Command
const of = (version: number) => ({ call: { head: { id: 'one', version } } }) as HeldCall

beforeEach(() => {
  vi.resetAllMocks()
  vi.mocked(sent).mockResolvedValue({ version: 2 } as Taken)
  vi.mocked(hold).mockResolvedValue(of(2))
})

test('a call that came here as it was before what was sent is asked for once more', async () => {
  vi.mocked(held).mockResolvedValue(of(1))
  await sendAtOnce(command)
  expect(hold).toHaveBeenCalledExactlyOnceWith('one')
})

test('one that is as the server has it is not', async () => {
  vi.mocked(held).mockResolvedValue(of(2))
  await sendAtOnce(command)
  expect(hold).not.toHaveBeenCalled()
})

test('one that is not here is got, as nothing else is drawn', async () => {
  vi.mocked(held).mockResolvedValue(undefined)
  await sendAtOnce(command)
  expect(hold).toHaveBeenCalledExactlyOnceWith('one')
})
