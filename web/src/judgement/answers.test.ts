import { expect, test } from 'vitest'
import type { Pack, Step } from '../api/types'
import { findingsOf } from './answers'

const pack = { exclusive: [{ id: 'which-noise' }] } as unknown as Pack
const step = (kind: Step['kind'], id: string, ...outcomes: string[]) =>
  ({ kind, id, prospects: outcomes.map((outcome) => ({ outcome })) }) as unknown as Step

test('of a choice of symptoms one is seen, or all are not, or nobody knows of any', () => {
  const noises = step('ASK', 'which-noise', 'hums', 'rattles', 'none')
  const told = (answer: string) =>
    findingsOf(noises, answer, pack).map(
      (finding) => finding.kind === 'symptom-settled' && [finding.symptom, finding.answer],
    )
  expect(told('rattles')).toEqual([['rattles', 'YES']])
  expect(told('none')).toEqual([
    ['hums', 'NO'],
    ['rattles', 'NO'],
  ])
  expect(told('unknown')).toEqual([
    ['hums', 'UNKNOWN'],
    ['rattles', 'UNKNOWN'],
  ])
})

test('a symptom, a fact and a check are one finding each', () => {
  expect(findingsOf(step('ASK', 'hums', 'yes', 'no'), 'no', pack)).toMatchObject([
    { symptom: 'hums', answer: 'NO' },
  ])
  expect(findingsOf(step('FACT', 'age', 'old'), 'old', pack)).toMatchObject([{ fact: 'age', choice: 'old' }])
  expect(findingsOf(step('CHECK', 'look', 'clear'), 'clear', pack)).toMatchObject([
    { check: 'look', outcome: 'clear' },
  ])
})
