import { answer, api } from '../../api/client'
import { Problem } from '../../api/problem'
import type { Consequence, Knowhow, Supposed } from '../../api/types'
import { ask, tell, tellAnew } from '../../core/core'
import { newOfKind } from './days'

/** What would follow if a machine were found so. */
export async function supposedHere({ pack, revision }: Knowhow, supposed: Supposed): Promise<Consequence> {
  const knowhow = `${pack.id}/${revision}`
  await tell(knowhow)
  return follows(knowhow, pack.id, supposed)
}

/** The same by the draft of a kind, which has to be sound. */
export async function supposedOfDraft(kind: string, supposed: Supposed): Promise<Consequence> {
  const params = { path: { kind } }
  const text = await answer(() => api.GET('/api/know-how/{kind}/draft/know-how', { params, parseAs: 'text' }))
  const knowhow = `${kind}/draft`
  await tellAnew(knowhow, text)
  return follows(knowhow, kind, supposed)
}

async function follows(knowhow: string, kind: string, supposed: Supposed): Promise<Consequence> {
  const { circumstances } = await newOfKind(kind)
  const { consequence, problem } = await ask('suppose', { knowhow, circumstances, supposed })
  if (!consequence) throw new Problem('invalid', problem!)
  return consequence
}
