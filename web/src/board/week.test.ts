import { expect, test } from 'vitest'
import type { Board } from '../api/types'
import { daysShown, lanesOf, weekOf } from './week'

const call = (id: string, visit: string, minutes: number, closedAt?: number) => ({
  id,
  visit,
  minutes,
  closedAt,
  plannedAt: 540,
})
const board = (day: string, maren: object[], plan?: object) =>
  ({
    day,
    lanes: [
      { account: 'maren', name: 'Maren', calls: maren, plan },
      { account: 'rollo', name: 'Rollo', calls: [] },
    ],
  }) as unknown as Board

test('a week begins on Monday, whichever of its days is asked for', () => {
  const week = weekOf('2031-05-08')
  expect(week[0]).toBe('2031-05-05')
  expect(week[6]).toBe('2031-05-11')
  expect(weekOf('2031-05-05')).toEqual(week)
  expect(weekOf('2031-05-11')).toEqual(week)
})

test('of a weekend only what has something on it is shown', () => {
  const boards = weekOf('2031-05-05').map((day) =>
    board(day, day === '2031-05-10' ? [call('one', 'a', 30)] : []),
  )
  expect(daysShown(boards).map(({ day }) => day.slice(-2))).toEqual(['05', '06', '07', '08', '09', '10'])
})

test('a day sums up what is still to do on it', () => {
  const plan = { expected: { arrivals: [], driving: 25, late: 12 } }
  const calls = [call('one', 'a', 30), call('two', 'a', 40), call('three', 'b', 50, 1)]
  const [maren, rollo] = lanesOf([board('2031-05-05', calls, plan)])
  expect(maren!.cells[0]).toMatchObject({ work: 70, driving: 25, late: 12 })
  expect(maren!.cells[0]!.visits.map(({ id }) => id)).toEqual(['a', 'b'])
  expect(rollo!.cells[0]).toMatchObject({ visits: [], work: undefined, late: 0 })
})
