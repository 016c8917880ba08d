import { computed } from 'vue'
import type { Call } from '../../api/types'
import { useCallContext } from '../context'
import { STAGE_TITLE } from './stageTitle'

/** How a segment looks: one without gaps, of which nothing was there to do so far, is not done yet. */
export type Look = 'open' | 'sealed' | 'nothing due yet'

export function lookOf({ stage, gaps }: Call['ring'][number], { head, cautions, job }: Call): Look {
  if (gaps.length) return 'open'
  const worked: Partial<Record<typeof stage, boolean>> = {
    SAFE: !!cautions.length,
    OPEN: !!job.pieces.length,
    CLOSE: !!job.pieces.length || !!job.debts.length,
    PROVE: !!job.proofs.length,
  }
  return head.closing || (worked[stage] ?? true) ? 'sealed' : 'nothing due yet'
}

/** The ring, with the segment that is shown. */
export function useRing() {
  const { call, stage } = useCallContext()
  const segments = computed(() =>
    call.value.ring.map((segment) => ({
      ...segment,
      title: STAGE_TITLE[segment.stage],
      look: lookOf(segment, call.value),
      shown: segment.stage === stage.shown.value,
    })),
  )
  return { segments, shown: computed(() => segments.value.find((segment) => segment.shown)!) }
}
