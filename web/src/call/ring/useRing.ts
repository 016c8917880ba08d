import { computed } from 'vue'
import { useCallContext } from '../context'
import { STAGE_TITLE } from './stageTitle'

/** The ring, with the segment that is shown. */
export function useRing() {
  const { call, stage } = useCallContext()
  const segments = computed(() =>
    call.value.ring.map((segment) => ({
      ...segment,
      title: STAGE_TITLE[segment.stage],
      sealed: !segment.gaps.length,
      shown: segment.stage === stage.shown.value,
    })),
  )
  return { segments, shown: computed(() => segments.value.find((segment) => segment.shown)!) }
}
