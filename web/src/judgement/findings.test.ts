import { expect, test } from 'vitest'
import { matching, meant, type Find } from './findings'

const finds: Find[] = [
  { kind: 'SYMPTOM', id: 'leak-under', label: 'Water under the machine', tag: 'symptom' },
  { kind: 'SYMPTOM', id: 'smell', label: 'It smells', tag: 'symptom' },
  { kind: 'CODE', id: 'd4', label: 'Draining takes too long', tag: 'Code d4', maker: 'Corvanne' },
]

test('every word typed has to stand somewhere, in any order', () => {
  expect(matching(finds, 'machine water').map((find) => find.id)).toEqual(['leak-under'])
  expect(matching(finds, 'D4').map((find) => find.id)).toEqual(['d4'])
  expect(matching(finds, 'water smell')).toEqual([])
  expect(matching(finds, '  ')).toEqual(finds)
})

test('what the server takes the words to mean comes in its order, as far as it can be chosen', () => {
  const hits = [
    { kind: 'SYMPTOM' as const, id: 'smell', name: 'It smells' },
    { kind: 'CHECK' as const, id: 'joint-look', name: 'Dry tissue' },
    { kind: 'SYMPTOM' as const, id: 'leak-under', name: 'Water under the machine' },
  ]
  expect(meant(finds, hits).map((find) => find.id)).toEqual(['smell', 'leak-under'])
})
