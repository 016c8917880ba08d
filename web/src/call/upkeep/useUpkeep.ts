import { computed } from 'vue'
import type { UpkeepTask } from '../../api/types'
import { useCallContext } from '../context'

/** The tasks of a visit for upkeep, in the order of the work. */
export function useUpkeep() {
  const { call } = useCallContext()
  const tasks = computed(() => call.value.upkeep?.tasks ?? [])
  const due = computed(() => tasks.value.filter((task) => task.due))
  return {
    tasks,
    due,
    done: computed(() => due.value.filter((task) => task.done)),
    next: computed(() => due.value.find((task) => !task.done)),
  }
}

/** When a task was last done and is due, as one says it. */
export function dateText({ daysLeft, everyDays }: UpkeepTask): string {
  if (daysLeft === undefined) return 'no record of the last time'
  if (everyDays === 0) return 'after every use'
  const since = everyDays - daysLeft
  const last = since === 0 ? 'done today' : since === 1 ? 'done yesterday' : `done ${since} days ago`
  if (daysLeft < 0) return `${last}, ${-daysLeft === 1 ? 'a day' : `${-daysLeft} days`} overdue`
  return `${last}, due in ${daysLeft === 1 ? 'a day' : `${daysLeft} days`}`
}
