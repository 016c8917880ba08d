import { answerQuietly, api } from '../api/client'
import type { NextDays } from '../api/types'
import { storage } from './storage'

export const getNextDays = () => answerQuietly(() => api.GET('/api/device/next-days'))

/** What the next days need, once all of it was on this device. */
export const nextDays = (): Promise<NextDays | undefined> =>
  storage().then(
    (db) => db.get('nextDays', 'now'),
    () => undefined,
  )

/** The same; asked of the server where it is not on this device. */
export const daysKnown = async (): Promise<NextDays> => (await nextDays()) ?? getNextDays()

/** The name of the know-how in use of a kind. */
export const knowhowInUse = async (kind: string): Promise<string> =>
  (await daysKnown()).kinds.find((one) => one.kind === kind)!.knowhow
