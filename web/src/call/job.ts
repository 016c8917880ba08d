import type { Condition, Debt, Found, Laid, Learner, Note, PartUse, Piece, Screws } from '../api/types'

/** The words of the job sheet. */
export const STUFF: Record<Condition['stuff'], string> = {
  NOTHING: 'Nothing',
  FOOD: 'Food',
  FIBRE: 'Fibre',
  HAIR: 'Hair',
  GRIT: 'Grit',
  PAPER: 'Paper pulp',
  GREASE: 'Grease',
  RUBBER: 'Rubber',
  DUST: 'Dust',
  GLASS: 'Glass',
  SCALE: 'Scale',
  MOULD: 'Mould',
  OBJECT: 'An object',
}
export const WEAR: Record<Condition['wear'], string> = {
  SOUND: 'Sound',
  DIRTY_ONLY: 'Only dirty',
  WORN: 'Worn',
  CRACKED: 'Cracked',
  HOLED: 'Holed',
  BENT: 'Bent',
}
export const DEBT: Record<Debt['what'], string> = {
  HEATER_UP: 'Water heater turned up',
  WATER_OFF: 'Water shut off',
  POWER_OFF: 'Power off',
  GAS_OFF: 'Gas shut off',
  OTHER: 'Something else',
}
export const FATE: Record<Found['fate'], string> = {
  KEPT: 'Still here',
  RETURNED: 'Given back',
  BINNED: 'Binned',
}
export const ABOUT: Record<Note['about'], string> = {
  NOTE: 'A note',
  SEEN: 'Seen',
  DONE: 'Done',
}
export const SHAPE: Record<NonNullable<Found['shape']>, string> = {
  WHOLE: 'Whole',
  WORN: 'Worn',
  EATEN_AWAY: 'Eaten away',
  BROKEN: 'Broken',
}
export const AMOUNT: Record<NonNullable<Condition['amount']>, string> = {
  COIN: 'As much as a coin',
  HANDFUL: 'A handful',
  CUP: 'A cup',
  THREE_CUPS: 'Three cups',
  BUCKET: 'A bucket or more',
}
export const OLD_PART: Record<Exclude<PartUse['oldPart'], 'UNSAID'>, string> = {
  KEPT_BY_CUSTOMER: 'Customer keeps it',
  TAKEN_ALONG: 'We took it with us',
  BINNED: 'Binned',
}
export const CONFIRMATION: Record<Laid['confirm'][number], string> = {
  LOCKED: 'Locked: lifted or pulled to check',
  ORIENTED: 'Right way round, marks up',
  PLUGGED: 'Connector pushed home',
  STARTED_BY_HAND: 'Thread started by hand, clutch low',
  HAND_TIGHT: 'Hand-tight, and no tighter',
  HOSES_FREE: 'No hose is kinked',
  DRY: 'Dry all through',
}

/** For example "found by Rollo on 2 calls about this model". */
export const learntText = ({ by, calls }: Learner) =>
  `found by ${by} on ${calls === 1 ? 'a call' : `${calls} calls`} about this model`

/** For example "2 × T20, coarse for plastic, 16 mm, lower quarter". */
export const screwsText = ({ drive, thread, lengthMm, count, place, leftHand }: Screws) =>
  `${count} × ${[
    drive,
    thread,
    lengthMm ? `${lengthMm} mm` : '',
    place,
    leftHand ? 'left-hand: loose to the right' : '',
  ]
    .filter(Boolean)
    .join(', ')}`

/** How a piece came off and how it has to sit. */
export const handling = ({ turn, clips, orientation }: Pick<Piece, 'turn' | 'clips' | 'orientation'>) =>
  [turn, ...clips.map((clip) => `clip ${clip}`), orientation].filter(Boolean).join(' · ')

/** For example "eaten away, given back". */
export const thingText = ({ shape, fate }: Found) =>
  [shape && SHAPE[shape], FATE[fate]].filter(Boolean).join(', ').toLowerCase()

/** For example "food, a handful, 20% open before, 100% after, only dirty". */
export function conditionText({ stuff, amount, before, after, wear }: Condition) {
  const open = (share: number | undefined, when: string) =>
    share === undefined ? '' : `${Math.round(100 * share)}% open ${when}`
  return [
    stuff === 'NOTHING' ? 'Nothing in the way' : STUFF[stuff],
    amount && AMOUNT[amount],
    open(before, 'before'),
    open(after, 'after'),
    WEAR[wear],
  ]
    .filter(Boolean)
    .join(', ')
    .toLowerCase()
}
