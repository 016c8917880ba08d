import { afterEach, expect, test, vi } from 'vitest'
import type { Command } from '../../api/types'
import { forgetTapped, note, strike, tapped } from './tapped'

/** As browsers have it: what is kept are its properties, the functions are not. */
const kept = Object.create({
  getItem: (key: string) => kept[key] as unknown,
  setItem: (key: string, value: string) => void (kept[key] = value),
  removeItem: (key: string) => void delete kept[key],
}) as Record<string, unknown>
kept['grimy-gasket:owner'] = 'maren'
vi.stubGlobal('localStorage', kept)
afterEach(forgetTapped)

const one = (id: string, seq: number) => ({ account: 'maren', command: { id, seq } as Command })

test('what is drawn is written down until it is kept, in the order in which it was done', () => {
  expect(note(one('b', 9))).toBe(true)
  note(one('a', 10))
  note(one('c', 11))
  strike('a')
  expect(tapped()).toEqual([one('b', 9), one('c', 11)])
})

test('it goes with whoever did it, and nothing else does', () => {
  note(one('a', 1))
  forgetTapped()
  expect(tapped()).toEqual([])
  expect(Object.keys(kept)).toEqual(['grimy-gasket:owner'])
})

test('without room it is not written down, and said so', () => {
  const full = {
    setItem: () => {
      throw new DOMException('full', 'QuotaExceededError')
    },
  }
  vi.stubGlobal('localStorage', full)
  expect(note(one('a', 1))).toBe(false)
  vi.stubGlobal('localStorage', kept)
})
