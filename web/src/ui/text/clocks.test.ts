import { expect, test } from 'vitest'
import { clock, dayOf, goBy, otherDay } from './clocks'

const LISBON = {
  zone: 'Europe/Lisbon',
  changes: [
    { at: Date.parse('2026-01-01T00:00Z'), offset: 0 },
    { at: Date.parse('2026-03-29T01:00Z'), offset: 60 },
    { at: Date.parse('2026-10-25T01:00Z'), offset: 0 },
  ],
}

test('days and times are those of where the business works, over both changes of its clocks', () => {
  goBy(LISBON)
  expect(clock('2026-03-29T00:59Z')).toBe('00:59')
  expect(clock('2026-03-29T01:00Z')).toBe('02:00')
  // The hour that comes twice.
  expect(clock('2026-10-25T00:30Z')).toBe('01:30')
  expect(clock('2026-10-25T01:30Z')).toBe('01:30')
  expect(dayOf('2026-10-24T22:59Z')).toBe('2026-10-24')
  expect(dayOf('2026-10-24T23:00Z')).toBe('2026-10-25')
  expect(dayOf('2026-10-25T23:30Z')).toBe('2026-10-25')
  expect(otherDay('2026-10-24T23:00Z')).toBe('25 Oct')
})

test('what came before the first change that is known went by the same clocks', () => {
  goBy(LISBON)
  expect(dayOf('2019-07-01T23:30Z')).toBe('2019-07-01')
})

test('an answer of before, without clocks, changes nothing', () => {
  goBy(LISBON)
  goBy(undefined)
  expect(clock('2026-03-29T01:00Z')).toBe('02:00')
})
