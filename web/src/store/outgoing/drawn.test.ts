import 'fake-indexeddb/auto'
import { beforeEach, expect, test, vi } from 'vitest'
import { callKey, queryClient } from '../../api/queryClient'
import type { Call, HeldCall } from '../../api/types'
import { drawAhead, drawAsBefore } from './drawn'
import { held, viewOf } from '../held/held'
import { storage } from '../storage'

const { quiet } = await vi.hoisted(async () => ({ quiet: (await import('vue')).ref(true) }))
vi.mock('@vueuse/core', async (actual) => ({ ...(await actual<object>()), useIdle: () => ({ idle: quiet }) }))
vi.mock('../../core/core', () => ({ build: 'core-2.js' }))
vi.mock('../held/held', () => ({ held: vi.fn(), viewOf: vi.fn() }))

const view = { complaint: 'as before', head: { id: 'one', version: 3 } } as Call
const at = (version: number) => ({ call: { head: { id: 'one', version } } }) as HeldCall
const drawn = () => queryClient.getQueryData(callKey('one'))

beforeEach(() => queryClient.clear())

test('a call that stands as it did is drawn as it was, before the core has spoken', async () => {
  await (await storage()).put('drawn', { by: 'core-2.js', view }, 'one')
  vi.mocked(held).mockResolvedValue(at(3))
  await drawAsBefore('one')
  expect(drawn()).toEqual(view)
})

test('one that has changed since, or that another core drew, is not', async () => {
  await (await storage()).put('drawn', { by: 'core-2.js', view }, 'one')
  vi.mocked(held).mockResolvedValue(at(4))
  await drawAsBefore('one')
  expect(drawn()).toBeUndefined()
  await (await storage()).put('drawn', { by: 'core-1.js', view }, 'one')
  vi.mocked(held).mockResolvedValue(at(3))
  await drawAsBefore('one')
  expect(drawn()).toBeUndefined()
})

test('what the core has said already stays', async () => {
  await (await storage()).put('drawn', { by: 'core-2.js', view }, 'one')
  vi.mocked(held).mockResolvedValue(at(3))
  queryClient.setQueryData(callKey('one'), { complaint: 'anew' })
  await drawAsBefore('one')
  expect(drawn()).toEqual({ complaint: 'anew' })
})

test('what may be opened next is worked out once', async () => {
  await (await storage()).clear('drawn')
  vi.mocked(viewOf).mockResolvedValue(view)
  await drawAhead([at(3)])
  await drawAhead([at(3)])
  expect(viewOf).toHaveBeenCalledTimes(1)
  vi.mocked(held).mockResolvedValue(at(3))
  await drawAsBefore('one')
  expect(drawn()).toEqual(view)
})

test('it is not worked out while somebody taps', async () => {
  await (await storage()).clear('drawn')
  vi.mocked(viewOf).mockReset().mockResolvedValue(view)
  quiet.value = false
  const ahead = drawAhead([at(3)])
  await new Promise((later) => setTimeout(later))
  expect(viewOf).not.toHaveBeenCalled()
  quiet.value = true
  await ahead
  expect(viewOf).toHaveBeenCalledOnce()
})
