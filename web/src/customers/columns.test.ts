import { expect, test } from 'vitest'
import { guess, headerOf } from './columns'

test('the first line names the columns, whatever stands between them', () => {
  expect(headerOf('\uFEFFClient;"Address";Tel\r\nAda;1 Weir Lane;')).toEqual(['Client', 'Address', 'Tel'])
  expect(headerOf('name,street\n')).toEqual(['name', 'street'])
  expect(headerOf('Name\tStreet')).toEqual(['Name', 'Street'])
})

test('what a column is follows from its name as far as it can', () => {
  expect(guess(['Client', 'Address', 'Mobile', 'Brand', 'Colour'])).toEqual({
    name: 'Client',
    street: 'Address',
    phone: 'Mobile',
    maker: 'Brand',
  })
  expect(guess(['Kunde', 'Ort'])).toEqual({})
})
