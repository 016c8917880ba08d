import { computed, type Ref } from 'vue'
import { useConsequence } from '../api/queries'
import type { Knowhow, Supposition } from '../api/types'
import { shortText } from '../judgement/wording'
import { useDraft } from '../ui/drafts'

/** A machine that need not exist: what it has, what is supposed to be found on it, and what would follow. */
export function useWhatIf(knowhow: Ref<Knowhow>) {
  const { id, features: known } = knowhow.value.pack
  const usual = known.filter((feature) => feature.usual).map((feature) => feature.id)
  const features = useDraft<string[]>(`what-if:${id}:features`, usual)
  const findings = useDraft<Supposition[]>(`what-if:${id}`, [])
  const consequence = useConsequence(id, () => ({ features: features.value, findings: findings.value }))

  const answerTo = (kind: Supposition['kind'], subject: string) =>
    findings.value.find((one) => one.kind === kind && one.subject === subject)?.answer

  /** Supposes an answer in place of another one to the same thing; without an answer supposes nothing of it. */
  function suppose(kind: Supposition['kind'], subject: string, answer?: string, maker?: string) {
    const others = findings.value.filter((one) => one.kind !== kind || one.subject !== subject)
    findings.value = answer ? [...others, { kind, subject, answer, maker }] : others
  }

  return {
    features,
    findings,
    data: consequence.data,
    problem: consequence.failureReason,
    answerTo,
    suppose,
    clear: () => {
      findings.value = []
      features.value = usual
    },
    words: computed(() =>
      findings.value.map((finding) =>
        shortText(
          finding,
          knowhow.value.pack,
          knowhow.value.codes.filter((code) => code.maker === finding.maker),
        ),
      ),
    ),
  }
}
