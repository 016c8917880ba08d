import type { Code, Entry, Pack, Turn } from '../api/types'
import { lowerFirst } from '../ui/format'
import { byId } from './byId'

/** Something found out, on a call or supposed. */
export type Finding = Pick<Entry, 'kind' | 'subject' | 'answer'> & {
  /** What was read, in words, where something was measured. */
  says?: string
}

const SIGN_ANSWERS: Record<string, string> = { yes: 'Yes', no: 'No', unknown: 'Not known' }
const REMEDY_ANSWERS: Record<string, string> = {
  done: 'done, not proved yet',
  cured: 'proved',
  'kept-up': 'done',
  partly: 'works now, another complaint stays',
  'still-failing': 'did not cure',
}

/** An answer in words, as its buttons say it. */
export function answerText({ kind, subject }: Omit<Finding, 'answer'>, answer: string, pack: Pack): string {
  switch (kind) {
    case 'SIGN':
      return SIGN_ANSWERS[answer] ?? answer
    case 'FACT':
      return byId(byId(pack.facts, subject)?.choices ?? [], answer)?.name ?? answer
    case 'CODE':
      return 'shown'
    case 'CHECK':
      return byId(byId(pack.checks, subject)?.outcomes ?? [], answer)?.name ?? answer
    case 'REMEDY':
      return REMEDY_ANSWERS[answer] ?? answer
  }
}

/** "Code d4", or the pattern of lights itself. */
export const codeName = (code: Pick<Code, 'code' | 'display'>) =>
  code.display === 'LIGHTS' ? code.code : `Code ${code.code}`

/** A finding in words: what, and what came of it. */
export function findingText(finding: Finding, pack: Pack, codes: Code[]): { what: string; result: string } {
  const { kind, subject, answer } = finding
  const result = finding.says ?? answerText(finding, answer, pack)
  switch (kind) {
    case 'SIGN': {
      const sign = byId(pack.signs, subject)
      if (answer === 'yes') return { what: sign?.name ?? subject, result: '' }
      return { what: sign?.ask ?? subject, result }
    }
    case 'FACT':
      return { what: byId(pack.facts, subject)?.name ?? subject, result }
    case 'CODE': {
      const code = codes.find((c) => c.code.toLowerCase() === subject.toLowerCase())
      return { what: code ? codeName(code) : `Code ${subject}`, result: code?.meaning ?? 'not in the tables' }
    }
    case 'CHECK':
      return { what: byId(pack.checks, subject)?.name ?? subject, result }
    case 'REMEDY':
      return { what: byId(pack.remedies, subject)?.name ?? subject, result }
  }
}

/** The same in as few words as will do. */
export function shortText(finding: Finding, pack: Pack, codes: Code[]): string {
  const { what, result } = findingText(finding, pack, codes)
  if (finding.kind === 'CODE') return what
  if (finding.kind === 'CHECK') return result
  if (finding.kind === 'SIGN' && finding.answer !== 'yes')
    return `no ${lowerFirst(byId(pack.signs, finding.subject)?.name ?? what)}`
  return result ? `${what}: ${result}` : what
}

/** Weight of evidence with its sign, for example "+6" or "−4". */
export function weight(decibans: number): string {
  const rounded = Math.round(decibans)
  return rounded < 0 ? `−${-rounded}` : `+${rounded}`
}

/** The fault that would lead, in words. */
export const leaderName = (leader: Turn['leader'], pack: Pack) =>
  byId(pack.faults, leader)?.name ?? 'None of these'
