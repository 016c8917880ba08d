import { computed, shallowRef } from 'vue'
import type { Session } from '../../api/types'
import { isoDay, MILLIS_OF_A_DAY } from './format'

type Clocks = Session['clocks']

const ours = shallowRef<Clocks>()

/** Days and times of day are from now on those of where the business works, wherever this device may be. */
export const goBy = (clocks?: Clocks) => (ours.value = clocks ?? ours.value)

/** The changes of its clocks; until it is known where it works, this device's own as they stand. */
export const clockChanges = (): Clocks['changes'] =>
  ours.value?.changes ?? [{ at: 0, offset: -new Date().getTimezoneOffset() }]

const timeZone = () => ours.value?.zone
const time = computed(
  () =>
    new Intl.DateTimeFormat(undefined, {
      hour: '2-digit',
      minute: '2-digit',
      hourCycle: 'h23',
      timeZone: timeZone(),
    }),
)
const shortDay = computed(
  () => new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', timeZone: timeZone() }),
)

const dayAndYear = computed(
  () =>
    new Intl.DateTimeFormat('en-GB', {
      day: 'numeric',
      month: 'short',
      year: 'numeric',
      timeZone: timeZone(),
    }),
)

/** "24 Nov 2026" */
export const fullDay = (instant: number) => dayAndYear.value.format(new Date(instant))

/** How far the clocks are ahead of universal time at an instant, in minutes. */
function offset(instant: number): number {
  const changes = clockChanges()
  return (changes.filter(({ at }) => at <= instant).at(-1) ?? changes[0]!).offset
}

/** Which day it was, as "2026-11-26". */
export function dayOf(instant: number | string) {
  const at = new Date(instant).getTime()
  return isoDay(Math.floor((at + offset(at) * 60_000) / MILLIS_OF_A_DAY))
}

export const isoToday = () => dayOf(Date.now())

export const isToday = (instant: number | string) => dayOf(instant) === isoToday()

/** "24 Nov" for a day that is not today; nothing for today. */
export const otherDay = (instant: number | string) =>
  isToday(instant) ? '' : shortDay.value.format(new Date(instant))

export const clock = (instant: number | string) => time.value.format(new Date(instant))
