import { beforeEach, expect, test, vi } from 'vitest'
import { callKey, queryClient } from '../api/queryClient'
import type { Call, HeldCall } from '../api/types'
import { changedElsewhere } from './changedElsewhere'
import { held, hold, viewOf } from './held/held'

const kept = vi.hoisted(() => [] as HeldCall[])
const show = vi.hoisted(() => vi.fn())

vi.mock('./outgoing/enter', () => ({ show }))
vi.mock('./held/held', () => ({ held: vi.fn(), hold: vi.fn(), viewOf: vi.fn() }))
vi.mock('./storage', () => ({ storage: () => Promise.resolve({ getAll: () => kept }) }))

const of = (id: string, ...beside: string[]) =>
  ({ call: { head: { id } }, beside: beside.map((callId) => ({ callId })) }) as unknown as HeldCall

beforeEach(() => {
  queryClient.clear()
  kept.length = 0
  show.mockReset()
  vi.mocked(held).mockReset().mockResolvedValue(undefined)
  vi.mocked(hold)
    .mockReset()
    .mockImplementation((id) => Promise.resolve(of(id)))
  vi.mocked(viewOf).mockResolvedValue({ complaint: 'anew' } as Call)
})

test('what neither is held nor shown here is nobody’s business here', async () => {
  await changedElsewhere(['theirs'], [])
  expect(hold).not.toHaveBeenCalled()
})

test('what is held is got once, and drawn only where it is shown', async () => {
  vi.mocked(held).mockResolvedValue(of('held'))
  await changedElsewhere(['held'], [])
  expect(hold).toHaveBeenCalledExactlyOnceWith('held')
  expect(show).not.toHaveBeenCalled()
  queryClient.setQueryData(callKey('held'), {})
  await changedElsewhere(['held'], [])
  expect(show).toHaveBeenCalledExactlyOnceWith({ complaint: 'anew' })
})

test('a call beside one of ours says whether that is closed', async () => {
  kept.push(of('other', 'ours'), of('apart'))
  await changedElsewhere(['ours'], ['ours'])
  expect(hold).toHaveBeenCalledExactlyOnceWith('other')
})
