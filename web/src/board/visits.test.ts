import { expect, test } from 'vitest'
import type { Lane, RoundCall } from '../api/types'
import { isLate, stateOf, visitsOf } from './visits'

const call = (id: string, visit: string, more: Partial<RoundCall> = {}) =>
  ({ id, visit, stepsTaken: 0, cancelled: false, ...more }) as RoundCall

test('two machines of one home are one visit', () => {
  const plan = { expected: { arrivals: [{ visit: 'a', chanceLate: 0.5 }] } } as Lane['plan']
  const visits = visitsOf([call('1', 'a'), call('2', 'b'), call('3', 'a')], plan)
  expect(visits.map(({ id, calls }) => [id, calls.length])).toEqual([
    ['a', 2],
    ['b', 1],
  ])
  expect(isLate(visits[0]!.arrival)).toBe(true)
  expect(isLate(visits[1]!.arrival)).toBe(false)
})

test('a call says how far it has come', () => {
  expect(stateOf(call('1', 'a'))).toBe('to do')
  expect(stateOf(call('1', 'a', { stepsTaken: 2 }))).toBe('begun')
  expect(stateOf(call('1', 'a', { stepsTaken: 2, closedAt: 1 }))).toBe('closed')
  expect(stateOf(call('1', 'a', { closedAt: 1, cancelled: true }))).toBe('cancelled')
})
