/** The hours that a board shows. */
const FROM = 7 * 60
const UNTIL = 19 * 60

export const HOURS = Array.from({ length: (UNTIL - FROM) / 60 + 1 }, (_, i) => FROM / 60 + i)

const within = (minute: number) => Math.min(UNTIL, Math.max(FROM, minute))

/** How far along the hours a minute of the day is, in percent. */
export const along = (minute: number) => (100 * (within(minute) - FROM)) / (UNTIL - FROM)

/** Steps in which a call is dropped, in minutes. */
const STEP = 15

/** The minute of the day at a share of the way along the hours. */
export const minuteAt = (share: number) => Math.round((FROM + share * (UNTIL - FROM)) / STEP) * STEP
