import { computed } from 'vue'
import { useCallContext } from './context'

/** The ring with the segment that the work stands at: the first that is not sealed. */
export function useRing() {
  const { call } = useCallContext()
  const current = computed(() => call.value.ring.find((segment) => !segment.sealed)?.stage)
  return {
    current,
    segments: computed(() =>
      call.value.ring.map((segment) => ({
        ...segment,
        state: segment.sealed ? 'sealed' : segment.stage === current.value ? 'current' : 'open',
      })),
    ),
  }
}
