import { effectScope, nextTick, ref, shallowRef } from 'vue'
import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import type { Call, CallChange, Command, Pack, Step } from '../api/types'
import { checkMade } from '../judgement/finding'
import { foresee } from '../store/held/held'
import { useForesight } from './useForesight'

vi.mock('../store/held/held', () => ({ foresee: vi.fn() }))
vi.mock('../api/commands', () => ({
  commandOf: (call: string, change: CallChange) => ({ id: `of ${JSON.stringify(change)}`, call, change }),
}))

const callOf = (complaint: string) => ({ head: { id: 'one' }, complaint, story: [] }) as unknown as Call
const prospects = [
  { outcome: 'clear', chance: 0.2 },
  { outcome: 'blocked', chance: 0.8 },
]
const step = { kind: 'CHECK', id: 'hose', prospects } as unknown as Step
const answer = (outcome: string): CallChange => ({ kind: 'settle', finding: checkMade('hose', outcome) })

let scope: ReturnType<typeof effectScope>
beforeEach(() => {
  vi.useFakeTimers()
  scope = effectScope()
})
afterEach(() => {
  scope.stop()
  vi.resetAllMocks()
  vi.useRealTimers()
})

function looking() {
  const call = shallowRef<Call | undefined>(callOf('as it was'))
  const foresight = scope.run(() =>
    useForesight(call, shallowRef(step), ref({ exclusive: [] } as unknown as Pack)),
  )!
  return { call, foresight }
}

test('what each answer makes of the call is known once the step has been read, the likeliest first', async () => {
  const asked: Command[] = []
  vi.mocked(foresee).mockImplementation((_, commands) => {
    asked.push(...commands)
    return Promise.resolve(callOf(JSON.stringify(commands[0]!.change)))
  })
  const { foresight } = looking()
  expect(foresight(answer('clear'))).toBeUndefined()
  await vi.advanceTimersByTimeAsync(300)
  expect(asked.map(({ change }) => change)).toEqual([answer('blocked'), answer('clear')])
  const foreseen = foresight(answer('clear'))
  expect(foreseen).toEqual({ id: asked[1]!.id, view: callOf(JSON.stringify(answer('clear'))) })
  expect(foresight(answer('half'))).toBeUndefined()
})

test('an id is given out once: the second time it would be taken for the same command', async () => {
  vi.mocked(foresee).mockResolvedValue(callOf('as foreseen'))
  const { foresight } = looking()
  await vi.advanceTimersByTimeAsync(300)
  expect(foresight(answer('clear'))).toBeDefined()
  expect(foresight(answer('clear'))).toBeUndefined()
})

test('what was foreseen of the call as it was is not shown of the call as it is', async () => {
  vi.mocked(foresee).mockResolvedValue(callOf('as foreseen'))
  const { call, foresight } = looking()
  await vi.advanceTimersByTimeAsync(300)
  call.value = callOf('as a colleague has changed it')
  await nextTick()
  expect(foresight(answer('clear'))).toBeUndefined()
})

test('a change that would be refused is not foreseen', async () => {
  vi.mocked(foresee).mockResolvedValue(undefined)
  const { foresight } = looking()
  await vi.advanceTimersByTimeAsync(300)
  expect(foresight(answer('clear'))).toBeUndefined()
})
