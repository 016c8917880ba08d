import type { Stage } from '../../api/types'

/** The segments of the ring. */
export const STAGE_TITLE: Record<Stage, string> = {
  CALL: 'Call',
  SAFE: 'Safe',
  FIND: 'Find',
  OPEN: 'Open',
  CURE: 'Cure',
  CLEAN: 'Clean',
  CLOSE: 'Close',
  PROVE: 'Prove',
  HAND_OVER: 'Hand over',
}
