import { expect, test } from 'vitest'
import { waitingText } from './steps'

const waiting = (way: Parameters<typeof waitingText>[0]['way'], minutes: number) =>
  waitingText({ way, minutes, charged: 0 })

test('a day of drying is said as a day, and how it is borne', () => {
  expect(waiting('RETURN_DRY', 1440)).toBe('dries a day: come back')
  expect(waiting('SPARE', 1440)).toBe('dries a day: a dry spare goes in')
  expect(waiting('LEAVE', 720)).toBe('dries 12 h 00: the customer puts it back')
})

test('what is short is waited for, and a missing part is fetched', () => {
  expect(waiting('WAIT', 20)).toBe('and 20 min to dry')
  expect(waiting('RETURN_PART', 50)).toBe('and 50 min to fetch the part')
  expect(waiting('NONE', 0)).toBe('')
})
