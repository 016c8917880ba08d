import { expect, test } from 'vitest'
import type { Call } from '../../api/types'
import { lookOf } from './useRing'

const JOB = { pieces: [], debts: [], proofs: [] }
const call = (some: object) => ({ head: {}, cautions: [], job: { ...JOB }, ...some }) as unknown as Call
const segment = (stage: string, gaps: object[] = []) => ({ stage, gaps }) as unknown as Call['ring'][number]

test('what nobody has had to do yet does not look done', () => {
  expect(lookOf(segment('SAFE'), call({}))).toBe('nothing due yet')
  expect(lookOf(segment('OPEN'), call({}))).toBe('nothing due yet')
  expect(lookOf(segment('CLOSE'), call({}))).toBe('nothing due yet')
  expect(lookOf(segment('PROVE'), call({}))).toBe('nothing due yet')
  expect(lookOf(segment('CALL'), call({}))).toBe('sealed')
  expect(lookOf(segment('SAFE', [{}]), call({}))).toBe('open')
})

test('what was done is sealed, and so is all of a call that is closed', () => {
  expect(lookOf(segment('SAFE'), call({ cautions: [{}] }))).toBe('sealed')
  expect(lookOf(segment('CLOSE'), call({ job: { ...JOB, pieces: [{}] } }))).toBe('sealed')
  expect(lookOf(segment('CLOSE'), call({ job: { ...JOB, debts: [{}] } }))).toBe('sealed')
  expect(lookOf(segment('OPEN'), call({ head: { closing: {} } }))).toBe('sealed')
})
