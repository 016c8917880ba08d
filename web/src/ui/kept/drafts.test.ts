import { ref } from 'vue'
import { describe, expect, it } from 'vitest'
import { sendTyped } from './drafts'

describe('what is sent from a field', () => {
  it('leaves it empty once it went through', async () => {
    const field = ref('E71')
    expect(await sendTyped(field, async (typed) => typed === 'E71')).toBe(true)
    expect(field.value).toBe('')
  })

  it('stays where it did not go through', async () => {
    const field = ref('E71')
    expect(await sendTyped(field, async () => false)).toBe(false)
    expect(field.value).toBe('E71')
  })

  it('takes nothing with it that was typed meanwhile', async () => {
    const field = ref('E71')
    await sendTyped(field, async () => {
      field.value = 'E72'
      return true
    })
    expect(field.value).toBe('E72')
  })
})
