import type { Call, Entry, Finding } from '../api/types'

export type SymptomAnswer = Extract<Finding, { kind: 'symptom-settled' }>['answer']
export type Proved = Extract<Finding, { kind: 'remedy-tried' }>['proved']

/** Findings as the core takes them. */
export const symptomSettled = (symptom: string, answer: SymptomAnswer, complaint = false): Finding => ({
  kind: 'symptom-settled',
  symptom,
  answer,
  complaint,
})
export const factKnown = (fact: string, choice: string): Finding => ({ kind: 'fact-known', fact, choice })
export const codeRead = (shown: string): Finding => ({ kind: 'code-read', shown })
export const checkMade = (check: string, outcome: string): Finding => ({ kind: 'check-made', check, outcome })
export const remedyTried = (remedy: string, proved: Proved): Finding => ({
  kind: 'remedy-tried',
  remedy,
  proved,
})

/** The id of what a finding is about: a symptom, fact, check or remedy, or the code. */
export function subjectOf(finding: Finding): string {
  switch (finding.kind) {
    case 'symptom-settled':
      return finding.symptom
    case 'fact-known':
      return finding.fact
    case 'code-read':
      return finding.shown
    case 'code-shown':
      return finding.code.code
    case 'check-made':
    case 'reading-taken':
      return finding.check
    case 'remedy-tried':
      return finding.remedy
  }
}

/** Whether two findings answer the same question. */
export const sameQuestion = (one: Finding, other: Finding) =>
  one.kind === other.kind && subjectOf(one) === subjectOf(other)

/** Id of the remedy that was tried; none for another finding. */
export const remedyOf = (finding: Finding) => (finding.kind === 'remedy-tried' ? finding.remedy : undefined)

/** Whether something was put right, and seen to work. */
export const isCured = ({ story }: Call) =>
  story.some(({ finding }) => finding.kind === 'remedy-tried' && finding.proved === 'CURED')

/** The remedy that was done and waits for its proof. */
export const pendingOf = ({ story }: Pick<Call, 'story'>): Entry | undefined =>
  story.find(({ finding }) => finding.kind === 'remedy-tried' && finding.proved === 'PENDING')
