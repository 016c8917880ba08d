import { expect, test } from 'vitest'
import { isUnread } from './unread'

const click = (pointerType: string, timeStamp: number, detail = 1) =>
  ({ pointerType, timeStamp, detail }) as PointerEvent

test('the second tap of a wet thumb answers nothing', () => {
  expect(isUnread(click('touch', 1150), 1000)).toBe(true)
  expect(isUnread(click('touch', 1450), 1000)).toBe(true)
  expect(isUnread(click('touch', 1700), 1000)).toBe(false)
})

test('nor does the second click of a mouse; a first one does, and so does a key', () => {
  expect(isUnread(click('mouse', 5000, 2), 1000)).toBe(true)
  expect(isUnread(click('mouse', 1100), 1000)).toBe(false)
  expect(isUnread(click('', 1100, 0), 1000)).toBe(false)
})
