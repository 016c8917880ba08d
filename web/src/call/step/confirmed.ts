import type { Call } from '../../api/types'

/** When a caution was confirmed last; not what does not hold any more, as the machine has run since. */
export const confirmedLast = ({ cautions, now }: Call, caution: string) =>
  now.lapsed.includes(caution) ? undefined : cautions.filter((one) => one.caution === caution).at(-1)
