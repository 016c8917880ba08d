import 'fake-indexeddb/auto'
import { beforeEach, expect, test, vi } from 'vitest'
import { Problem } from '../../api/problem'
import { holdAll } from './held'
import { prepare, roundHere } from './nextDays'

const today = new Date().toISOString().slice(0, 10)
const days = { today, calls: [{ call: 'one', version: 1 }], kinds: [] }

vi.mock('../../api/client', () => ({
  answerQuietly: (ask: () => unknown) => ask(),
  api: { GET: () => days },
}))
vi.mock('../../core/core', () => ({ fetchKnowhow: vi.fn() }))
vi.mock('../outgoing/drawn', () => ({ drawAhead: vi.fn() }))
vi.mock('../outgoing/acknowledged', () => ({ prune: vi.fn() }))
vi.mock('../warm', () => ({ warm: () => Promise.resolve(true) }))
vi.mock('./held', () => ({
  held: vi.fn(),
  hold: vi.fn(),
  holdAll: vi.fn(),
  letGo: vi.fn(),
  me: () => ({ account: 'maren' }),
  roundOf: () => Promise.resolve({ calls: [], leftOpen: [] }),
  session: () => ({}),
}))
vi.mock('../../ui/text/clocks', () => ({ isoToday: () => today }))

beforeEach(() => void vi.mocked(holdAll).mockReset().mockResolvedValue([]))

test('a day of which a call is not here yet is not said to be empty', async () => {
  vi.mocked(holdAll).mockImplementation(async () => {
    await expect(roundHere()).rejects.toThrow('this day is not kept on this device')
    throw Problem.unreachable()
  })
  await expect(prepare()).rejects.toBeInstanceOf(Problem)
  await expect(roundHere()).rejects.toThrow('this day is not kept on this device')
})

test('a day of which every call is here is', async () => {
  await prepare()
  expect(holdAll).toHaveBeenCalledWith(['one'])
  expect((await roundHere()).day).toBe(today)
})
