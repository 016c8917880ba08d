import 'fake-indexeddb/auto'
import { beforeEach, expect, test, vi } from 'vitest'
import { Problem } from '../../api/problem'
import type { Command, HeldCall, PartMoving, Taken } from '../../api/types'

const sent = vi.fn<(command: Command) => Promise<Taken>>()
const moved = vi.fn<(part: string, moving: PartMoving) => Promise<unknown>>()
vi.mock('../../api/moves', () => ({ moved: (part: string, moving: PartMoving) => moved(part, moving) }))
vi.mock('../../api/commands', () => ({ sent: (_: string, command: Command) => sent(command) }))
vi.stubGlobal('navigator', { locks: { request: (_: string, act: () => unknown) => act() } })

const { put, putRefused, read, refused, retry, send, settle, waiting } = await import('./outbox')
const { storage } = await import('../storage')

const command = (id: string, call = 'a call', kind = 'settle') => ({ id, call, change: { kind } }) as Command
const call: Taken = { call: 'a call', version: 1 }
const told = { taken: vi.fn(), refused: vi.fn(), moved: vi.fn() }
const ids = () => waiting.value.map((one) => one.command?.id)

beforeEach(async () => {
  await (await storage()).clear('outbox')
  await (await storage()).clear('calls')
  await read()
  vi.resetAllMocks()
})

async function done(...names: string[]) {
  for (const name of names) await put({ command: command(name), account: 'maren' }, {} as HeldCall)
}

test('what was done goes out once, in its order', async () => {
  await done('first', 'second', 'third')
  sent.mockResolvedValue(call)
  await Promise.all([send('maren', told), send('maren', told)])
  expect(sent.mock.calls.map(([one]) => one.id)).toEqual(['first', 'second', 'third'])
  expect(told.taken).toHaveBeenCalledTimes(3)
  expect(ids()).toEqual([])
})

test('what was entered on a call that is not begun waits with it, and goes with it', async () => {
  const other = command('other', 'another call')
  const begin = command('begin', 'a call', 'begin')
  await put({ command: begin, account: 'maren' }, {} as HeldCall)
  await done('first')
  await put({ command: other, account: 'maren' }, {} as HeldCall)
  sent.mockRejectedValueOnce(new Problem('invalid', 'No such machine.')).mockResolvedValue(call)
  await send('maren', told)
  expect(sent.mock.calls.map(([one]) => one.id)).toEqual(['begin', 'other'])
  expect(ids()).toEqual(['first'])

  await settle(refused.value[0]!)
  expect(ids()).toEqual([])
  const db = await storage()
  expect(await db.getAllKeys('calls')).toEqual(['another call'])
})

test('where there is no answer nothing overtakes, and it is tried again by itself', async () => {
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] })
  await done('first', 'second')
  sent.mockRejectedValueOnce(Problem.unreachable()).mockResolvedValue(call)
  await send('maren', told)
  expect(ids()).toEqual(['first', 'second'])
  vi.runAllTimers()
  vi.useRealTimers()
  await vi.waitFor(() => expect(ids()).toEqual([]))
  expect(sent.mock.calls.map(([one]) => one.id)).toEqual(['first', 'first', 'second'])
})

test('what is refused stays until somebody has looked, and what comes after it goes on', async () => {
  await done('first', 'second')
  sent.mockRejectedValueOnce(new Problem('stale', 'Answered meanwhile.')).mockResolvedValue(call)
  await send('maren', told)
  expect(told.refused).toHaveBeenCalledWith(command('first'))
  expect(ids()).toEqual([])
  expect(refused.value.map((one) => one.refused?.message)).toEqual(['Answered meanwhile.'])

  await retry(refused.value[0]!)
  expect(ids()).toEqual(['first'])
  sent.mockRejectedValue(new Problem('stale', 'Answered meanwhile.'))
  await send('maren', told)
  await settle(refused.value[0]!)
  expect(await read()).toEqual([])
})

test('nobody sends what somebody else has done', async () => {
  await done('of maren')
  await put({ command: command('of rollo'), account: 'rollo' }, {} as HeldCall)
  sent.mockResolvedValue(call)
  await send('rollo', told)
  expect(sent.mock.calls.map(([one]) => one.id)).toEqual(['of rollo'])
  expect(ids()).toEqual(['of maren'])
})

test('a full device says so, and keeps nothing by halves', async () => {
  const full = new DOMException('full', 'QuotaExceededError')
  vi.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(() => {
    throw full
  })
  expect(await put({ command: command('first'), account: 'maren' }, {} as HeldCall)).toBe(false)
  vi.restoreAllMocks()
  expect(await read()).toEqual([])
})

test('what one call takes off the van is off it for every other', async () => {
  const shelf = [{ id: 'valve', onVan: 3 }]
  const other = {
    call: { head: { id: 'another call' } },
    circumstances: { shelf },
  } as unknown as HeldCall
  await (await storage()).put('calls', other, 'another call')
  await put({ command: command('first'), account: 'maren', offVan: { valve: 2 } }, {} as HeldCall)
  const after = await (await storage()).get('calls', 'another call')
  expect(after?.circumstances.shelf[0]?.onVan).toBe(1)
})

test('what could not be done after all is looked at before anything becomes of it', async () => {
  await done('first')
  await putRefused({ command: command('second'), account: 'maren' }, new Problem('invalid', 'It is closed.'))
  await done('third')
  sent.mockResolvedValue(call)
  await send('maren', told)
  expect(sent.mock.calls.map(([one]) => one.id)).toEqual(['first', 'third'])
  expect(refused.value.map(({ command, refused }) => [command?.id, refused?.message])).toEqual([
    ['second', 'It is closed.'],
  ])
})

const move = (reason: PartMoving['reason'], count: number) => ({
  account: 'maren',
  offVan: { valve: -count },
  move: { at: 1, part: { id: 'valve', name: 'Valve' }, moving: { id: reason, reason, count, van: 'maren' } },
})

test('what came onto the van goes out between what was done before and after, and is on it for every call', async () => {
  const shelf = [{ id: 'valve', onVan: 0 }]
  const other = { call: { head: { id: 'another call' } }, circumstances: { shelf } } as unknown as HeldCall
  await (await storage()).put('calls', other, 'another call')
  await put({ command: command('first'), account: 'maren' }, other)
  await put(move('RECEIVED', 2))
  await put({ command: command('second'), account: 'maren' }, other)
  const kept = await (await storage()).get('calls', 'another call')
  expect(kept?.circumstances.shelf[0]?.onVan).toBe(2)

  const order: string[] = []
  sent.mockImplementation(({ id }) => Promise.resolve(order.push(id)).then(() => call))
  moved.mockImplementation((_, { id }) => Promise.resolve(order.push(id)).then(() => []))
  await send('maren', told)
  expect(order).toEqual(['first', 'RECEIVED', 'second'])
  expect(told.moved).toHaveBeenCalledOnce()
})

test('a count that is not taken stays until somebody has looked', async () => {
  await put(move('COUNTED', 2))
  moved.mockRejectedValue(new Problem('not-yours', 'Only the lead does.'))
  await send('maren', told)
  expect(refused.value.map((one) => one.refused?.message)).toEqual(['Only the lead does.'])
  await settle(refused.value[0]!)
  expect(await read()).toEqual([])
})
