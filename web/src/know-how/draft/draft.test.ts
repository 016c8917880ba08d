import { describe, expect, it } from 'vitest'
import { toSend } from './fields'
import { idOf } from './sections'

describe('the short name of a new piece', () => {
  it('comes from its name', () => {
    expect(idOf('Hose swollen inside', [])).toBe('hose-swollen-inside')
    expect(idOf('2 × Düse, "alt"', [])).toBe('duse-alt')
  })
  it('is nobody else’s', () => {
    expect(idOf('Hose', ['hose', 'hose-2'])).toBe('hose-3')
  })
  it('is there where the name has no letter', () => {
    expect(idOf('?!', [])).toBe('piece')
  })
  it('obeys the form of the file', () => {
    expect(idOf('A'.repeat(80), ['a'.repeat(36)])).toMatch(/^[a-z][a-z0-9-]{0,39}$/)
  })
})

describe('what is sent of a form', () => {
  it('takes an empty optional member out, and leaves a needed one to be complained of', () => {
    expect(toSend('faults', { words: [], broughtBy: {}, danger: '', name: '' })).toEqual({
      words: null,
      broughtBy: null,
      danger: null,
      name: '',
    })
  })
  it('keeps a nought and a no that are meant', () => {
    expect(toSend('faults', { blocks: 0 })).toEqual({ blocks: 0 })
    expect(toSend('symptoms', { complaint: false })).toEqual({ complaint: null })
  })
})
