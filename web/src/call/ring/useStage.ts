import { computed } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { Call, Stage } from '../../api/types'

const hash = (stage: Stage) => `#${stage.toLowerCase().replace('_', '-')}`

/**
 * The segment of the ring that is shown: the one that was touched, or else the one at which the work stands. It is kept in
 * the address, so that it survives a reload and the way back works.
 */
export function useStage(call: () => Call) {
  const route = useRoute()
  const router = useRouter()
  /** The call on which somebody has gone on to what comes next. */
  let goneOn: string | undefined
  const touched = computed(() => call().ring.find(({ stage }) => hash(stage) === route.hash)?.stage)
  return {
    touched,
    shown: computed(() => touched.value ?? call().stands),
    /** Shows a segment; without one, that at which the work stands. */
    show(stage?: Stage) {
      if (!stage) goneOn = call().head.id
      void router.push({ hash: stage ? hash(stage) : '' })
    },
    /**
     * Stays at a segment although the work will stand at another one: a customer tells several things in a row. Who has gone on is
     * not brought back by an answer that came late, and did not know yet of what was told.
     */
    stay(stage: Stage) {
      if (goneOn !== call().head.id) void router.replace({ hash: hash(stage) })
    },
  }
}

export type StageChoice = ReturnType<typeof useStage>
