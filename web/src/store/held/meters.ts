import { ask, tell } from '../../core/core'
import type { Sample } from '../../readings/useMeter'
import { session, told } from './held'
import { ofCall } from './ofCall'
import { knowhowInUse } from './days'

/** Where a simulated meter is: at a check of a call's machine, or of one of a kind to practise with. */
export interface MeterAt {
  call?: string
  kind: string
  check: string
}

/** What a simulated meter of this device's own shows next, after so many samples. */
export async function sampleHere({ call, kind, check }: MeterAt, given: number): Promise<Sample> {
  const held = call ? await ofCall(call, told) : undefined
  const knowhow = held?.knowhow ?? (await knowhowInUse(kind))
  await tell(knowhow)
  return ask('sample', { held, knowhow, check, machine: 1, given, units: session().units })
}
