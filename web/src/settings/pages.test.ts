import { expect, test } from 'vitest'
import { found, pagesOf } from './pages'

const QUESTIONS = ['Test vessels on the racks', 'Price first or cause first']

test('only an owner has what is the owner’s', () => {
  expect(pagesOf({ owner: false }).map(({ id }) => id)).toEqual(['people', 'practice', 'devices'])
  expect(pagesOf({ owner: true })).toHaveLength(5)
})

test('what is searched for is found by all its words, on one’s own pages only', () => {
  const titles = (text: string, owner: boolean) =>
    found(text, pagesOf({ owner }), QUESTIONS).map(({ title }) => title)
  expect(titles('passkey', false)).toEqual(['Passkeys'])
  expect(titles('price', true)).toEqual(['Price of an hour', 'Price first or cause first'])
  expect(titles('price', false)).toEqual(['Price first or cause first'])
  expect(titles('racks test', false)).toEqual(['Test vessels on the racks'])
  expect(titles(' ', true)).toEqual([])
})
