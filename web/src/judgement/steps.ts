import type { Step } from '../api/types'
import { hours, lowerFirst } from '../ui/text/format'

/** Names a step among all that can be done; the same step has the same key in every assessment. */
export const stepKey = (step: Pick<Step, 'kind' | 'id'>) => `${step.kind}:${step.id}`

/** The step that a key names. */
export function ofKey(key: string): Pick<Step, 'kind' | 'id'> {
  const colon = key.indexOf(':')
  return { kind: key.slice(0, colon) as Step['kind'], id: key.slice(colon + 1) }
}

/** What has to be waited for, and how that is best borne. */
export function waitingText({ way, minutes }: Step['waiting']): string {
  switch (way) {
    case 'NONE':
      return ''
    case 'WAIT':
      return `and ${hours(minutes)} to dry`
    case 'SPARE':
      return `dries ${hours(minutes)}: a dry spare goes in`
    case 'LEAVE':
      return `dries ${hours(minutes)}: the customer puts it back`
    case 'RETURN_DRY':
      return `dries ${hours(minutes)}: come back`
    case 'RETURN_PART':
      return `and ${hours(minutes)} to fetch the part`
    case 'HANDED_ON':
      return 'by somebody qualified'
  }
}

/** A proof is named by what works, as "It drains"; as a step it is a check of that. */
export const titleOf = ({ kind, name }: Pick<Step, 'kind' | 'name'>) =>
  kind === 'PROVE' ? `Check that ${lowerFirst(name)}` : name
