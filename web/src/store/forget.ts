import { queryClient } from '../api/queryClient'
import { forgetDrafts } from '../ui/drafts'
import { forgetLastCall } from '../ui/lastCall'
import { forgetDevice, forgetKept } from './storage'
import { forgetTapped } from './tapped'

/** Leaves nothing on this device of whoever was signed in, and begins anew. */
export async function forgetAndBeginAnew() {
  await forgetDevice()
  forgetTyped()
  queryClient.clear()
  location.assign('/')
}

/** Leaves nothing of whoever was signed in here before; this page shows nothing of it. */
export async function forgetBefore() {
  await forgetKept()
  forgetTyped()
}

function forgetTyped() {
  forgetDrafts()
  forgetTapped()
  forgetLastCall()
}
