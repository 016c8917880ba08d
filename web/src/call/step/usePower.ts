import { computed } from 'vue'
import type { Step } from '../../api/types'
import { byId } from '../../judgement/byId'
import { useCallContext } from '../context'

/** What a step wants of the machine's power, what comes first because of it, and whether it may be made as the machine now is. */
export function usePower(step: () => Pick<Step, 'kind' | 'id'> | undefined) {
  const { call, pack } = useCallContext()
  const now = computed(() => call.value.now)

  const power = computed(() => {
    const { kind, id } = step() ?? {}
    if (kind === 'CHECK') return byId(pack.value.checks, id)?.power
    if (kind === 'REMEDY') return byId(pack.value.remedies, id)?.power
    return kind === 'PROVE' ? byId(pack.value.proofs, id)?.power : undefined
  })
  /** Names of the pieces that go back before it. */
  const off = computed(() => {
    if (power.value !== 'LIVE') return []
    const { kind, id } = step()!
    return (kind === 'CHECK' && now.value.offFor[id]) || now.value.off
  })
  const quarantined = computed(() => now.value.supply === 'QUARANTINED')
  /** It cannot be entered: an alarm is not cleared, or something of the machine is off. */
  const blocked = computed(() => power.value === 'LIVE' && (quarantined.value || off.value.length > 0))
  /** What is done with its power before the step, in a sentence; nothing where it is so already. */
  const first = computed(() => {
    if (power.value === 'DEAD' && now.value.supply === 'LIVE')
      return 'Cut it off: unplugged, its breaker off, or the battery out.'
    return power.value === 'LIVE' && now.value.supply === 'ISOLATED' && !blocked.value
      ? 'Hands out, covers on, then give it power.'
      : undefined
  })
  return { off, quarantined, blocked, first }
}
