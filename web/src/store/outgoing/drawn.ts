import { until, useDebounceFn, useIdle } from '@vueuse/core'
import { callKey, queryClient } from '../../api/queryClient'
import type { Call, HeldCall } from '../../api/types'
import { build } from '../../core/core'
import { held, viewOf } from '../held/held'
import { storage } from '../storage'

/** A call is not written down again while answers follow one another. */
const LATER_MS = 1_000

/** The core answers one question after the other: those of whoever taps or types come first. */
const QUIET_MS = 2_000
const { idle: quiet } = useIdle(QUIET_MS)

async function write(view: Call) {
  const db = await storage().catch(() => undefined)
  await db?.put('drawn', { by: build, view }, view.head.id).catch(() => undefined)
}

/** Writes down how a call was drawn. */
export const noteDrawn = useDebounceFn(write, LATER_MS)

/** How a call was drawn last, if it stands as it did and this page's core drew it. */
async function drawnOf({ call: { head } }: HeldCall): Promise<Call | undefined> {
  const drawn = await storage()
    .then((db) => db.get('drawn', head.id))
    .catch(() => undefined)
  return drawn?.by === build && drawn.view.head.version === head.version ? drawn.view : undefined
}

/** Draws a call as it was drawn last: on a slow phone the core takes its time to start. */
export async function drawAsBefore(id: string) {
  const one = await held(id)
  const view = one && (await drawnOf(one))
  const key = callKey(id)
  if (view && !queryClient.getQueryData(key)) queryClient.setQueryData(key, view)
}

/** Works out how calls are drawn that may be opened next, while nobody does anything. */
export async function drawAhead(calls: HeldCall[]) {
  for (const one of calls) {
    await until(quiet).toBe(true)
    if (!(await drawnOf(one))) await write(await viewOf(one))
  }
}
