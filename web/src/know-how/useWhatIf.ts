import { computed, type Ref } from 'vue'
import { useConsequence } from '../api/queries'
import type { Finding, Knowhow, Supposition } from '../api/types'
import { sameQuestion } from '../judgement/finding'
import { shortText } from '../judgement/wording'
import { useDraft } from '../ui/kept/drafts'

/** A machine that need not exist: what it has, what is supposed to be found on it, and what would follow. */
export function useWhatIf(knowhow: Ref<Knowhow>) {
  const { id, features: known } = knowhow.value.pack
  const usual = known.filter((feature) => feature.usual).map((feature) => feature.id)
  const features = useDraft<string[]>(`what-if:${id}:features`, usual)
  const findings = useDraft<Supposition[]>(`supposed:${id}`, [])
  const consequence = useConsequence(knowhow, () => ({ features: features.value, findings: findings.value }))

  /** What is supposed of a symptom. */
  function answerTo(symptom: string) {
    for (const { finding } of findings.value)
      if (finding.kind === 'symptom-settled' && finding.symptom === symptom) return finding.answer
  }

  /** The choice that is supposed of a fact. */
  function choiceOf(fact: string) {
    for (const { finding } of findings.value)
      if (finding.kind === 'fact-known' && finding.fact === fact) return finding.choice
  }

  /** Supposes a finding in place of another one of the same thing. */
  function suppose(finding: Finding, maker?: string) {
    forget(finding)
    findings.value = [...findings.value, { finding, maker }]
  }

  /** Supposes nothing of it any more. */
  function forget(finding: Finding) {
    findings.value = findings.value.filter((one) => !sameQuestion(one.finding, finding))
  }

  return {
    features,
    findings,
    data: consequence.data,
    problem: consequence.failureReason,
    answerTo,
    choiceOf,
    suppose,
    forget,
    clear: () => {
      findings.value = []
      features.value = usual
    },
    words: computed(() =>
      findings.value.map(({ finding, maker }) =>
        shortText(
          finding,
          knowhow.value.pack,
          knowhow.value.codes.filter((code) => code.maker === maker),
        ),
      ),
    ),
  }
}
