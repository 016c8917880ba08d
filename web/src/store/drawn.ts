import { useDebounceFn } from '@vueuse/core'
import { callKey, queryClient } from '../api/queryClient'
import type { Call } from '../api/types'
import { build } from '../core/core'
import { held } from './held'
import { storage } from './storage'

/** A call is not written down again while answers follow one another. */
const LATER_MS = 1_000

/** Writes down how a call was drawn. */
export const noteDrawn = useDebounceFn(async (view: Call) => {
  const db = await storage().catch(() => undefined)
  await db?.put('drawn', { by: build, view }, view.head.id).catch(() => undefined)
}, LATER_MS)

/** Draws a call as it was drawn last, if it stands as it did: on a slow phone the core takes its time to start. */
export async function drawAsBefore(id: string) {
  const drawn = await storage()
    .then((db) => db.get('drawn', id))
    .catch(() => undefined)
  if (drawn?.by !== build || (await held(id))?.call.head.version !== drawn.view.head.version) return
  const key = callKey(id)
  if (!queryClient.getQueryData(key)) queryClient.setQueryData(key, drawn.view)
}
