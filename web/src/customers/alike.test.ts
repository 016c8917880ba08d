import { expect, test } from 'vitest'
import type { Home } from '../api/types'
import { groupsOf } from './alike'

const home = (id: string, name: string, street: string, phone: string) =>
  ({ customer: { id, name, street, phone }, machines: [] }) as unknown as Home

test('whoever shares a phone, or name and street, may be the same', () => {
  const groups = groupsOf([
    home('1', 'Ada', '1 Weir Lane', '0455 12 34'),
    home('2', 'A. Quill', '9 Quay', '045512 34'),
    home('3', 'Bela', '2 Weir Lane', ''),
    home('4', 'bela', '2 weir lane', '0455 99 99'),
    home('5', 'Cleo', '3 Weir Lane', '12'),
    home('6', 'Dora', '4 Weir Lane', '12'),
  ])
  expect(groups.map((group) => group.map(({ customer }) => customer.id))).toEqual([
    ['1', '2'],
    ['3', '4'],
  ])
})
