import { computed } from 'vue'
import type { Step } from '../../api/types'
import { byId } from '../../judgement/byId'
import { useCallContext } from '../context'

/** What the pack has about the work of a step, as it fits this call. */
export function useStepWork(step: () => Pick<Step, 'kind' | 'id'> | undefined) {
  const { call, pack } = useCallContext()
  const of = <T extends { id: string }>(kind: Step['kind'], all: () => T[]) =>
    computed(() => (step()?.kind === kind ? byId(all(), step()!.id) : undefined))
  const check = of('CHECK', () => pack.value.checks)
  const remedy = of('REMEDY', () => pack.value.remedies)
  const proof = of('PROVE', () => pack.value.proofs)
  return {
    check,
    remedy,
    method: computed(() => (check.value ?? remedy.value ?? proof.value)?.steps ?? []),
    /** Those of the work, and of the layers around it. */
    cautions: computed(() => {
      const { checkCautions, remedyCautions } = call.value.applicable
      if (check.value) return checkCautions[check.value.id] ?? []
      return remedy.value ? (remedyCautions[remedy.value.id] ?? []) : []
    }),
    /** What the schools that the technician follows say here. */
    notes: computed(() => {
      const { checkNotes, remedyNotes } = call.value.applicable
      if (check.value) return checkNotes[check.value.id] ?? []
      return remedy.value ? (remedyNotes[remedy.value.id] ?? []) : []
    }),
  }
}
