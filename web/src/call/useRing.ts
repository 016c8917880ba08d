import { computed } from 'vue'
import { useCallContext } from './context'

/** The ring, with the segment that is shown. */
export function useRing() {
  const { call, stage } = useCallContext()
  const segments = computed(() =>
    call.value.ring.map((segment) => ({ ...segment, shown: segment.stage === stage.shown.value })),
  )
  return { segments, shown: computed(() => segments.value.find((segment) => segment.shown)!) }
}
