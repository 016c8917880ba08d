import { expect, test } from 'vitest'
import {
  days,
  clockTime,
  daysSince1970,
  hours,
  isoDay,
  minuteOfDay,
  often,
  percent,
  shiftDay,
} from './format'

test('no chance is said to be a certainty that is none', () => {
  expect(percent(0.9999)).toBe('>99%')
  expect(percent(0.0001)).toBe('<1%')
  expect(percent(1)).toBe('100%')
  expect(percent(0)).toBe('0%')
  expect(percent(0.455)).toBe('46%')
})

test('hours are rounded to what somebody would say', () => {
  expect(hours(23)).toBe('25 min')
  expect(hours(90)).toBe('1 h 30')
  expect(hours(1440)).toBe('a day')
  expect(hours(2880)).toBe('2 days')
})

test('cadences are said in the unit that fits', () => {
  expect(days(1)).toBe('day')
  expect(days(14)).toBe('2 weeks')
  expect(days(182)).toBe('6 months')
})

test('how often something is done is said once where it does not vary', () => {
  expect(often(30, 30)).toBe('every 4 weeks')
  expect(often(14, 182)).toBe('every 2 weeks to 6 months')
  expect(often(0, 30)).toBe('after each use to every 4 weeks')
  expect(often(0, 0)).toBe('after each use')
})

test('days are counted over the end of a month and of winter time', () => {
  expect(shiftDay('2026-11-30', 1)).toBe('2026-12-01')
  expect(shiftDay('2026-03-29', 1)).toBe('2026-03-30')
})

test('days since 1970 and minutes of the day are written as people do, and read back', () => {
  expect(clockTime(605)).toBe('10:05')
  expect(minuteOfDay('10:05')).toBe(605)
  expect(isoDay(22_405)).toBe('2031-05-06')
  expect(daysSince1970('2031-05-06')).toBe(22_405)
})
