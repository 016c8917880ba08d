import { expect, test } from 'vitest'
import { mailOf, mapOf, smsOf, telOf } from './links'

test('a number is dialled without its spaces', () => {
  expect(telOf('0455 21 60 18')).toBe('tel:0455216018')
  expect(smsOf('0455 21', 'Late, sorry')).toBe('sms:045521?body=Late%2C%20sorry')
  expect(mailOf('o@brask.example', 'Late', 'A & B')).toBe(
    'mailto:o%40brask.example?subject=Late&body=A%20%26%20B',
  )
})

test('a map is asked for the place, and for the street where there is none', () => {
  expect(mapOf({ street: '2 Weir Lane' })).toBe('geo:0,0?q=2%20Weir%20Lane')
  expect(mapOf({ street: 'Quay', at: { latitude: 54, longitude: 2.5 } })).toBe('geo:54,2.5?q=54%2C2.5(Quay)')
})
