import { expect, test } from 'vitest'
import { pathOf, strokesText, type Stroke } from './strokes'

const POINT = /^\d{1,3},\d{1,3}$/

test('a stroke is written point by point, whole numbers', () => {
  expect(
    strokesText([
      [[1.2, 2.6]],
      [
        [10, 10],
        [20.4, 30],
      ],
    ]),
  ).toBe('1,3;10,10 20,30')
})

test('points that say nothing new are left out', () => {
  expect(
    strokesText([
      [
        [0, 0],
        [0.5, 0],
        [1, 0],
        [9, 0],
        [9.4, 0],
      ],
    ]),
  ).toBe('0,0 9,0')
})

test('the longest signature fits, and every point of it is whole', () => {
  const scrawl: Stroke[] = Array.from({ length: 60 }, (_, i) =>
    Array.from({ length: 400 }, (_, j) => [(i * 37 + j * 13) % 300, (i * 11 + j * 29) % 100]),
  )
  const text = strokesText(scrawl)
  expect(text.length).toBeLessThanOrEqual(1700)
  for (const point of text.split(/[ ;]/)) expect(point).toMatch(POINT)
  expect(strokesText(Array.from({ length: 900 }, (): Stroke => [[1, 1]]))).not.toBe('')
})

test('a dot is drawn, too', () => {
  expect(pathOf('5,6;1,2 3,4')).toBe('M5,6 5,6M1,2 3,4 3,4')
})
