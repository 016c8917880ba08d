import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { Problem } from '../api/problem'
import type { HeldCall } from '../api/types'
import { held } from './held'
import { orHere, patiently } from './orHere'
import { doneTo, waits } from './outbox'

vi.mock('./enter', () => ({ finish: () => Promise.resolve() }))
vi.mock('./held', () => ({ held: vi.fn() }))
vi.mock('./outbox', () => ({ doneTo: vi.fn(), read: () => Promise.resolve(), waits: vi.fn() }))

beforeEach(() => void vi.useFakeTimers())
afterEach(() => void vi.useRealTimers())

const after = (ms: number) => () =>
  new Promise<string>((answered) => setTimeout(() => answered('of the server'), ms))
const nothingHere = () => Promise.reject(Problem.unreachable())

test('a server that answers soon is heard', async () => {
  const asked = patiently(after(1_000), () => Promise.resolve('known here'))
  await vi.advanceTimersByTimeAsync(1_000)
  expect(await asked).toBe('of the server')
})

test('a slow one is not waited for where something is known here, and is told so', async () => {
  let told: AbortSignal | undefined
  const asked = patiently(
    (signal) => {
      told = signal
      return after(10_000)()
    },
    () => Promise.resolve('known here'),
  )
  await vi.advanceTimersByTimeAsync(4_000)
  expect(await asked).toBe('known here')
  expect(told?.aborted).toBe(true)
})

test('a slow one is waited for where nothing is known here', async () => {
  const asked = patiently(after(10_000), nothingHere)
  await vi.advanceTimersByTimeAsync(10_000)
  expect(await asked).toBe('of the server')
})

test('without a server that is said which is known of here, and its refusals are passed on', async () => {
  expect(await patiently(nothingHere, () => Promise.resolve('known here'))).toBe('known here')
  const refused = new Problem('not-found', 'Not on file.')
  await expect(
    patiently(
      () => Promise.reject(refused),
      () => Promise.resolve('known here'),
    ),
  ).rejects.toBe(refused)
})

const heldAs = (knowhow: string) => ({ knowhow }) as HeldCall
const here = ({ knowhow }: HeldCall) => Promise.resolve(knowhow)

test('what the server does not know yet is not asked of it', async () => {
  vi.mocked(held).mockResolvedValue(heldAs('with what waits'))
  vi.mocked(waits).mockReturnValue(true)
  expect(await orHere('one', after(1), here)).toBe('with what waits')
})

test('what was done here while the server was asked is not put back by its answer', async () => {
  let done = 0
  vi.mocked(doneTo).mockImplementation(() => done)
  vi.mocked(waits).mockReturnValue(false)
  vi.mocked(held).mockResolvedValueOnce(heldAs('before')).mockResolvedValue(heldAs('with what was done'))
  const asked = orHere('one', after(1_000), here)
  await vi.advanceTimersByTimeAsync(500)
  done = 1
  await vi.advanceTimersByTimeAsync(500)
  expect(await asked).toBe('with what was done')
})

test('otherwise its answer is taken', async () => {
  vi.mocked(doneTo).mockReturnValue(3)
  vi.mocked(waits).mockReturnValue(false)
  vi.mocked(held).mockResolvedValue(heldAs('here'))
  const asked = orHere('one', after(1_000), here)
  await vi.advanceTimersByTimeAsync(1_000)
  expect(await asked).toBe('of the server')
})
