import { computed } from 'vue'
import type { Proof, ProofRun } from '../../api/types'
import { useCallContext } from '../context'

/** The proof of a function as far as it has come, and how it is carried on. */
export function useProofRun(proof: () => Proof) {
  const { call, actions } = useCallContext()
  const line = computed(() => call.value.job.proofs.find(({ what }) => what.proof === proof().id))
  const run = computed<ProofRun>(
    () => line.value?.what ?? { kind: 'proof-run', proof: proof().id, runs: 0, dry: [], lightOut: false },
  )
  return {
    run,
    change: (some: Partial<ProofRun>) => actions.write({ ...run.value, ...some }, line.value),
  }
}
