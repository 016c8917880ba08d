import { Problem } from '../../api/problem'
import type { Gauge, Judgement, Written } from '../../api/types'
import { ask } from '../../core/core'
import { session, told } from './held'
import { ofCall } from './ofCall'

const toldOf = async (call?: string) => (call ? ofCall(call, told) : undefined)

/** Every gauge, with the data of a call's machine where it is about one. */
export const gaugesHere = async (call?: string): Promise<Gauge[]> =>
  (await ask('gauges', { held: await toldOf(call), units: session().units })).gauges

/** What is entered at a gauge, judged by this device. */
export async function judgeHere(
  gauge: string,
  inputs: Record<string, Written>,
  call?: string,
): Promise<Judgement> {
  const held = await toldOf(call)
  const typed = Object.fromEntries(Object.entries(inputs).map(([id, one]) => [id, { text: '', ...one }]))
  const answer = await ask('judge', { held, gauge, inputs: typed, units: session().units })
  if (!answer.judgement) throw new Problem('invalid', answer.problem!, answer.fields)
  return answer.judgement
}
