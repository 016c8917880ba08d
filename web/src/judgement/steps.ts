import type { Step } from '../api/types'

/** Names a step among all that can be done; the same step has the same key in every assessment. */
export const stepKey = (step: Pick<Step, 'kind' | 'id'>) => `${step.kind}:${step.id}`
