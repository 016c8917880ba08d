import type { CallChange, Code, Pack, Trace } from '../api/types'
import { byId } from '../judgement/byId'
import { shortText } from '../judgement/wording'

/** What somebody has done, in words. */
const CHANGES: Record<CallChange['kind'], string> = {
  begin: 'New call',
  settle: 'What was seen or done',
  correct: 'A correction',
  'take-reading': 'A reading',
  'retake-reading': 'A reading, taken again',
  'take-back': 'Something taken back',
  'see-fault': 'A fault seen on the way',
  'use-part': 'A part used',
  'use-other': 'A part used that is not on the list',
  'put-back': 'A part put back',
  'describe-part': 'A part’s serial number',
  write: 'A line of the job sheet',
  strike: 'A line struck out',
  'lay-down': 'Pieces on the tray',
  'add-photo': 'A photo',
  'remove-photo': 'A photo removed',
  fit: 'What is fitted',
  rate: 'The machine’s ratings',
  describe: 'Maker, model, serial or place',
  confirm: 'A caution confirmed',
  unconfirm: 'A caution not confirmed',
  complain: 'A complaint',
  withdraw: 'A complaint withdrawn',
  move: 'Another day',
  assign: 'Given to somebody else',
  cancel: 'The call cancelled',
  close: 'The call closed',
  reopen: 'The call opened again',
}

/** What came to a call in another way. */
const OTHERWISE: Record<string, string> = {
  'bring-in': 'Brought in from a file',
  'correct-customer': 'Who the customer is, corrected',
  'erase-customer': 'Erased with its customer',
}

/** What was done to a call, in words. */
export const nameOf = (kind: string) => CHANGES[kind as CallChange['kind']] ?? OTHERWISE[kind] ?? kind

/** What of a trace its name does not say. */
export function about({ change }: Trace, trail: Trace[], pack: Pack, codes: Code[]): string {
  switch (change?.kind) {
    case 'settle':
    case 'correct':
      return shortText(change.finding, pack, codes)
    case 'take-reading':
      return `${byId(pack.checks, change.check)?.name ?? change.check}: ${change.typed.text}`
    case 'take-back': {
      const before = trail.find(({ id }) => id === change.entry)
      return before ? about(before, trail, pack, codes) : ''
    }
    case 'use-part':
      return `${change.used} ×`
    case 'use-other':
      return `${change.used} × ${change.name}`
    case 'begin':
      return change.complaint
    case 'complain':
      return change.text
    case 'confirm':
      return byId(pack.cautions, change.caution)?.title ?? change.caution
    case 'close':
      return change.signOff
    case 'cancel':
      return change.reason
    case 'describe':
      return Object.values(change.plate).filter(Boolean).join(', ')
    default:
      return ''
  }
}
