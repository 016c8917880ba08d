import { answerQuietly, api } from '../../api/client'
import type { NewOfKind, NextDays } from '../../api/types'
import { storage } from '../storage'

/** What was got last, for a browser that keeps nothing. */
let latest: NextDays | undefined

/** Asks the server; the parts, which may be thousands, only come where they are others than those on this device. */
export async function getNextDays(): Promise<NextDays> {
  const before = (await nextDays()) ?? latest
  const query = { shelf: before?.shelfDigest ?? '' }
  const days = await answerQuietly(() => api.GET('/api/device/next-days', { params: { query } }))
  const had = (kind: string) => before!.kinds.find((one) => one.kind === kind)!.shelf
  const kinds = days.kinds.map((one) => ({ ...one, shelf: one.shelf ?? had(one.kind) }))
  return (latest = { ...days, kinds })
}

/** What the next days need, once all of it was on this device. */
export const nextDays = (): Promise<NextDays | undefined> =>
  storage().then(
    (db) => db.get('nextDays', 'now'),
    () => undefined,
  )

/** The same; asked of the server where it is not on this device, once. */
export const daysKnown = async (): Promise<NextDays> => (await nextDays()) ?? latest ?? getNextDays()

/** What a new call about a kind of machine is held against. */
export const newOfKind = async (kind: string): Promise<NewOfKind> =>
  (await daysKnown()).kinds.find((one) => one.kind === kind)!

/** The name of the know-how in use of a kind. */
export const knowhowInUse = async (kind: string): Promise<string> => (await newOfKind(kind)).knowhow
