import { expect, test } from 'vitest'
import type { NewOfKind } from '../../api/types'
import { partsOf } from './parts'

const article = (id: string, number: string, name: string, onVan: number, code = '') => ({
  part: { id, number, name, fits: '', price: 1, onVan, code },
})
const kinds = [
  { kind: 'dishwasher', shelf: [article('v', 'RV-20', 'Return valve', 3, '6291041500213')] },
  { kind: 'tumble-dryer', shelf: [{ maker: 'Corvanne', ...article('f', 'CV-LF8', 'Lint filter', 0) }] },
] as unknown as NewOfKind[]
const found = (search: string) =>
  partsOf(kinds, { v: 1 }, { account: 'maren', name: 'Maren' }, search).map(({ part, vans }) => [
    part.number,
    vans[0]!.count,
  ])

test('what was used and not sent is off the van', () => {
  expect(found('')).toEqual([
    ['CV-LF8', 0],
    ['RV-20', 2],
  ])
})
test('a part is found by words, maker and barcode', () => {
  expect(found('valve rv')).toEqual([['RV-20', 2]])
  expect(found('corvanne')).toEqual([['CV-LF8', 0]])
  expect(found('6291041500213')).toEqual([['RV-20', 2]])
  expect(found('pump')).toEqual([])
})
