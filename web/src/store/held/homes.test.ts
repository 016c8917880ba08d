import { expect, test } from 'vitest'
import type { HeldCall } from '../../api/types'
import { homesOf } from './homes'

const call = (customer: string, name: string, machine: string, model: string) =>
  ({
    customer: { id: customer, name, street: '4 Sluice Row', phone: '0455 21' },
    call: { machine: { id: machine, maker: 'Corvanne', model, serial: '' } },
  }) as HeldCall

const CALLS = [
  call('marsh', 'Odile Marsh', 'one', 'DW-610 S'),
  call('marsh', 'Odile Marsh', 'one', 'DW-610 S'),
  call('marsh', 'Odile Marsh', 'other', 'Lagoon 3'),
  call('brask', 'Ottoline Brask', 'third', 'DW-380'),
]
const names = (search: string) => homesOf(CALLS, search).map(({ customer }) => customer.name)

test('a customer is found by any part of what is known, and by all words together', () => {
  expect(names('arsh')).toEqual(['Odile Marsh'])
  expect(names('lagoon marsh')).toEqual(['Odile Marsh'])
  expect(names('dw-380')).toEqual(['Ottoline Brask'])
  expect(names('sluice')).toEqual(['Odile Marsh', 'Ottoline Brask'])
  expect(names('marsh 380')).toEqual([])
})

test('each machine of a home is there once', () => {
  expect(homesOf(CALLS, 'odile')[0]!.machines.map(({ id }) => id)).toEqual(['one', 'other'])
})

test('a machine that stands elsewhere is found by that street', () => {
  const flat = { id: 'flat', street: '9 Weir Court' }
  const elsewhere = { ...CALLS[3]!, customer: { ...CALLS[3]!.customer, elsewhere: flat } }
  const [home] = homesOf([elsewhere], 'weir')
  expect(home).toMatchObject({ addresses: [flat], elsewhere: { third: 'flat' } })
  expect(home!.customer.elsewhere).toBeUndefined()
})
