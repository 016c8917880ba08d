import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { Problem } from '../../api/problem'
import { patiently } from './patiently'

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
