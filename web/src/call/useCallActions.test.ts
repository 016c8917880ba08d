import { effectScope, ref } from 'vue'
import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { Problem } from '../api/problem'
import { callKey, queryClient } from '../api/queryClient'
import type { Call } from '../api/types'
import { checkMade } from '../judgement/finding'
import { enter } from '../store/outgoing/enter'
import { note, strike } from '../store/outgoing/tapped'
import { useCallActions } from './useCallActions'

vi.mock('../api/queries', () => ({ useSession: () => ({ data: ref(undefined) }) }))
vi.mock('../api/commands', () => ({
  commandTo: (call: string, change: object, id = 'new') => ({ id, call, change }),
}))
vi.mock('../store/outgoing/enter', () => ({
  anew: vi.fn(),
  enter: vi.fn(),
  sendAtOnce: vi.fn(),
  sendWhatWaits: vi.fn(),
}))
vi.mock('../store/held/held', () => ({ me: () => ({ account: 'maren' }) }))
vi.mock('../store/outgoing/tapped', () => ({ note: vi.fn(), strike: vi.fn() }))
vi.mock('../store/outgoing/outbox', () => ({ waits: () => true, refused: ref([]), settle: vi.fn() }))

const before = { complaint: 'before' } as Call
const view = { complaint: 'as foreseen' } as Call
const shown = () => queryClient.getQueryData<Call>(callKey('one'))
const finding = checkMade('hose', 'clear')

let scope: ReturnType<typeof effectScope>
beforeEach(() => {
  scope = effectScope()
  queryClient.setQueryData(callKey('one'), before)
  vi.mocked(note).mockReturnValue(true)
})
afterEach(() => {
  scope.stop()
  queryClient.clear()
  vi.resetAllMocks()
})

const actions = () => scope.run(() => useCallActions(ref('one'), () => ({ id: 'foreseen', view })))!

test('what is foreseen is shown while it is being kept, and goes by the id it was foreseen with', async () => {
  let isKept: (done: boolean) => void = () => undefined
  vi.mocked(enter).mockReturnValue(new Promise((done) => (isKept = done)))
  const settling = actions().settle(finding)
  await vi.waitFor(() => expect(enter).toHaveBeenCalled())
  expect(shown()).toEqual(view)
  const command = vi.mocked(enter).mock.calls[0]![0]
  expect(command.id).toBe('foreseen')
  expect(note).toHaveBeenCalledExactlyOnceWith({ account: 'maren', command })
  expect(strike).not.toHaveBeenCalled()
  isKept(true)
  expect(await settling).toBe(true)
  expect(strike).toHaveBeenCalledExactlyOnceWith('foreseen')
})

test('what cannot be written down is not shown before it is kept', async () => {
  vi.mocked(note).mockReturnValue(false)
  let isKept: (done: boolean) => void = () => undefined
  vi.mocked(enter).mockReturnValue(new Promise((done) => (isKept = done)))
  const settling = actions().settle(finding)
  await vi.waitFor(() => expect(enter).toHaveBeenCalled())
  expect(shown()).toEqual(before)
  isKept(true)
  expect(await settling).toBe(true)
})

test('what cannot be after all is not shown any longer', async () => {
  vi.mocked(enter).mockRejectedValue(new Problem('invalid', 'It is answered already.'))
  const all = actions()
  expect(await all.settle(finding)).toBe(false)
  expect(shown()).toEqual(before)
  expect(all.problem.value?.message).toBe('It is answered already.')
  expect(strike).toHaveBeenCalledExactlyOnceWith('foreseen')
})
