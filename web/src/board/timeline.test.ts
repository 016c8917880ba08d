import { expect, test } from 'vitest'
import { along, minuteAt } from './timeline'

test('a minute stands where it is dropped', () => {
  for (const minute of [420, 540, 735, 1140]) expect(minuteAt(along(minute) / 100)).toBe(minute)
})

test('what is before or after the hours that are shown stands at their ends', () => {
  expect(along(0)).toBe(0)
  expect(along(1439)).toBe(100)
})
