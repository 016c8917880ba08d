import type { Finding, Pack, Step } from '../api/types'
import { byId } from './byId'
import { checkMade, factKnown, symptomSettled, type SymptomAnswer } from './finding'

/** What an answer to a step comes to, in the order in which it is entered. */
export function findingsOf({ kind, id, prospects }: Step, answer: string, pack: Pack): Finding[] {
  if (kind === 'FACT') return [factKnown(id, answer)]
  if (kind === 'CHECK') return [checkMade(id, answer)]
  if (!byId(pack.exclusive, id)) return [symptomSettled(id, answer.toUpperCase() as SymptomAnswer)]
  // A question with a choice of symptoms, of which only one can be.
  const symptoms = prospects.map(({ outcome }) => outcome).filter((outcome) => outcome !== 'none')
  if (symptoms.includes(answer)) return [symptomSettled(answer, 'YES')]
  return symptoms.map((symptom) => symptomSettled(symptom, answer === 'none' ? 'NO' : 'UNKNOWN'))
}
