import { expect, test } from 'vitest'
import type { Article, PartOrder, PartUse } from '../../api/types'
import { waitsFor } from './waitsFor'

const use = (partId: string, source: PartUse['source'] = 'ORDERED') =>
  ({ partId, source, name: partId, used: 1 }) as PartUse
const on = (id: string, onVan: number) => ({ id, onVan }) as Article
const order = (...lines: Partial<PartOrder['lines'][number]>[]) => ({ lines }) as PartOrder

test('a part is on the van, comes on a day, or nobody knows when', () => {
  const orders = [
    order({ part: 'pump', coming: 1, promised: '2031-12-02' }, { part: 'seal', coming: 0 }),
    order({ part: 'pump', coming: 2, promised: '2031-12-01' }, { part: 'hose', coming: 1 }),
  ]
  const all = waitsFor(
    [use('valve'), use('pump'), use('hose'), use('seal'), use('clip', 'VAN')],
    [on('valve', 1), on('pump', 0)],
    orders,
  )
  expect(all.map(({ name, from, open }) => [name, from, !!open])).toEqual([
    ['valve', undefined, false],
    ['pump', '2031-12-01', false],
    ['hose', undefined, true],
    ['seal', undefined, true],
  ])
  expect(all[2]!.says).toContain('nobody has said')
  expect(all[3]!.says).toContain('not on order')
  expect(waitsFor([use('pump')], [], undefined)[0]!.says).toContain('not known just now')
})
