import type { Board } from '../api/types'
import { shiftDay } from '../ui/text/format'
import { visitsOf, type BoardVisit } from './visits'

const DAYS = 7
const WORKDAYS = 5

/** The days of the week in which a day is, from Monday on. */
export function weekOf(day: string): string[] {
  const sinceMonday = (new Date(`${day}T12:00:00Z`).getUTCDay() + DAYS - 1) % DAYS
  return Array.from({ length: DAYS }, (_, i) => shiftDay(day, i - sinceMonday))
}

/** Somebody's day in short. */
export interface WeekCell {
  day: string
  visits: BoardVisit[]
  /** Of work and on the road, in minutes; nothing where nothing is left to do. */
  work?: number
  driving?: number
  /** At doors, in all. */
  late: number
}

export interface WeekLane {
  account: string
  name: string
  cells: WeekCell[]
}

/** The days that are shown: those from Monday to Friday, and of the others those with something on them. */
export const daysShown = (boards: Board[]) =>
  boards.filter(({ lanes }, i) => i < WORKDAYS || lanes.some(({ calls }) => calls.length))

/** Everybody's week, of the boards of its days. */
export function lanesOf(boards: Board[]): WeekLane[] {
  const people = new Map(boards.flatMap(({ lanes }) => lanes.map(({ account, name }) => [account, name])))
  return [...people].map(([account, name]) => ({
    account,
    name,
    cells: boards.map(({ day, lanes }) => {
      const lane = lanes.find((one) => one.account === account)
      const expected = lane?.plan?.expected
      const open = lane?.calls.filter(({ closedAt }) => !closedAt) ?? []
      return {
        day,
        visits: visitsOf(lane?.calls ?? [], lane?.plan),
        work: expected && open.reduce((sum, { minutes }) => sum + minutes, 0),
        driving: expected?.driving,
        late: expected?.late ?? 0,
      }
    }),
  }))
}
