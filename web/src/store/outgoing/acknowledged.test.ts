import 'fake-indexeddb/auto'
import { beforeEach, expect, test, vi } from 'vitest'
import type { Command } from '../../api/types'

vi.mock('@vueuse/core', () => ({ useLocalStorage: (_: string, first: unknown) => ({ value: first }) }))

const { acknowledge, dropAcknowledged, hearHistory, prune } = await import('./acknowledged')
const { storage } = await import('../storage')

const DAY = 24 * 3600 * 1000
const command = (id: string, seq: number, call = 'a call') => ({ id, seq, call }) as Command
const outbox = async () => (await storage()).getAll('outbox')
const kept = async () => (await (await storage()).getAll('acknowledged')).map((one) => one.command?.id)

beforeEach(async () => {
  const db = await storage()
  await db.clear('outbox')
  await db.clear('acknowledged')
  await hearHistory('the first')
  await db.clear('outbox')
})

test('what was acknowledged is given back once, in its order and before what waits, when the log is another one', async () => {
  const db = await storage()
  await db.put('outbox', { place: 1, account: 'maren', command: command('waits', 12) })
  await acknowledge({ account: 'maren', command: command('second', 10) })
  await acknowledge({ account: 'rollo', command: command('first', 9) })
  await acknowledge({ account: 'maren', command: command('third', 11) })
  expect(await hearHistory('the first')).toBe(false)
  expect(await hearHistory('restored')).toBe(true)
  expect((await outbox()).map((one) => one.command?.id)).toEqual(['first', 'second', 'third', 'waits'])
  expect((await outbox()).map((one) => !!one.returned)).toEqual([true, true, true, false])
  expect(await kept()).toEqual([])
  expect(await hearHistory('restored')).toBe(false)
})

test('with its picture', async () => {
  const picture = new Blob(['what came off'])
  await acknowledge({ account: 'maren', command: command('photo', 1), picture })
  await hearHistory('restored')
  expect((await outbox())[0]!.picture).toBeDefined()
})

test('it is kept for a fortnight, and not once its call is gone for good', async () => {
  await acknowledge({ account: 'maren', command: command('one', 1) })
  await acknowledge({ account: 'maren', command: command('other', 2, 'another call') })
  await prune(Date.now() + 13 * DAY)
  expect(await kept()).toEqual(['one', 'other'])
  await dropAcknowledged('another call')
  expect(await kept()).toEqual(['one'])
  await prune(Date.now() + 15 * DAY)
  expect(await kept()).toEqual([])
})
