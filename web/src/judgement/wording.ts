import type { Code, Finding, Pack, Turn } from '../api/types'
import { lowerFirst } from '../ui/text/format'
import { byId } from './byId'
import type { Proved, SymptomAnswer } from './finding'

/** What was read at a check, in words, where something was measured. */
type Says = string | undefined

const SIGN_ANSWERS: Record<SymptomAnswer, string> = { YES: 'Yes', NO: 'No', UNKNOWN: 'Not known' }
const REMEDY_ANSWERS: Record<Proved, string> = {
  PENDING: 'done, not proved yet',
  CURED: 'proved',
  KEPT_UP: 'done',
  PARTLY: 'works now, another complaint stays',
  STILL_FAILING: 'did not cure',
}

/** The answer of a finding in words, as its buttons say it. */
export function answerText(finding: Finding, pack: Pack): string {
  switch (finding.kind) {
    case 'symptom-settled':
      return SIGN_ANSWERS[finding.answer]
    case 'fact-known':
      return byId(byId(pack.facts, finding.fact)?.choices ?? [], finding.choice)?.name ?? finding.choice
    case 'code-read':
    case 'code-shown':
      return 'shown'
    case 'check-made':
      return byId(byId(pack.checks, finding.check)?.outcomes ?? [], finding.outcome)?.name ?? finding.outcome
    case 'reading-taken':
      return 'measured'
    case 'remedy-tried':
      return REMEDY_ANSWERS[finding.proved]
  }
}

/** "Code d4", or the pattern of lights itself. */
export const codeName = (code: Pick<Code, 'code' | 'display'>) =>
  code.display === 'LIGHTS' ? code.code : `Code ${code.code}`

/** A finding in words: what, and what came of it. */
export function findingText(
  finding: Finding,
  pack: Pack,
  codes: Code[],
  says?: Says,
): { what: string; result: string } {
  const result = says ?? answerText(finding, pack)
  switch (finding.kind) {
    case 'symptom-settled': {
      const symptom = byId(pack.symptoms, finding.symptom)
      if (finding.answer === 'YES') return { what: symptom?.name ?? finding.symptom, result: '' }
      return { what: symptom?.ask ?? finding.symptom, result }
    }
    case 'fact-known':
      return { what: byId(pack.facts, finding.fact)?.name ?? finding.fact, result }
    case 'code-shown':
      return { what: codeName(finding.code), result: finding.code.meaning }
    case 'code-read': {
      const { shown } = finding
      const code = codes.find((c) => c.code.toLowerCase() === shown.toLowerCase())
      return { what: code ? codeName(code) : `Code ${shown}`, result: code?.meaning ?? 'not in the tables' }
    }
    case 'check-made':
    case 'reading-taken':
      return { what: byId(pack.checks, finding.check)?.name ?? finding.check, result }
    case 'remedy-tried':
      return { what: byId(pack.remedies, finding.remedy)?.name ?? finding.remedy, result }
  }
}

/** The same in as few words as will do. */
export function shortText(finding: Finding, pack: Pack, codes: Code[], says?: Says): string {
  const { what, result } = findingText(finding, pack, codes, says)
  if (finding.kind === 'code-read' || finding.kind === 'code-shown') return what
  if (finding.kind === 'check-made' || finding.kind === 'reading-taken') return result
  if (finding.kind === 'symptom-settled' && finding.answer !== 'YES')
    return `no ${lowerFirst(byId(pack.symptoms, finding.symptom)?.name ?? what)}`
  return result ? `${what}: ${result}` : what
}

/** Weight of evidence with its symptom, for example "+6" or "−4". */
export function weight(decibans: number): string {
  const rounded = Math.round(decibans)
  return rounded < 0 ? `−${-rounded}` : `+${rounded}`
}

/** The fault that would lead, in words. */
export const leaderName = (leader: Turn['leader'], pack: Pack) =>
  byId(pack.faults, leader)?.name ?? 'None of these'
