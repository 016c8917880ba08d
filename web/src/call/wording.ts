import type { Entry, Knowhow, Pack } from '../api/types'
import { lowerFirst } from '../ui/format'
import { byId } from './context'

const SIGN_ANSWERS: Record<string, string> = { yes: 'Yes', no: 'No', unknown: 'Not known' }
const REMEDY_ANSWERS: Record<string, string> = {
  done: 'done, not proved yet',
  cured: 'proved',
  'still-failing': 'did not cure',
}

/** An answer in words, as its buttons say it. */
export function answerText(entry: Pick<Entry, 'kind' | 'subject'>, answer: string, pack: Pack): string {
  switch (entry.kind) {
    case 'SIGN':
      return SIGN_ANSWERS[answer] ?? answer
    case 'CODE':
      return 'shown'
    case 'CHECK':
      return byId(byId(pack.checks, entry.subject)?.outcomes ?? [], answer)?.name ?? answer
    case 'REMEDY':
      return REMEDY_ANSWERS[answer] ?? answer
  }
}

/** A line of a call's story in words: what, and what came of it. */
export function entryText(
  entry: Entry,
  pack: Pack,
  codes: Knowhow['codes'],
): { what: string; result: string } {
  switch (entry.kind) {
    case 'SIGN': {
      const sign = byId(pack.signs, entry.subject)
      if (entry.answer === 'yes') return { what: sign?.name ?? entry.subject, result: '' }
      return { what: sign?.ask ?? entry.subject, result: answerText(entry, entry.answer, pack) }
    }
    case 'CODE': {
      const code = codes.find((c) => c.code === entry.subject)
      return { what: `Code ${entry.subject}`, result: code?.meaning ?? '' }
    }
    case 'CHECK':
      return {
        what: byId(pack.checks, entry.subject)?.name ?? entry.subject,
        result: answerText(entry, entry.answer, pack),
      }
    case 'REMEDY':
      return {
        what: byId(pack.remedies, entry.subject)?.name ?? entry.subject,
        result: answerText(entry, entry.answer, pack),
      }
  }
}

/** The same in as few words as will do. */
export function shortText(entry: Entry, pack: Pack, codes: Knowhow['codes']): string {
  const { what, result } = entryText(entry, pack, codes)
  if (entry.kind === 'CODE') return what
  if (entry.kind === 'CHECK') return result
  if (entry.kind === 'SIGN' && entry.answer !== 'yes')
    return `no ${lowerFirst(byId(pack.signs, entry.subject)?.name ?? what)}`
  return result ? `${what}: ${result}` : what
}

/** Weight of evidence with its sign, for example "+6" or "−4". */
export function weight(decibans: number): string {
  const rounded = Math.round(decibans)
  return rounded < 0 ? `−${-rounded}` : `+${rounded}`
}
