import { expect, test } from 'vitest'
import { commandsOf, reversed, type Change } from './replan'

const was = { account: 'maren', day: 20_000, plannedAt: 540, promised: { from: 540, until: 600 } }
const kinds = (change: Change) => commandsOf(change).map(({ change: { kind } }) => kind)

test('only what is another is sent', () => {
  expect(kinds({ call: 'c', was, becomes: { ...was } })).toEqual([])
  expect(kinds({ call: 'c', was, becomes: { ...was, account: 'jory' } })).toEqual(['assign'])
  expect(kinds({ call: 'c', was, becomes: { ...was, plannedAt: 600 } })).toEqual(['move'])
  expect(kinds({ call: 'c', was, becomes: { ...was, promised: { from: 540, until: 660 } } })).toEqual([
    'move',
  ])
  expect(kinds({ call: 'c', was, becomes: { ...was, account: 'jory', day: 20_001 } })).toEqual([
    'assign',
    'move',
  ])
})

test('what is undone stands as it stood, what was promised too', () => {
  const becomes = { ...was, plannedAt: 660, promised: undefined }
  const [back] = reversed([{ call: 'c', was, becomes }])
  expect(commandsOf(back!)[0]!.change).toEqual({
    kind: 'move',
    fromDay: 20_000,
    fromMinute: 660,
    day: 20_000,
    plannedAt: 540,
    promised: { from: 540, until: 600 },
  })
})
