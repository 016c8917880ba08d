import { describe, expect, it } from 'vitest'
import type { UpkeepTask } from '../../api/types'
import { dateText } from './useUpkeep'

const task = (everyDays: number, daysLeft?: number) => ({ everyDays, daysLeft }) as UpkeepTask

describe('dateText', () => {
  it('says when it was last done and when it is due', () => {
    expect(dateText(task(90, 60))).toBe('done 30 days ago, due in 60 days')
    expect(dateText(task(90, 90))).toBe('done today, due in 90 days')
    expect(dateText(task(90, -1))).toBe('done 91 days ago, a day overdue')
  })

  it('says so where nobody knows', () => {
    expect(dateText(task(90))).toBe('no record of the last time')
    expect(dateText(task(0, 0))).toBe('after every use')
  })
})
