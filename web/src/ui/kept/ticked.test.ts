import { expect, test } from 'vitest'
import { useTicked } from './ticked'

test('what is ticked stays with its day, and comes off again', () => {
  const today = useTicked('2031-05-06')
  today.tick('torch')
  today.tick('T20 driver')
  today.tick('torch')
  expect([...today.names.value]).toEqual(['T20 driver'])
  expect([...useTicked('2031-05-07').names.value]).toEqual([])
})

test('only the last days are kept', () => {
  for (const day of ['01', '02', '03', '04', '05']) useTicked(`2032-05-${day}`).tick('torch')
  expect(useTicked('2032-05-01').names.value.size).toBe(0)
  expect(useTicked('2032-05-05').names.value.size).toBe(1)
})
