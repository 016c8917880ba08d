import type { Finding, Pack, Step } from '../api/types'
import { byId } from './byId'
import { checkMade, factKnown, signSettled, type SignAnswer } from './finding'

/** What an answer to a step comes to, in the order in which it is entered. */
export function findingsOf({ kind, id, prospects }: Step, answer: string, pack: Pack): Finding[] {
  if (kind === 'FACT') return [factKnown(id, answer)]
  if (kind === 'CHECK') return [checkMade(id, answer)]
  if (!byId(pack.exclusive, id)) return [signSettled(id, answer.toUpperCase() as SignAnswer)]
  // A question with a choice of signs, of which only one can be.
  const signs = prospects.map(({ outcome }) => outcome).filter((outcome) => outcome !== 'none')
  if (signs.includes(answer)) return [signSettled(answer, 'YES')]
  return signs.map((sign) => signSettled(sign, answer === 'none' ? 'NO' : 'UNKNOWN'))
}
