import { answerQuietly, api } from '../../api/client'
import type { NextDays } from '../../api/types'
import { storage } from '../storage'

/** What was got last, for a browser that keeps nothing. */
let latest: NextDays | undefined

export const getNextDays = async (): Promise<NextDays> =>
  (latest = await answerQuietly(() => api.GET('/api/device/next-days')))

/** What the next days need, once all of it was on this device. */
export const nextDays = (): Promise<NextDays | undefined> =>
  storage().then(
    (db) => db.get('nextDays', 'now'),
    () => undefined,
  )

/** The same; asked of the server where it is not on this device, once. */
export const daysKnown = async (): Promise<NextDays> => (await nextDays()) ?? latest ?? getNextDays()

/** What a new call about a kind of machine is held against. */
export const newOfKind = async (kind: string): Promise<NextDays['kinds'][number]> =>
  (await daysKnown()).kinds.find((one) => one.kind === kind)!

/** The name of the know-how in use of a kind. */
export const knowhowInUse = async (kind: string): Promise<string> => (await newOfKind(kind)).knowhow
