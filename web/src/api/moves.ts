import { answer, api, patience } from './client'
import type { PartMoving } from './types'

/** Changes how many of a part are on a van; sent again, it changes nothing twice. */
export const moved = (partId: string, body: PartMoving) =>
  answer(() =>
    api.POST('/api/parts/{partId}/moves', { params: { path: { partId } }, body, signal: patience() }),
  )
